import fc from "fast-check";
import textOf from "fast-json-stable-stringify";
import { buildDemo } from "@/demo/buildDemo";
import { plantBook } from "@/logbook/plant/plantBook";
import type { PastTold } from "@/logbook/past/readPastForm";
import { recordKey, type AnyRecord } from "@/records/record";
import { entryAt } from "@/testing/sampleRecords";
import { memoryStorage } from "@/testing/memoryStorage";
import { surroundings } from "@/testing/surroundings";
import { newRecord } from "@/records/base";
import { addNew } from "./acts/addNew";
import { changeFigures } from "./acts/changeFigures";
import { nothingMoreOf } from "./acts/nothingMoreOf";
import { tellDuty } from "./acts/tellDuty";
import { calibrateStill, forgetCalibration } from "./acts/calibrateStill";
import { enterPastRuns } from "./acts/enterPastRuns";
import { fillBottles } from "./acts/fillBottles";
import { giveNewCode } from "./acts/giveNewCode";
import { emptyBottles, moveBottles } from "./acts/severalBottles";
import { openBottle } from "./acts/openBottle";
import { appendEntry } from "./appendEntry";
import { blendLots } from "./blendLots";
import { bin, keepForm, keepUndoable, takeIn, undoLast } from "./changes";
import { measureRuns } from "./measureRuns";
import { recordsReceived } from "./recordSlice";
import {
  selectAllRecords,
  selectBottles,
  selectHarvests,
  selectLots,
  selectRuns,
  selectStills,
} from "./selectors";
import { createStore, type AppStore } from "./store";

const now = () => new Date("2026-10-03T14:00:00Z");
const records = buildDemo(now());

function open(): AppStore {
  const store = createStore(surroundings(memoryStorage(), { now }));
  store.dispatch(recordsReceived({ records }));
  return store;
}

/** What a person sees of a logbook: everything that is not in the bin, without the moments of its changes. */
function seen(store: AppStore): Map<string, string> {
  return new Map(
    selectAllRecords(store.getState()).flatMap((record): [string, string][] => {
      const { updatedAt: _, ...rest } = record;
      return record.deletedAt === undefined ? [[recordKey(record), textOf(rest)]] : [];
    }),
  );
}

const pick = <T>(from: readonly T[], n: number): T => from[n % from.length]!;

/** Every act that can be taken back, on a thing that a number chooses. */
const acts: Record<string, (store: AppStore, n: number) => void> = {
  append: (store, n) =>
    store.dispatch(
      appendEntry(
        pick(selectRuns(store.getState()), n).id,
        { type: "note", note: `note ${n}` },
        { label: "Noted." },
      ),
    ),
  measure: (store, n) => {
    const runs = selectRuns(store.getState());
    const run = pick(runs, n);
    store.dispatch(
      measureRuns(run.id, { oilMl: 1 + (n % 7), hydrosolMl: 500 }, { others: [], by: "charge" }),
    );
  },
  calibrate: (store, n) =>
    store.dispatch(
      calibrateStill(
        pick(selectStills(store.getState()), n),
        { efficiency: 0.5, lossWPerK: 2 },
        { waterMl: 2000, startC: 15, minutesToBoil: 30, rateMlPerMin: 20 + n },
      ),
    ),
  forget: (store, n) => store.dispatch(forgetCalibration(pick(selectStills(store.getState()), n))),
  fill: (store, n) =>
    store.dispatch(
      fillBottles({
        lotId: pick(selectLots(store.getState()), n).id,
        bottles: [{ sizeMl: 10, filledMl: 1 + (n % 9), glass: "amber" }],
        storage: "cellar",
      }),
    ),
  several: (store, n) => {
    const ids = selectBottles(store.getState())
      .slice(n % 5, (n % 5) + 3)
      .map(({ id }) => id);
    if (n % 2 === 0) store.dispatch(moveBottles(ids, { storage: "room", place: `board ${n}` }));
    else store.dispatch(emptyBottles(ids, { way: "gift", purpose: "given away" }));
  },
  openBottle: (store, n) => store.dispatch(openBottle(pick(selectBottles(store.getState()), n))),
  newCode: (store, n) => store.dispatch(giveNewCode(pick(selectLots(store.getState()), n))),
  blend: (store, n) => {
    const [a, b] = [
      pick(selectLots(store.getState()), n),
      pick(selectLots(store.getState()), n + 3),
    ];
    store.dispatch(
      blendLots("Evening", "oil", [
        { lotId: a.id, amountMl: 1 },
        { lotId: b.id, amountMl: 2 },
      ]),
    );
  },
  bin: (store, n) => store.dispatch(bin("Binned.", [pick(alive(store), n)])),
  form: (store, n) => {
    const still = pick(selectStills(store.getState()), n);
    store.dispatch(keepForm(still, { ...still, name: `Still ${n}` }, "Changed."));
  },
  past: (store, n) => void store.dispatch(enterPastRuns([past(store, n)])),
  addNew: (store, n) =>
    store.dispatch(
      addNew([{ ...newRecord("measure", now()), name: `Basket ${n}`, massG: 300 }], "Added."),
    ),
  duty: (store, n) =>
    store.dispatch(tellDuty(`check/lot-${n % 3}`, { doneAt: now().toISOString() }, "Done.")),
  nothingMore: (store, n) =>
    store.dispatch(nothingMoreOf(pick(selectHarvests(store.getState()), n), "Set aside.")),
  figures: (store, n) =>
    store.dispatch(
      changeFigures({ id: "lavender" }, (own) => ({ ...own, freeShare: 0.3 + n / 100 }), "Mine."),
    ),
  takeIn: (store, n) => {
    const run = pick(selectRuns(store.getState()), n);
    store.dispatch(
      takeIn("Brought in.", [
        {
          ...run,
          updatedAt: "2026-10-03T15:00:00.000Z",
          entries: [...run.entries, entryAt(n, { type: "note", note: "from elsewhere" })],
        },
      ]),
    );
  },
};
const alive = (store: AppStore) =>
  selectAllRecords(store.getState()).filter(
    ({ deletedAt, kind }) => deletedAt === undefined && kind !== "setting",
  );

function past(store: AppStore, n: number): PastTold {
  return {
    day: "2026-06-14",
    plant: plantBook([]).byId("lavender")!,
    state: "fresh",
    still: pick(selectStills(store.getState()), n),
    method: "steam",
    massG: 700,
    oilMl: 5 + (n % 3),
    stopped: "unknown",
    look: "",
    smell: "",
    note: "",
    readings: [],
  };
}

/** What differs between two logbooks, by name. */
function differences(before: Map<string, string>, after: Map<string, string>): string[] {
  return [...new Set([...before.keys(), ...after.keys()])].filter(
    (key) => before.get(key) !== after.get(key),
  );
}

test.each(Object.keys(acts))("%s, taken back, leaves the very logbook that was there", (name) => {
  const store = open();
  let changed = 0;
  fc.assert(
    fc.property(fc.nat(40), (n) => {
      const before = seen(store);
      const { last } = store.getState().undo;
      acts[name]!(store, n);
      changed += differences(before, seen(store)).length;
      const after = store.getState().undo.last;
      /* What changed nothing offers nothing to take back. */
      if (after !== last && after !== undefined) store.dispatch(undoLast());
      expect(differences(before, seen(store))).toEqual([]);
    }),
    /* Whatever else is drawn, each still, lot and bottle of the demonstration's first few has its turn. */
    { numRuns: 5, examples: [[0], [1], [2], [3]] },
  );
  expect(changed).toBeGreaterThan(0);
});

test("what somebody else did between an act and taking it back stays, for every kind of record", () => {
  fc.assert(
    fc.property(fc.nat(records.length - 1), fc.nat(40), (at, n) => {
      const store = open();
      const record = records[at]!;
      const mine = { ...record, deletedAt: now().toISOString() };
      store.dispatch(keepUndoable("Binned.", [mine]));
      const other = pick(
        records.filter((each) => each !== record),
        n,
      );
      const theirs = {
        ...other,
        updatedAt: "2026-10-03T14:30:00.000Z",
        mark: n,
      } as unknown as AnyRecord;
      store.dispatch(recordsReceived({ records: [theirs] }));
      store.dispatch(undoLast());
      const now_ = new Map(
        selectAllRecords(store.getState()).map((each) => [recordKey(each), each]),
      );
      expect(now_.get(recordKey(record))!.deletedAt).toBe(record.deletedAt);
      expect(now_.get(recordKey(other))).toMatchObject({ mark: n });
    }),
    { numRuns: 30 },
  );
});
