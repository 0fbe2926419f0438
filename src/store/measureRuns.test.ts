import type { Entry } from "@/records/entry";
import { runState } from "@/logbook/run/runState";
import { memoryStorage } from "@/testing/memoryStorage";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { surroundings } from "@/testing/surroundings";
import { appendEntry } from "./appendEntry";
import { undoLast } from "./changes";
import { measureRuns, type Measured } from "./measureRuns";
import { recordsReceived } from "./recordSlice";
import { selectLots } from "./selectors";
import { createStore } from "./store";

const distilled = [
  entryAt(0, { type: "lit" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(80, { type: "heatOff" }),
];

/** Two distilled runs, and what can be done with their measures. */
function open(entries: Entry[] = distilled) {
  const store = createStore(
    surroundings(memoryStorage(), { now: () => new Date("2026-05-04T12:00:00Z") }),
  );
  const runs = ["run-a", "run-b"].map((id) => sampleRun(entries, id));
  store.dispatch(recordsReceived({ records: runs }));
  const alone = { others: [], by: "forecast" as const };
  return {
    store,
    measure: (result: Measured, pool: Parameters<typeof measureRuns>[2] = alone) =>
      store.dispatch(measureRuns("run-a", result, pool)),
    draw: (oilMl: number) => store.dispatch(appendEntry("run-a", { type: "drawnOff", oilMl }, {})),
    result: (id = "run-a") => runState(store.getState().run.entities[id]!.entries).result,
    shelf: () =>
      selectLots(store.getState())
        .filter(({ volumeMl }) => volumeMl > 0)
        .map(({ product, jar, volumeMl }) => [product, jar?.number, volumeMl]),
  };
}

test("what was measured stands in the run and on the shelf, as one step that is taken back whole", () => {
  const { store, measure, result, shelf } = open();
  expect(measure({ oilMl: 4, hydrosolMl: 650, ph: 5.1 })).toMatchObject({ ok: true });
  expect(result()).toMatchObject({ oilMl: 4, hydrosolMl: 650, ph: 5.1 });
  expect(shelf()).toEqual([
    ["oil", undefined, 4],
    ["hydrosol", undefined, 650],
  ]);
  store.dispatch(undoLast());
  expect(result()).toBeUndefined();
  expect(shelf()).toEqual([]);
});

test("measured again, an emptied field is empty, and the moment stays that of the first time", () => {
  const { measure, result, store } = open();
  measure({ oilMl: 4, hydrosolMl: 650, ph: 5.1, look: "pale" });
  const first = result()!.at;
  measure({ oilMl: 4.2, hydrosolMl: 650 });
  expect(result()).toMatchObject({ oilMl: 4.2, at: first });
  for (const none of ["ph", "look"]) expect(result()).not.toHaveProperty(none);
  const [, hydrosol] = selectLots(store.getState());
  expect(hydrosol).not.toHaveProperty("ph");
});

test("oil that was drawn off later is in the total that is typed, and counts once", () => {
  const { measure, draw, result, shelf } = open();
  measure({ oilMl: 4, hydrosolMl: 650 });
  draw(0.5);
  expect(result()!.oilMl).toBe(4.5);
  measure({ oilMl: 4.4, hydrosolMl: 650 });
  expect(result()!.oilMl).toBe(4.4);
  expect(shelf()[0]).toEqual(["oil", undefined, 4.4]);
});

test("told jar by jar, what was drawn off later stays beside the jars, in the run and on the shelf", () => {
  const { measure, draw, result, shelf } = open();
  const jars = (second: number) => ({
    oilMl: 3 + second,
    hydrosolMl: 700,
    jars: [
      { volumeMl: 400, oilMl: 3 },
      { volumeMl: 300, oilMl: second },
    ],
  });
  measure(jars(1.5));
  draw(0.5);
  measure(jars(1.4));
  expect(result()!.oilMl).toBeCloseTo(4.9, 9);
  expect(shelf().filter(([product]) => product === "oil")).toEqual([
    ["oil", 1, 3],
    ["oil", 2, 1.4],
    ["oil", undefined, 0.5],
  ]);
  /* Told as one again, the draws are in it. */
  measure({ oilMl: 5, hydrosolMl: 700 });
  expect(result()!.oilMl).toBe(5);
  expect(shelf().filter(([product]) => product === "oil")).toEqual([["oil", undefined, 5]]);
});

test("of what was poured together each run has its share, and the shelf the whole", () => {
  const { measure, result, shelf } = open();
  measure({ oilMl: 6, hydrosolMl: 1000, ph: 5 }, { others: ["run-b"], by: "charge" });
  expect(result("run-a")).toMatchObject({ oilMl: 3, hydrosolMl: 500, ph: 5 });
  expect(result("run-b")).toMatchObject({ oilMl: 3, hydrosolMl: 500 });
  expect(result("run-b")!.pool).toEqual({ runIds: ["run-a", "run-b"], by: "charge" });
  expect(shelf()).toEqual([
    ["oil", undefined, 6],
    ["hydrosol", undefined, 1000],
  ]);
});

test("a run that is not in this logbook any more is told, and nothing is written", () => {
  const { store, shelf } = open();
  const kept = store.dispatch(measureRuns("gone", { oilMl: 4 }, { others: [], by: "charge" }));
  expect(kept).toMatchObject({ ok: false, made: [] });
  expect(shelf()).toEqual([]);
});
