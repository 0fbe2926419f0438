import { openJournal } from "@/storage/journal";
import { tooLate } from "@/storage/setAside";
import type { TabNotices } from "@/storage/tabNotices";
import { memoryStorage } from "@/testing/memoryStorage";
import { sampleHarvest } from "@/testing/sampleShelf";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import {
  bin,
  bringBack,
  bringTogether,
  changePreferences,
  changeRecord,
  changeRun,
  discardQuarantined,
  keep,
  keepForm,
  keepUndoable,
  takeIn,
  undoLast,
} from "./changes";
import { openLogbook } from "./openLogbook";
import { retryWriting } from "./persistence";
import {
  selectAllRecords,
  selectBin,
  selectPreferences,
  selectRuns,
  selectStills,
} from "./selectors";
import { surroundings } from "@/testing/surroundings";
import { createStore, type AppStore } from "./store";

const silent: TabNotices = { tell: () => undefined, listen: () => () => undefined };

function open(backend = memoryStorage(), notices = silent, instant = instantStorage()) {
  let minute = 0;
  const now = () => new Date(Date.UTC(2026, 5, 1, 12, (minute += 1)));
  const journal = openJournal({ logbook: "sereno", instant, database: backend });
  const store = createStore(surroundings(backend, { notices, journal, now }));
  return { backend, instant, store };
}

/** A store that writes at once, as a browser's does, with its keys as its own properties. */
function instantStorage(): Storage {
  const methods = {
    getItem: (key: string) => (texts[key] as string | undefined) ?? null,
    setItem: (key: string, text: string) => void (texts[key] = text),
    removeItem: (key: string) => void delete texts[key],
  };
  const texts = Object.create(methods) as Record<string, unknown>;
  return texts as unknown as Storage;
}

async function settled(store: AppStore): Promise<void> {
  for (let i = 0; i < 50 && store.getState().keeping.status === "writing"; i += 1)
    await new Promise((resolve) => setImmediate(resolve));
  await turns();
}

async function turns(): Promise<void> {
  for (let i = 0; i < 8; i += 1) await new Promise((resolve) => setImmediate(resolve));
}

/** The keys of the records that are stored. */
function keysIn(backend: { texts: Map<string, string> }): string[] {
  return [...backend.texts.keys()].filter((key) => !/^(journal|mark)\//.test(key)).sort();
}

test("what is kept is stored, and opens again", async () => {
  const { backend, store } = open();
  store.dispatch(keep(sampleStill(), sampleRun()));
  await settled(store);
  const again = open(backend).store;
  await again.dispatch(openLogbook());
  expect(selectStills(again.getState()).map(({ name }) => name)).toEqual(["Copper pot, 12 L"]);
  expect(selectRuns(again.getState())).toHaveLength(1);
  expect(again.getState().keeping.status).toBe("kept");
});

test("what an old page changes of a record that a newer Sereno holds lies aside, as it was last", async () => {
  const { backend, store } = open();
  store.dispatch(keep(sampleStill()));
  await settled(store);
  const newer = JSON.stringify({ ...sampleStill(), version: 2 });
  await backend.setItem("still/still-a", newer);
  store.dispatch(keep({ ...sampleStill(), name: "First" }));
  store.dispatch(keep({ ...sampleStill(), name: "Second" }));
  await settled(store);
  const { keeping } = store.getState();
  expect(keeping).toMatchObject({ status: "kept", waiting: 0, old: true });
  expect(keeping.quarantined.map(({ text }) => JSON.parse(text) as object)).toEqual([
    expect.objectContaining({ name: "Second" }),
  ]);
  expect(await backend.getItem("still/still-a")).toBe(newer);
});

test("an empty logbook has preferences all the same", () => {
  expect(selectPreferences(open().store.getState())).toMatchObject({
    units: "metric",
    theme: "system",
  });
});

test("binning is undone whole, or brought back later", async () => {
  const { backend, store } = open();
  store.dispatch(keep(sampleStill()));
  store.dispatch(bin("Gone.", [sampleStill()]));
  expect(selectStills(store.getState())).toEqual([]);
  expect(selectBin(store.getState())).toHaveLength(1);
  store.dispatch(undoLast());
  expect(selectStills(store.getState())).toHaveLength(1);
  expect(store.getState().undo.last).toBeNull();
  store.dispatch(bin("Gone.", selectStills(store.getState())));
  store.dispatch(bringBack(selectBin(store.getState())));
  await settled(store);
  const again = open(backend).store;
  await again.dispatch(openLogbook());
  expect(selectStills(again.getState())).toHaveLength(1);
});

test("a first weighing taken back leaves the very harvest that was there", () => {
  const { store } = open();
  const harvest = sampleHarvest();
  store.dispatch(keep(harvest));
  const before = store.getState().harvest.entities[harvest.id]!;
  const weighing = { at: "2026-05-05T08:00:00.000Z", massG: 800 };
  store.dispatch(changeRecord(before, (now) => ({ ...now, weighings: [weighing] }), "Weighed."));
  store.dispatch(undoLast());
  const { updatedAt: _, ...now } = store.getState().harvest.entities[harvest.id]!;
  const { updatedAt: __, ...was } = before;
  expect(now).toStrictEqual(was);
});

test("an import is one step back: what was changed is as before, what was added lies in the bin", () => {
  const { store } = open();
  store.dispatch(keep(sampleStill()));
  const renamed = { ...sampleStill(), name: "From the file", updatedAt: "2027-01-01T00:00:00Z" };
  store.dispatch(takeIn("Brought in.", [renamed, sampleRun()]));
  expect(selectStills(store.getState())[0]).toEqual(renamed);
  store.dispatch(undoLast());
  expect(selectStills(store.getState())[0]?.name).toBe("Copper pot, 12 L");
  expect(selectRuns(store.getState())).toEqual([]);
});

test("two runs that were begun apart with one number are told apart from then on, by file and by line", () => {
  const run = { ...sampleRun(), createdAt: "2026-07-14T09:00:00.000Z" };
  const theirs = { ...run, id: "run-b", createdAt: "2026-07-14T09:05:00.000Z" };
  const bring = [
    (store: AppStore) => store.dispatch(takeIn("Brought in.", [theirs])),
    (store: AppStore) => store.dispatch(bringTogether([theirs])),
  ];
  for (const bringIn of bring) {
    const { store } = open();
    store.dispatch(keep(run));
    bringIn(store);
    const { entities } = store.getState().run;
    expect(entities["run-a"]!.number).toBe(run.number);
    expect(entities["run-b"]!.number).toBe(run.number + 1);
    expect(entities["run-b"]!.updatedAt).not.toBe(theirs.updatedAt);
  }
});

test("a step is taken back alone: what was written into the same run after it stays", () => {
  const { store } = open();
  store.dispatch(keep(sampleRun([entryAt(0, { type: "lit" })])));
  const add = (type: "boiling" | "note" | "jarSwapped", minute: number, label?: string) =>
    store.dispatch(
      changeRun(
        "run-a",
        (run) => ({ ...run, entries: [...run.entries, entryAt(minute, { type })] }),
        label,
      ),
    );
  add("boiling", 20, "Boiling noted.");
  add("note", 21);
  store.dispatch(undoLast());
  const types = () => selectRuns(store.getState())[0]!.entries.map(({ type }) => type);
  expect(types()).toEqual(["lit", "note"]);
  add("jarSwapped", 22, "Jar 1 put aside.");
  store.dispatch(changeRun("run-a", (run) => ({ ...run, checked: ["seals"] })));
  store.dispatch(undoLast());
  expect(types()).toEqual(["lit", "note"]);
  expect(selectRuns(store.getState())[0]!.checked).toEqual(["seals"]);
  store.dispatch(changeRun("nobody", (run) => run));
  expect(selectRuns(store.getState())).toHaveLength(1);
});

test("a tab that dies in the instant of a tap: the next opening has it, and nothing twice", async () => {
  const { backend, instant, store } = open();
  store.dispatch(keep(sampleRun([entryAt(0, { type: "lit" })])));
  await settled(store);
  expect(Object.keys(instant)).toEqual([]);
  backend.refuse = "The tab is gone.";
  const boil = entryAt(20, { type: "boiling" });
  store.dispatch(changeRun("run-a", (run) => ({ ...run, entries: [...run.entries, boil] })));
  expect(Object.keys(instant)).toHaveLength(1);
  backend.refuse = undefined;
  for (let opening = 0; opening < 2; opening += 1) {
    const again = open(backend, silent, instant).store;
    await again.dispatch(openLogbook());
    const [run] = selectRuns(again.getState());
    expect(run!.entries.map(({ type }) => type)).toEqual(["lit", "boiling"]);
    expect(Object.keys(instant)).toEqual([]);
  }
});

test("a browser that is killed before a change is merged: the database had the change with the tap", async () => {
  const { backend, store } = open(memoryStorage(), silent, undefined);
  store.dispatch(keep(sampleRun([entryAt(0, { type: "lit" })])));
  await settled(store);
  /* The browser's process ends when the journal is written and nothing else. */
  const setMany = backend.setMany.bind(backend);
  backend.setMany = (texts) =>
    Object.keys(texts).every((key) => key.startsWith("journal/"))
      ? setMany(texts)
      : new Promise(() => undefined);
  const boil = entryAt(20, { type: "boiling" });
  store.dispatch(changeRun("run-a", (run) => ({ ...run, entries: [...run.entries, boil] })));
  await turns();
  backend.setMany = setMany;
  const again = open(backend).store;
  await again.dispatch(openLogbook());
  expect(selectRuns(again.getState())[0]!.entries.map(({ type }) => type)).toEqual([
    "lit",
    "boiling",
  ]);
  expect(keysIn(backend)).toEqual(["run/run-a"]);
});

test("what a killed browser's instant storage still holds is not done a second time", async () => {
  const { backend, instant, store } = open();
  const note = entryAt(1, { type: "note", note: "taken back" });
  store.dispatch(keepUndoable("Run.", [sampleRun([])]));
  store.dispatch(changeRun("run-a", (run) => ({ ...run, entries: [note] }), "Noted."));
  const stale = Object.entries(instant) as [string, string][];
  await settled(store);
  store.dispatch(undoLast());
  await settled(store);
  for (const [key, text] of stale) instant.setItem(key, text);
  const again = open(backend, silent, instant).store;
  await again.dispatch(openLogbook());
  expect(selectRuns(again.getState())[0]!.entries).toEqual([]);
});

test("sixty changes while the store refuses outlive the tab", async () => {
  const { backend, instant, store } = open();
  backend.refuse = "The disk is full.";
  for (let i = 0; i < 60; i += 1)
    store.dispatch(
      keep({ ...sampleRun([entryAt(i, { type: "lit" })], `run-${i}`), number: i + 1 }),
    );
  await turns();
  backend.refuse = undefined;
  const again = open(backend, silent, instant).store;
  await again.dispatch(openLogbook());
  expect(selectRuns(again.getState())).toHaveLength(60);
});

test("a journal that is no journal, or cannot be written, stops nothing", async () => {
  const instant = instantStorage();
  instant.setItem("journal/sereno/gone", "[{ no");
  instant.setItem(
    "journal/sereno/odd/run/a",
    JSON.stringify({ serial: 1, after: { kind: "run" } }),
  );
  const { backend, store } = open(memoryStorage(), silent, instant);
  backend.texts.set("journal/torn/run/a", "{");
  await store.dispatch(openLogbook());
  Object.assign(Object.getPrototypeOf(instant) as object, {
    setItem: () => {
      throw new Error("full");
    },
  });
  store.dispatch(keep(sampleStill()));
  await settled(store);
  expect(keysIn(backend)).toEqual(["still/still-a"]);
});

test("what its schema would not open again is never kept, and the field is named", async () => {
  const { backend, instant, store } = open();
  const wrong = { ...sampleStill(), jarMl: -1 };
  expect(store.dispatch(keep(wrong))).toEqual({
    ok: false,
    problem: "Jar must be above 0",
  });
  expect(store.dispatch(keepUndoable("No.", [sampleRun(), wrong])).ok).toBe(false);
  expect(selectAllRecords(store.getState())).toEqual([]);
  expect(store.getState().keeping.notTaken).toContain("Jar must be above 0");
  await settled(store);
  expect([...backend.texts.keys(), ...Object.keys(instant)]).toEqual([]);
  expect(store.dispatch(keep(sampleStill()))).toEqual({ ok: true });
  expect(store.getState().keeping.notTaken).toBeUndefined();
});

test.each(["__proto__", "constructor", "toString", "hasOwnProperty", "a/b", ""])(
  "a record called “%s” is set aside and breaks nothing",
  async (id) => {
    const { backend, store } = open();
    const text = JSON.stringify({ ...sampleRun(), id: "swap" }).replace(
      '"swap"',
      JSON.stringify(id),
    );
    backend.texts.set(`run/${id}`, text);
    backend.texts.set("still/still-a", JSON.stringify(sampleStill()));
    await store.dispatch(openLogbook());
    expect(store.getState().keeping).toMatchObject({
      status: "kept",
      quarantined: [{ key: `run/${id}`, text }],
    });
    expect(selectStills(store.getState())).toHaveLength(1);
    expect(store.getState().run.entities[id]).toBeUndefined();
    store.dispatch(bin("Gone.", [sampleStill()]));
    store.dispatch(undoLast());
    expect(selectStills(store.getState())).toHaveLength(1);
  },
);

test("a preference that is set while the logbook could not be read takes no other one back", async () => {
  const { backend, store } = open();
  store.dispatch(changePreferences({ units: "us", moon: true }));
  await settled(store);
  const getAllKeys = backend.getAllKeys.bind(backend);
  backend.getAllKeys = () => Promise.reject(new Error("blocked"));
  const blind = open(backend).store;
  await blind.dispatch(openLogbook());
  expect(blind.getState().keeping.status).toBe("unreadable");
  blind.dispatch(changePreferences({ theme: "night" }));
  await settled(blind);
  backend.getAllKeys = getAllKeys;
  const again = open(backend).store;
  await again.dispatch(openLogbook());
  expect(selectPreferences(again.getState())).toMatchObject({
    units: "us",
    moon: true,
    theme: "night",
  });
});

test("a form takes back nothing that was renamed elsewhere while it stood open", () => {
  const { store } = open();
  const shown = sampleStill();
  store.dispatch(keep(shown));
  store.dispatch(keep({ ...shown, name: "Renamed in tab A" }));
  store.dispatch(keepForm(shown, { ...shown, dryLineMl: 900 }));
  expect(selectStills(store.getState())[0]).toMatchObject({
    name: "Renamed in tab A",
    dryLineMl: 900,
  });
});

test("a refused write is said, everything waits, and the next try stores all of it", async () => {
  jest.useFakeTimers({ doNotFake: ["setImmediate", "nextTick"] });
  const { backend, store } = open();
  backend.refuse = "The disk is full.";
  store.dispatch(keep(sampleStill()));
  await settled(store);
  expect(store.getState().keeping).toMatchObject({
    status: "refused",
    problem: "The disk is full.",
    waiting: 1,
  });
  store.dispatch(keepUndoable("Run.", [sampleRun()]));
  await settled(store);
  expect(store.getState().keeping.waiting).toBe(2);
  expect(selectAllRecords(store.getState())).toHaveLength(2);
  backend.refuse = undefined;
  store.dispatch(retryWriting);
  for (let i = 0; i < 20; i += 1) await new Promise((resolve) => setImmediate(resolve));
  expect(store.getState().keeping).toMatchObject({ status: "kept", waiting: 0 });
  expect(keysIn(backend)).toEqual(["run/run-a", "still/still-a"]);
  jest.useRealTimers();
});

test("a refused write is tried again by itself", async () => {
  jest.useFakeTimers({ doNotFake: ["setImmediate", "nextTick"] });
  const { backend, store } = open();
  backend.refuse = "Busy.";
  store.dispatch(keep(sampleStill()));
  await settled(store);
  backend.refuse = undefined;
  jest.advanceTimersByTime(2500);
  for (let i = 0; i < 20; i += 1) await new Promise((resolve) => setImmediate(resolve));
  expect(store.getState().keeping.status).toBe("kept");
  expect(keysIn(backend)).toHaveLength(1);
  jest.useRealTimers();
});

test("a store that cannot be read at all is said", async () => {
  const backend = memoryStorage();
  backend.getAllKeys = () => Promise.reject(new Error("blocked"));
  const { store } = open(backend);
  await store.dispatch(openLogbook());
  expect(store.getState().keeping).toMatchObject({ status: "unreadable", problem: "blocked" });
});

test("another tab's change arrives here", async () => {
  const backend = memoryStorage();
  let heard: (keys: string[]) => void = () => undefined;
  const here = open(backend, {
    tell: () => undefined,
    listen: (listener) => ((heard = listener), () => undefined),
  }).store;
  await here.dispatch(openLogbook());
  const there = open(backend, {
    tell: (keys) => heard([...keys]),
    listen: () => () => undefined,
  }).store;
  there.dispatch(keep(sampleStill()));
  await settled(there);
  for (let i = 0; i < 5; i += 1) await new Promise((resolve) => setImmediate(resolve));
  expect(selectStills(here.getState())).toHaveLength(1);
});

test("a set-aside text is let go only when told", async () => {
  const { backend, store } = open();
  backend.texts.set("run/torn", "{");
  await store.dispatch(openLogbook());
  expect(store.getState().keeping.quarantined).toHaveLength(1);
  await store.dispatch(discardQuarantined("run/torn"));
  expect(store.getState().keeping.quarantined).toEqual([]);
  expect(backend.texts.size).toBe(0);
});

test("the demonstration's screens never stand before its pictures are there", async () => {
  const around = surroundings(memoryStorage(), { logbook: "sereno-demo" });
  const store = createStore(around);
  let found: number | undefined;
  const reading: Promise<void>[] = [];
  store.subscribe(() => {
    if (store.getState().keeping.status === "loading" || reading.length > 0) return;
    reading.push(
      around.attachments.load("demo-harvest-14").then(({ length }) => {
        found = length;
      }),
    );
  });
  await store.dispatch(openLogbook());
  await Promise.all(reading);
  expect(found).toBe(2);
});

test("a change made too late lies aside for as long as the store refuses the record with it", async () => {
  const backend = memoryStorage();
  const late = tooLate(sampleRun([entryAt(7, { type: "note", note: "from the old page" })]));
  const stored = sampleRun([entryAt(9, { type: "note", note: "from the new one" })]);
  backend.texts.set(`run/${stored.id}`, JSON.stringify(stored));
  backend.texts.set(`quarantine/${late.key}`, JSON.stringify(late));
  const { store } = open(backend);
  const tried = jest.fn(() => Promise.reject(new Error("no room")));
  backend.setMany = tried;
  await store.dispatch(openLogbook());
  const holdsLate = () =>
    tried.mock.calls.some((call) => JSON.stringify(call).includes("from the old page"));
  for (let i = 0; i < 200 && !holdsLate(); i += 1)
    await new Promise((resolve) => setTimeout(resolve, 5));
  expect(holdsLate()).toBe(true);
  await turns();
  expect(backend.texts.has(`quarantine/${late.key}`)).toBe(true);
  expect(store.getState().keeping.quarantined).toHaveLength(1);
});

test("a change that an older page made too late is in the record once an edition opens both, and lies aside no more", async () => {
  const backend = memoryStorage();
  const late = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(7, { type: "note", note: "from the old page" }),
  ]);
  const stored = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(9, { type: "note", note: "from the new one" }),
  ]);
  backend.texts.set(`run/${stored.id}`, JSON.stringify(stored));
  const aside = tooLate(late);
  backend.texts.set(`quarantine/${aside.key}`, JSON.stringify(aside));
  const { store } = open(backend);
  await store.dispatch(openLogbook());
  /* The rest is read, tidied and brought in while the page is in use. */
  for (let i = 0; i < 200 && store.getState().keeping.quarantined.length > 0; i += 1)
    await new Promise((resolve) => setTimeout(resolve, 5));
  const notes = selectRuns(store.getState())[0]!.entries.flatMap(({ note }) => note ?? []);
  expect(notes.sort()).toEqual(["from the new one", "from the old page"]);
  expect(store.getState().keeping.quarantined).toEqual([]);
  expect(backend.texts.get(`run/${stored.id}`)).toContain("from the old page");
  expect(backend.texts.has(`quarantine/${aside.key}`)).toBe(false);
});
