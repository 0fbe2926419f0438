import { runState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import { memoryStorage } from "@/testing/memoryStorage";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { surroundings } from "@/testing/surroundings";
import { appendEntry } from "./appendEntry";
import { undoLast } from "./changes";
import { recordsReceived } from "./recordSlice";
import { createStore } from "./store";

const nine = Date.parse("2026-05-04T09:00:00Z");

function open(run: Run) {
  const backend = memoryStorage();
  const clock = { ms: nine };
  const store = createStore(surroundings(backend, { now: () => new Date(clock.ms) }));
  store.dispatch(recordsReceived({ records: [sampleStill(), run] }));
  const now = () => store.getState().run.entities[run.id]!;
  return { store, clock, now };
}

test("an entry goes on the run as the store has it, with an id of its own and the run's own time", () => {
  const { store, now } = open(sampleRun([entryAt(0, { type: "lit" })]));
  expect(store.dispatch(appendEntry("run-a", { type: "boiling" }))).toMatchObject({
    ok: true,
    entryId: expect.any(String),
  });
  expect(
    store.dispatch(appendEntry("run-a", { type: "firstDrop" }, { agoMinutes: 2 })),
  ).toMatchObject({
    ok: true,
  });
  const [, boiling, firstDrop] = now().entries;
  expect(boiling).toMatchObject({ type: "boiling", at: "2026-05-04T09:00:00.000Z" });
  expect(firstDrop).toMatchObject({ type: "firstDrop", at: "2026-05-04T08:58:00.000Z" });
  expect(boiling!.id).not.toBe(firstDrop!.id);
});

test("in a run that is simulated at speed, separated comes after boiling, not before", () => {
  const wall = "2026-05-04T08:59:00.000Z";
  const fast: Run = {
    ...sampleRun([entryAt(0, { type: "lit" })]),
    clock: { wallAt: wall, runAt: wall, speed: 120 },
  };
  const { store, clock, now } = open(fast);
  store.dispatch(appendEntry("run-a", { type: "boiling" }));
  clock.ms += 1000;
  store.dispatch(appendEntry("run-a", { type: "separated", oilMl: 3, hydrosolMl: 600 }));
  const moments = now().entries.map(({ at }) => Date.parse(at));
  expect(moments).toEqual([...moments].sort((a, b) => a - b));
  /* A minute of the wall is two hours of this run, and its last second two minutes. */
  expect(moments[1]! - Date.parse(wall)).toBe(120 * 60000);
  expect(moments[2]! - moments[1]!).toBe(120 * 1000);
});

test("what changes along with an entry is one step, taken back whole", () => {
  const { store, now } = open(sampleRun());
  store.dispatch(
    appendEntry(
      "run-a",
      { type: "separated", oilMl: 3, hydrosolMl: 600 },
      {
        label: "Run 1 measured.",
        along: (run, entry) => {
          expect(run.entries.at(-1)).toBe(entry);
          return [{ ...sampleStill(), name: "Renamed along" }];
        },
      },
    ),
  );
  expect(runState(now().entries).result?.oilMl).toBe(3);
  expect(store.getState().still.entities["still-a"]?.name).toBe("Renamed along");
  store.dispatch(undoLast());
  expect(now().entries).toEqual([]);
  expect(store.getState().still.entities["still-a"]?.name).toBe("Copper pot, 12 L");
});

test("an entry that comes out as none writes nothing; two tabs light a still once", () => {
  const { store, now } = open(sampleRun());
  const light = () =>
    store.dispatch(
      appendEntry("run-a", ({ entries }) =>
        entries.some(({ type }) => type === "lit") ? undefined : { type: "lit" },
      ),
    );
  expect(light()).toMatchObject({ ok: true });
  expect(light()).toMatchObject({ ok: true });
  expect(now().entries).toHaveLength(1);
});

test("what could not be read again is refused, and the log stays as it was", () => {
  const { store, now } = open(sampleRun());
  const kept = store.dispatch(appendEntry("run-a", { type: "reading", distillateMl: -5 }));
  expect(kept).toMatchObject({ ok: false, problem: "Distillate must be at least 0" });
  expect(now().entries).toEqual([]);
});

test("a run that is not in the logbook any more takes nothing, and says so", () => {
  const { store } = open(sampleRun());
  expect(store.dispatch(appendEntry("gone", { type: "boiling" }))).toMatchObject({ ok: false });
});
