import { newRecord } from "@/records/base";
import type { Check } from "@/records/check";
import type { Duty } from "@/records/duty";
import type { Run } from "@/records/run";
import { emptyStock, sampleSite } from "@/testing/emptyStock";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { sampleBottle, sampleCheck, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { dutiesDue, type DutiesOf } from "./duties";

const day = new Date("2026-06-01T10:00:00Z");
const noon = (iso: string) => new Date(`${iso}T12:00:00`).getTime();

function due(part: Partial<DutiesOf>, now = day) {
  const none = { ...emptyStock, duties: [], runs: [], site: sampleSite };
  return dutiesDue({ ...none, ...part }, now, catalogueBook);
}

const told = (of: string, part: Partial<Duty>): Duty => ({
  ...newRecord("duty", day),
  of,
  ...part,
});

describe("checks", () => {
  const checkOf = (product: "oil" | "hydrosol" | "liquor", checks: Check[] = []) =>
    due({
      lots: [sampleLot("h", { product })],
      bottles: [sampleBottle("h1", "h", 80)],
      checks,
    }).filter(({ kind }) => kind === "check");

  test.each([
    ["oil", "2026-11-02"],
    ["hydrosol", "2026-07-03"],
    ["liquor", "2026-05-07"],
  ] as const)("a %s that was made on 4 May is looked at first on %s", (product, first) => {
    const [check] = checkOf(product);
    expect(check!.at.getTime()).toBe(noon(first));
    expect(check).toMatchObject({ key: "check/h/0", allDay: true, of: { lot: { id: "h" } } });
  });

  test("the next one counts from the last, and is changed with it", () => {
    const fine = sampleCheck("c", "2026-07-01T09:00:00Z", {
      smell: "asItWas",
      updatedAt: "2026-07-01T09:05:00.000Z",
    });
    const [check] = checkOf("hydrosol", [fine]);
    expect(check!.at.getTime()).toBe(noon("2026-08-30"));
    expect(check).toMatchObject({ key: "check/h/1", changedAt: fine.updatedAt });
    expect(checkOf("hydrosol")[0]!.changedAt).toBe("2026-06-01T06:00:00.000Z");
  });

  test("what is to be thrown away is not looked at again", () => {
    expect(
      checkOf("hydrosol", [sampleCheck("c", "2026-07-01T09:00:00Z", { smell: "sour" })]),
    ).toEqual([]);
  });
});

describe("best-by", () => {
  const shelf = {
    lots: [sampleLot("a")],
    bottles: [
      sampleBottle("late", "a", 30, { bestBy: "2026-09-20" }),
      sampleBottle("first", "a", 30, {
        bestBy: "2026-08-20",
        updatedAt: "2026-06-02T08:00:00.000Z",
      }),
    ],
  };
  const one = (now: string) => due(shelf, new Date(now)).find(({ key }) => key === "bestBy/a")!;

  test("thirty days before its first bottle's a lot is told of, with all of its bottles", () => {
    const told = one("2026-07-01T08:00:00Z");
    expect(told.kind).toBe("bestBy");
    expect(told.at.getTime()).toBe(noon("2026-07-21"));
    expect(told.changedAt).toBe("2026-06-02T08:00:00.000Z");
    expect("bottles" in told.of && told.of.bottles.map(({ id }) => id)).toEqual(["first", "late"]);
  });

  test("on its last day a bottle is not past it, on the next it is", () => {
    expect(one("2026-08-20T20:00:00Z").kind).toBe("bestBy");
    const past = one("2026-08-21T08:00:00Z");
    expect(past.kind).toBe("past");
    expect(past.at.getTime()).toBe(noon("2026-08-21"));
  });
});

describe("what a person said of it", () => {
  const lots = [sampleLot("open")];

  test("put off, it stands at the later day and is changed when that was said", () => {
    const later = "2026-06-05T10:00:00.000Z";
    const [put] = due({
      lots,
      duties: [told("bottle/open", { putOffUntil: later, updatedAt: "2026-06-02T00:00:00.000Z" })],
    });
    expect(put).toMatchObject({ kind: "bottle", changedAt: "2026-06-02T00:00:00.000Z" });
    expect(put!.at.toISOString()).toBe(later);
  });

  test("put off to before it is due, it stands where it was; of what is old the newer change counts", () => {
    const [put] = due({
      lots,
      duties: [
        told("bottle/open", {
          putOffUntil: "2026-05-01T10:00:00.000Z",
          updatedAt: "2026-05-01T00:00:00.000Z",
        }),
      ],
    });
    expect(put!.at.getTime()).toBe(noon("2026-05-04"));
    expect(put!.changedAt).toBe("2026-06-01T06:00:00.000Z");
  });

  test("done before it was due, it comes again; done on its day, it is gone", () => {
    const said = (doneAt: string) => due({ lots, duties: [told("bottle/open", { doneAt })] });
    expect(said("2026-05-03T08:00:00Z")).toHaveLength(1);
    expect(said("2026-05-04T08:00:00Z")).toEqual([]);
  });

  test("all of it stands in the order of its moments", () => {
    const at = due({
      lots: [
        sampleLot("new", { madeOn: "2026-05-20" }),
        sampleLot("old", { madeOn: "2026-05-02" }),
      ],
    }).map(({ key }) => key);
    expect(at).toEqual(["bottle/old", "bottle/new"]);
  });
});

describe("runs", () => {
  const off = [
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "firstDrop" }),
    entryAt(80, { type: "heatOff" }),
  ];
  const measured = (part: object = {}) => [
    ...off,
    entryAt(300, { type: "separated", oilMl: 4, hydrosolMl: 600, ...part }),
  ];
  const kinds = (run: Run, now: string) =>
    due({ runs: [run] }, new Date(now)).map(({ kind }) => kind);

  test("what parts after the separating is told for a week, not of a poured-together run, nor once it was drawn", () => {
    expect(kinds(sampleRun(measured()), "2026-05-12T13:30:00Z")).toEqual(["secondDraw"]);
    expect(kinds(sampleRun(measured()), "2026-05-13T13:30:00Z")).toEqual([]);
    expect(kinds(sampleRun(measured({ oilMl: 0 })), "2026-05-05T13:30:00Z")).toEqual([]);
    expect(kinds(sampleRun(measured({ pool: "p" })), "2026-05-05T13:30:00Z")).toEqual([]);
    const drawn = [...measured(), entryAt(1800, { type: "drawnOff", oilMl: 0.3 })];
    expect(kinds(sampleRun(drawn), "2026-05-05T13:30:00Z")).toEqual([]);
  });

  test("a settling oil is told of by the run's own key and moment, and one that never parts is not", () => {
    const run = sampleRun(off);
    const [settled] = due({ runs: [run] }, new Date("2026-05-04T09:30:00Z"));
    expect(settled).toMatchObject({
      kind: "settled",
      key: "settled/run-a",
      allDay: false,
      of: { run },
      changedAt: run.updatedAt,
    });
    const halfHour = { ...run, plan: { ...run.plan, schools: { settling: "halfHour" } } } as Run;
    const [at] = due({ runs: [halfHour] }, new Date("2026-05-04T09:30:00Z"));
    expect(at!.at.toISOString()).toBe("2026-05-04T09:50:00.000Z");
    const hanging = { ...run, plantId: "clove", plan: { ...run.plan, schools: undefined } } as Run;
    expect(
      due({ runs: [hanging] }, new Date("2026-05-04T09:30:00Z")).every(({ at: by }) =>
        Number.isFinite(by.getTime()),
      ),
    ).toBe(true);
  });

  test("ice is only asked for where the plan needs some", () => {
    const planned = sampleRun([]);
    expect(due({ runs: [planned] })).toEqual([]);
    const iced = { ...planned, plan: { ...planned.plan, iceKg: 0 } };
    expect(due({ runs: [iced] })).toEqual([]);
  });
});

describe("scale", () => {
  /* Each run leaves 0.7 · 400 mg/L · 30 L = 8.4 g: 20 are there with the third. */
  const runs = Array.from({ length: 7 }, (_, i): Run => {
    const run = sampleRun([entryAt(i * 1440, { type: "lit" })], `run-${i}`);
    return { ...run, plan: { ...run.plan, waterMl: 30000 } };
  });
  const descale = (some: Run[], hardnessMgPerL?: number) =>
    due({ runs: some, site: { ...sampleSite, hardnessMgPerL } as DutiesOf["site"] }).filter(
      ({ kind }) => kind === "descale",
    );

  test("it is due with the run that brought it, once more after as much again", () => {
    expect(descale(runs.slice(0, 2), 400)).toEqual([]);
    const [third] = descale(runs.slice(0, 3), 400);
    expect(third).toMatchObject({ key: "descale/still-a/1", allDay: true, of: { run: runs[2] } });
    expect(third!.at.toISOString()).toBe(runs[2]!.entries[0]!.at);
    const [sixth, ...more] = descale([...runs].reverse(), 400);
    expect(more).toEqual([]);
    expect(sixth).toMatchObject({ key: "descale/still-a/2", of: { run: { id: "run-5" } } });
  });

  test("soft water leaves none, each still has its own, and what was only planned left nothing", () => {
    expect(descale(runs, 0)).toEqual([]);
    expect(descale(runs)).toEqual([]);
    const two = runs.slice(0, 4).map((run, i) => ({ ...run, stillId: `still-${i % 2}` }));
    expect(descale(two, 400)).toEqual([]);
    const planned = runs.slice(0, 3).map((run) => ({ ...run, entries: [] }));
    expect(descale(planned, 400)).toEqual([]);
  });
});

describe("a place that stands empty", () => {
  const emptied = (part: object = {}) =>
    sampleUse("last", { bottleId: "a1", amountMl: 100, at: "2026-05-20T08:00:00.000Z", ...part });

  test("is told of once, by the last use of it, and for thirty days", () => {
    const earlier = sampleUse("before", {
      bottleId: "a0",
      amountMl: 40,
      at: "2026-05-10T08:00:00.000Z",
    });
    const of = {
      lots: [sampleLot("a")],
      bottles: [sampleBottle("a0", "a", 40), sampleBottle("a1", "a", 60)],
      uses: [emptied({ amountMl: 60, updatedAt: "2026-05-21T08:00:00.000Z" }), earlier],
    };
    const [out, ...more] = due(of);
    expect(more).toEqual([]);
    expect(out).toMatchObject({
      kind: "ranOut",
      key: "ranOut/last",
      changedAt: "2026-05-21T08:00:00.000Z",
    });
    expect(out!.at.toISOString()).toBe("2026-05-20T08:00:00.000Z");
    expect(due(of, new Date("2026-06-19T08:00:00Z"))).toHaveLength(1);
    expect(due(of, new Date("2026-06-20T08:00:00Z"))).toEqual([]);
  });

  test("not of a blend or what was bought; its hydrosol does not stand in for its oil", () => {
    const shelf = (part: object, ...more: ReturnType<typeof sampleLot>[]) =>
      due({
        lots: [sampleLot("a", part), ...more],
        bottles: [sampleBottle("a1", "a", 100)],
        uses: [emptied()],
      }).map(({ kind }) => kind);
    expect(shelf({ origin: "bought" })).toEqual([]);
    expect(shelf({ origin: "blend" })).toEqual([]);
    expect(shelf({}, sampleLot("w", { product: "hydrosol" }))).toEqual(["bottle", "ranOut"]);
    expect(shelf({}, sampleLot("other", { plantId: "clarysage" }))).toEqual(["bottle", "ranOut"]);
  });

  test("a lot that was used up without a bottle stands empty too", () => {
    const [out] = due({
      lots: [sampleLot("a")],
      uses: [emptied({ bottleId: undefined, lotId: "a" })],
    });
    expect(out).toMatchObject({ kind: "ranOut", of: { lot: { id: "a" } } });
  });
});
