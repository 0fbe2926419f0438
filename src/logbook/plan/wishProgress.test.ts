import { wishWords } from "@/words/wishWords";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { sampleRun } from "@/testing/sampleRecords";
import { catalogueBook } from "../plant/plantBook";
import { summarise } from "../run/runSummary";
import { wishProgress } from "./wishProgress";

const harvest: Harvest = {
  ...newRecord("harvest", new Date("2026-07-14T08:00:00Z")),
  plantId: "lavender",
  state: "fresh",
  cutOn: "2026-07-14",
  massG: 4000,
};

function charge(number: number, oilMl?: number, wish: Partial<PlanDraft> = {}) {
  const run = sampleRun();
  const at = "2026-07-14T12:00:00.000Z";
  return summarise(
    {
      ...run,
      id: `run-${number}`,
      number,
      harvestId: harvest.id,
      draft: {
        ...emptyDraft("metric"),
        goal: "want",
        wishWhat: "oil",
        wishText: "10",
        wishUnit: "mL",
        ...wish,
      },
      entries:
        oilMl === undefined
          ? []
          : [{ id: `e-${number}`, at, type: "separated", oilMl, hydrosolMl: 600 }],
      plan: { ...run.plan, chargeG: 800 },
    },
    catalogueBook,
  );
}

test("after one charge of 2.5 mL three more are to go, by what it brought", () => {
  const wish = wishProgress(harvest, [charge(1, 2.5)])!;
  expect(wish).toMatchObject({ wantedMl: 10, gotMl: 2.5, toGo: 3, underWay: 0, enough: true });
  expect(wishWords(wish, "metric")).toBe("2.5 mL of 10 mL oil, about 3 charges to go.");
});

test("a charge that is not measured yet counts as the others did; what is there is there", () => {
  const waiting = wishProgress(harvest, [charge(1, 5), charge(2)])!;
  expect(waiting).toMatchObject({ toGo: 0, underWay: 1 });
  expect(wishWords(waiting, "metric")).toContain("1 charge not measured yet");
  const there = wishProgress(harvest, [charge(1, 5), charge(2, 5)])!;
  expect(wishWords(there, "metric")).toBe("10 mL of 10 mL oil: you have it.");
});

test("too little plant for the rest is said; a harvest without a wish has none", () => {
  const short = wishProgress({ ...harvest, massG: 1700 }, [charge(1, 2.5)])!;
  expect(short.enough).toBe(false);
  expect(wishWords(short, "metric")).toContain("not enough");
  expect(wishProgress({ ...harvest, id: "another" }, [charge(1, 2.5)])).toBeUndefined();
});

test("before the first is measured the plan says what a charge brings", () => {
  const planned = sampleRun().plan.forecast;
  const oil = wishProgress(harvest, [charge(1)])!;
  expect(oil.toGo).toBe(Math.ceil((10 - planned.visibleMl.p50) / planned.visibleMl.p50));
  const hydrosol = { wishWhat: "hydrosol", wishText: "2", wishUnit: "L" } as const;
  const water = wishProgress(harvest, [charge(1, undefined, hydrosol)])!;
  expect(water).toMatchObject({ what: "hydrosol", wantedMl: 2000, gotMl: 0, underWay: 1 });
  expect(water.toGo).toBe(Math.ceil((2000 - planned.distillateMl) / planned.distillateMl));
  expect(wishProgress(harvest, [charge(1, 3, hydrosol)])).toMatchObject({ gotMl: 600 });
});

test("the first charge that had a wish names it, whatever order they come in; one that cannot be read is none", () => {
  const none = { goal: "have" } as const;
  const all = [
    charge(3, 2, { wishText: "30" }),
    charge(1, 2, none),
    charge(2, 2, { wishText: "20" }),
  ];
  expect(wishProgress(harvest, all)).toMatchObject({ wantedMl: 20, gotMl: 6, toGo: 7 });
  for (const wish of [none, { wishText: "" }, { wishText: "lots" }, { wishText: "-1" }])
    expect(wishProgress(harvest, [charge(1, 2, wish)])).toBeUndefined();
});

test("charges that brought nothing do not tell how many more are needed", () => {
  expect(wishProgress(harvest, [charge(1, 0)])).toMatchObject({ gotMl: 0, toGo: 0, enough: true });
});

test("the last charge of a harvest may be a tenth smaller", () => {
  const left = (massG: number) => wishProgress({ ...harvest, massG: 800 + massG }, [charge(1, 5)])!;
  expect(left(720)).toMatchObject({ toGo: 1, enough: true });
  expect(left(719).enough).toBe(false);
});
