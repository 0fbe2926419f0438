import { buildDemo } from "@/demo/buildDemo";
import { newRecord } from "@/records/base";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { besidesOfAll, notCountedIn, verdictSentence } from "@/words/trialWords";
import { catalogueBook } from "../plant/plantBook";
import { trialSoFar } from "./trialSoFar";

const day = new Date("2026-06-01T10:00:00Z");

/** A run that gave so much; its heat went off so many minutes after the first drop. */
function run(id: string, oilMl: number | undefined, minutes?: number): Run {
  const made = sampleRun([], id);
  const dripped = minutes ?? made.plan.forecast.runMinutes;
  return {
    ...made,
    entries: [
      entryAt(0, { type: "lit" }, `${id}1`),
      entryAt(20, { type: "firstDrop" }, `${id}2`),
      entryAt(20 + dripped, { type: "heatOff" }, `${id}3`),
      ...(oilMl === undefined
        ? []
        : [entryAt(300, { type: "separated", oilMl, hydrosolMl: 500 }, `${id}4`)]),
    ],
  };
}
const trial = (runs: Trial["runs"], part: Partial<Trial> = {}): Trial => ({
  ...newRecord("trial", day),
  question: "Wilted, or at once?",
  a: "at once",
  b: "wilted",
  measure: "oilMl",
  design: "pairs",
  runs,
  ...part,
});
const pair = (n: number): Trial["runs"] => [
  { runId: `a${n}`, side: "a", pair: n },
  { runId: `b${n}`, side: "b", pair: n },
];
const values: [number, number][] = [
  [4.1, 4.6],
  [3.6, 4.3],
  [5.0, 5.6],
  [4.4, 4.9],
  [4.4, 5.7],
  [3, 3.7],
  [4, 5],
];
const runs = values.flatMap(([a, b], i) => [run(`a${i + 1}`, a), run(`b${i + 1}`, b)]);

test("pairs are judged as they come in: not decided after three or four, more after seven", () => {
  const three = trialSoFar(trial([1, 2, 3].flatMap(pair)), runs, catalogueBook);
  expect(three.outcome!.ratio.p50).toBeCloseTo(1.127, 3);
  expect(three.outcome!.verdict).toBe("undecided");
  const four = trialSoFar(trial([1, 2, 3, 4].flatMap(pair)), runs, catalogueBook);
  expect(four.outcome!.ratio.p50).toBeCloseTo(1.124, 3);
  expect(four.outcome!.verdict).toBe("undecided");
  const seven = trialSoFar(trial([1, 2, 3, 4, 5, 6, 7].flatMap(pair)), runs, catalogueBook);
  expect(seven.outcome!.verdict).toBe("more");
  expect(verdictSentence(seven.outcome!, trial([]))).toMatch(
    /^“wilted” gives more than “at once”: 18 % more/,
  );
  expect(verdictSentence(three.outcome!, trial([]))).toMatch(
    /^Not decided: .* more pairs? likely would|One pair more/,
  );
});

test("a run that stopped early, gave nothing, or is gone is left out with its partner, and said", () => {
  const told = (other: Run) => {
    const { runs: members, outcome } = trialSoFar(
      trial([...pair(1), { runId: "x", side: "a", pair: 2 }, { runId: "b2", side: "b", pair: 2 }]),
      [...runs, other],
      catalogueBook,
    );
    expect(outcome).toEqual(trialSoFar(trial(pair(1)), runs, catalogueBook).outcome);
    expect(notCountedIn(members[3]!.notCounted!)).toBe("its other half is not counted");
    return notCountedIn(members[2]!.notCounted!);
  };
  expect(told(run("x", 2, 10))).toMatch(/stopped early/);
  expect(told(run("x", 0))).toMatch(/nothing came/);
  expect(told(run("x", undefined))).toMatch(/not measured yet/);
  expect(told(run("other", 4))).toMatch(/not in this logbook/);
  const { runs: members } = trialSoFar(
    trial([{ runId: "a1", side: "a", leftOut: "a leak" }]),
    runs,
    catalogueBook,
  );
  expect(notCountedIn(members[0]!.notCounted!)).toBe("left out: a leak");
});

test("two things changed where one was meant are named", () => {
  const other = {
    ...run("b9", 4.6),
    stillId: "still-b",
    plan: { ...run("b9", 4.6).plan, chargeG: 2000 },
  };
  const { alsoDiffers } = trialSoFar(
    trial([
      { runId: "a1", side: "a", pair: 1 },
      { runId: "b9", side: "b", pair: 1 },
    ]),
    [...runs, other],
    catalogueBook,
  );
  expect(alsoDiffers).toEqual(["still", "charge"]);
});

test("sides that are alike in what is tried, or stand the wrong way round, try nothing", () => {
  const as = (each: Run, state: Run["state"]): Run => ({ ...each, state });
  const states = (of: (n: number, side: "a" | "b") => Run["state"]) =>
    trialSoFar(
      trial([...pair(1), ...pair(2)], { changes: "state" }),
      runs.map((each) => as(each, of(Number(each.id[1]), each.id[0] as "a" | "b"))),
      catalogueBook,
    );
  expect(states((_, side) => (side === "a" ? "fresh" : "wilted"))).not.toHaveProperty("unchanged");
  expect(states(() => "fresh")).toMatchObject({ unchanged: "state" });
  const swapped = states((n, side) => ((side === "a") === (n === 1) ? "fresh" : "wilted"));
  expect(swapped).toMatchObject({ unchanged: "state" });
  expect(besidesOfAll(swapped)!.message).toBe("Its sides are alike in what is tried: its state.");
});

test("apart, each side counts by itself; one side alone says nothing", () => {
  const apart = trial(
    [1, 2, 3].flatMap((n) => pair(n).map(({ runId, side }) => ({ runId, side }))),
    { design: "apart" },
  );
  expect(trialSoFar(apart, runs, catalogueBook).outcome!.verdict).toBe("undecided");
  const alone = { ...apart, runs: apart.runs.filter(({ side }) => side === "a") };
  expect(trialSoFar(alone, runs, catalogueBook)).not.toHaveProperty("outcome");
});

test("the demonstration's trials change one thing, and keep equal what they must", () => {
  const records = buildDemo(day);
  const kind = <K extends AnyRecord["kind"]>(of: K) =>
    records.filter((each): each is Extract<AnyRecord, { kind: K }> => each.kind === of);
  const trials = kind("trial");
  expect(trials).toHaveLength(2);
  for (const each of trials) {
    const { outcome, alsoDiffers, unchanged } = trialSoFar(each, kind("run"), catalogueBook);
    expect(outcome).toBeDefined();
    expect({ alsoDiffers, unchanged }).toEqual({ alsoDiffers: [], unchanged: undefined });
  }
});
