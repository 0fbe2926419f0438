import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { measuredRun, sampleRun } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { summarise } from "../run/runSummary";
import { knownOfPlant, stretches } from "./knownOfPlant";

const inYear = (run: Run, year: number): Run => ({
  ...run,
  entries: run.entries.map((entry) => ({ ...entry, at: entry.at.replace("2026", String(year)) })),
});
const known = (runs: readonly Run[], trials: Trial[] = [], plantId = "lavender") =>
  knownOfPlant(
    plantId,
    runs.map((run) => summarise(run, catalogueBook)),
    trials,
    catalogueBook,
  );
const dry = (run: Run) => summarise(run, catalogueBook).result!.mlPerKgDry;

test("measured runs of the plant count, the earliest first; those that shall teach nothing do not", () => {
  const runs = [
    measuredRun("late", 3, 5),
    inYear(measuredRun("early", 9, 4), 2024),
    measuredRun("same-day", 2, 4),
    measuredRun("sage", 4, 4, { plantId: "clarysage" }),
    measuredRun("not", 5, 4, { notToLearn: true }),
    measuredRun("dry", 6, 0),
    sampleRun([], "planned"),
  ];
  expect(known(runs).measured.map(({ run }) => run.id)).toEqual(["early", "same-day", "late"]);
  expect(known(runs, [], "rose").measured).toEqual([]);
});

test("year by year the lowest, the middle and the highest", () => {
  const runs = [
    inYear(measuredRun("a", 1, 2), 2025),
    measuredRun("b", 2, 6),
    measuredRun("c", 3, 3),
    measuredRun("d", 4, 5),
    inYear(measuredRun("e", 5, 4), 2025),
  ];
  const [before, now, ...more] = known(runs).years;
  expect(more).toEqual([]);
  expect(before).toMatchObject({ year: 2025, runs: 2 });
  expect(before!.middle).toBeCloseTo((dry(runs[0]!) + dry(runs[4]!)) / 2, 9);
  expect(now).toMatchObject({ year: 2026, runs: 3 });
  expect([now!.low, now!.middle, now!.high]).toEqual(
    [runs[2], runs[3], runs[1]].map((run) => dry(run!)),
  );
});

describe("what is best so far", () => {
  const runs = [
    measuredRun("a", 1, 2),
    measuredRun("b", 2, 8),
    measuredRun("c", 3, 10, { stillName: "Steel pot, 25 L" }),
  ];
  const bestOf = (some: Run[], way: string) => known(some).best.find((each) => each.way === way)!;

  test("ways are told apart, the best first, by the middle of what each gave", () => {
    const { gone, outcome } = bestOf(runs, "still");
    expect(gone.map(({ name, runs: count }) => [name, count])).toEqual([
      ["Steel pot, 25 L", 1],
      ["Copper pot, 12 L", 2],
    ]);
    /* Of 2 and 8 the geometric middle is 4. */
    expect(gone[1]!.mlPerKgDry / dry(runs[0]!)).toBeCloseTo(2, 6);
    expect(outcome!.ratio.p50).toBeGreaterThan(1);
  });

  test("of one way alone there is nothing to hold it against", () => {
    expect(bestOf(runs, "method").gone).toHaveLength(1);
    expect(bestOf(runs, "method")).not.toHaveProperty("outcome");
    expect(bestOf(runs, "state").gone[0]!.name).toBe("fresh");
    expect(bestOf(runs, "preparation").gone[0]!.name).toBe(runs[0]!.plan.preparation ?? "");
    expect(known([]).best).toEqual([]);
  });

  test("times on the drip are told apart in stretches; a run without its times is in none", () => {
    const lasting = (id: string, minutes: number) => {
      const run = measuredRun(id, 1, 4);
      const off = new Date(Date.parse(run.entries[1]!.at) + minutes * 60000).toISOString();
      return {
        ...run,
        entries: run.entries.map((entry) =>
          entry.type === "heatOff" ? { ...entry, at: off } : entry,
        ),
      };
    };
    const names = (minutes: number) => bestOf([lasting("x", minutes)], "time").gone[0]!.name;
    expect([30, 31, 90, 91, 200].map(names)).toEqual(["0", "1", "2", "3", "4"]);
    expect(stretches.at(-1)).toBe(Infinity);
    const timeless = { ...runs[0]!, entries: runs[0]!.entries.slice(3) };
    expect(known([timeless]).best.map(({ way }) => way)).not.toContain("time");
  });
});

test("own runs narrow what the book says of the state they were in, and of no other", () => {
  const { fits } = known([measuredRun("a", 1, 3), measuredRun("b", 2, 3)]);
  expect(fits.map(({ state }) => state)).toEqual(["fresh"]);
  expect(fits[0]!.before).toEqual(catalogueBook.byId("lavender")!.states.fresh!.oilMlPerKg);
  expect(fits[0]!.own.runs).toBe(2);
  expect(known([]).fits).toEqual([]);
});

describe("what the next runs could settle", () => {
  test("a trial is of a plant that it names, or that its runs are of", () => {
    const runs = [measuredRun("a", 1, 3)];
    const named = sampleTrial({ id: "named", plantId: "lavender" });
    const byRun = sampleTrial({ id: "by-run", runs: [{ runId: "a", side: "a" }] as Trial["runs"] });
    const other = sampleTrial({ id: "other", plantId: "clarysage" });
    expect(known(runs, [named, byRun, other]).trials.map(({ trial }) => trial.id)).toEqual([
      "named",
      "by-run",
    ]);
  });

  test("an open trial asks for pairs; one that is closed asks for none", () => {
    const open = sampleTrial({ plantId: "lavender" });
    const [step] = known([], [open]).next;
    expect(step).toMatchObject({ trial: open });
    expect(step!.runs % 2).toBe(0);
    expect(step!.runs).toBeGreaterThan(2);
    const closed = { ...open, closedAt: "2026-06-01T08:00:00.000Z" };
    expect(known([], [closed]).next).toEqual([]);
  });

  test("two ways that look unlike and are not sure ask for pairs of halves, the fewest first", () => {
    const runs = [
      measuredRun("a", 1, 3),
      measuredRun("b", 2, 4.4),
      measuredRun("c", 3, 5, { stillName: "Steel pot, 25 L" }),
      measuredRun("d", 4, 4, { stillName: "Steel pot, 25 L" }),
    ];
    const { next, best } = known(runs, [sampleTrial({ plantId: "lavender" })]);
    expect(best.find(({ way }) => way === "still")!.outcome!.verdict).toBe("undecided");
    const still = next.find((step) => "way" in step && step.way === "still");
    expect(still).toMatchObject({ a: "Copper pot, 12 L", b: "Steel pot, 25 L" });
    expect(next.map(({ runs: many }) => many)).toEqual(
      next.map(({ runs: many }) => many).toSorted((a, b) => a - b),
    );
  });
});
