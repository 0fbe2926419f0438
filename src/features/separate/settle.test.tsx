import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { runState } from "@/logbook/run/runState";
import { newRecord } from "@/records/base";
import type { AnyRecord } from "@/records/record";
import type { Vessel } from "@/records/vessel";
import { useAppSelector } from "@/store/hooks";
import { putDraft } from "@/store/putDraft";
import { recordsReceived } from "@/store/recordSlice";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { SeparateScreen } from "./SeparateScreen";

const dripped = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
];
const off = entryAt(80, { type: "heatOff" });
const vessel = (name: string, part: Partial<Vessel>): Vessel => ({
  ...newRecord("vessel", new Date("2026-05-01T08:00:00Z")),
  id: name,
  name,
  vessel: "tube",
  diameterMm: 30,
  heightMm: 300,
  ...part,
});

function Shown() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <SeparateScreen run={run} /> : null;
}
function separate(records: AnyRecord[] = [], entries = [...dripped, off]) {
  jest.setSystemTime(Date.parse("2026-05-04T09:30:00Z"));
  return renderWith(<Shown />, [sampleStill(), sampleRun(entries), ...records]).store;
}
const type = (label: string, value: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
  fireEvent.blur(screen.getByLabelText(label));
};
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
/** Chooses a vessel, warmth or salt; the last two stand behind a fold. */
const choose = (name: string | RegExp) => {
  if (!screen.queryByRole("radio", { name }))
    fireEvent.click(screen.getByRole("button", { name: /^Warmth and salt/ }));
  fireEvent.click(screen.getByRole("radio", { name }));
};
const entriesOf = (store: ReturnType<typeof separate>) =>
  store.getState().run.entities["run-a"]!.entries;

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("a narrow vessel shows what a wide one hides, and is named as the better one", () => {
  separate([
    vessel("Wide bowl", { vessel: "beaker", diameterMm: 190, heightMm: 120 }),
    vessel("Tall tube", { diameterMm: 60, heightMm: 400 }),
  ]);
  choose(/^Wide bowl/);
  expect(
    screen.getByText(/Wide bowl: the oil floats, 0\.\d+ mm, too thin to see/),
  ).toHaveTextContent(/Better: Tall tube, \d\.\d mm/);
  choose(/^Tall tube/);
  expect(screen.getByText(/^Tall tube: the oil floats, [1-9]/)).toBeVisible();
});

test("warmth hastens it; salt has its price told", () => {
  separate();
  const half = () => screen.getByText(/^Half of the fine drops/).textContent;
  const cool = half();
  choose(/^Warm/);
  expect(half()).not.toBe(cool);
  expect(screen.getByText(/cold glass cracks in hot water/)).toBeVisible();
  choose("100 g");
  expect(screen.getByText(/Salted hydrosol is not kept/)).toBeVisible();
});

test("set to part, the log has vessel, warmth and salt, and what drawing off now leaves is told", async () => {
  const store = separate();
  choose("50 g");
  await press("Start settling");
  expect(entriesOf(store).at(-1)).toMatchObject({
    type: "settling",
    saltGPerL: 50,
    vessel: { vessel: expect.any(String) },
  });
  expect(
    screen.getByText(/% have separated\. Drawn off now, .* mL stay in the hydrosol/),
  ).toBeVisible();
});

test("steps come one at a time, with a way on when there is no layer", async () => {
  separate([vessel("Funnel", { vessel: "funnel", diameterMm: 130, heightMm: 280 })]);
  expect(screen.getByText(/^Step 1 of/)).toBeVisible();
  expect(screen.getByRole("heading", { name: "Close the tap, pour it in" })).toBeVisible();
  await press("Done, next");
  expect(screen.getByRole("heading", { name: "Let it stand" })).toBeVisible();
  await press("No layer");
  expect(screen.getByText(/Nothing is lost/)).toBeVisible();
});

test("jars that were swapped are measured each, and each becomes a lot", async () => {
  const swapped = entryAt(50, { type: "jarSwapped" });
  const store = separate([], [...dripped, swapped, off]);
  type("Oil", "4");
  type("Jar 1", "250");
  type("Jar 2", "430");
  await press("Save result");
  expect(entriesOf(store).at(-1)).toMatchObject({
    type: "separated",
    hydrosolMl: 680,
    jars: [{ volumeMl: 250 }, { volumeMl: 430 }],
  });
  const lots = Object.values(store.getState().lot.entities);
  expect(lots.map(({ product, jar, volumeMl }) => [product, jar?.number, volumeMl])).toEqual([
    ["oil", undefined, 4],
    ["hydrosol", 1, 250],
    ["hydrosol", 2, 430],
  ]);
});

test("what was drawn off later is told beside the jars, and is in the yield that is shown", () => {
  separate(
    [],
    [
      ...dripped,
      entryAt(50, { type: "jarSwapped" }),
      off,
      entryAt(90, {
        type: "separated",
        oilMl: 4,
        hydrosolMl: 680,
        jars: [
          { volumeMl: 250, oilMl: 2.5 },
          { volumeMl: 430, oilMl: 1.5 },
        ],
      }),
      entryAt(95, { type: "drawnOff", oilMl: 1 }),
    ],
  );
  expect(
    screen.getByText("Drawn off later: 1.0 mL. It counts beside the oil of the jars."),
  ).toBeVisible();
  expect(screen.getByRole("img", { name: /measured 5\.0 mL/ })).toBeVisible();
  type("Jar 2, its oil", "");
  expect(screen.queryByText(/^Drawn off later/)).toBeNull();
});

test("a litre where a millilitre was meant is asked about, and mended by a tap", async () => {
  separate();
  type("Oil", "1200");
  type("Hydrosol, all of it", "680");
  expect(screen.getByText(/1\.20 L of oil\?/)).toBeVisible();
  await press(/^It is 1\.2 mL/);
  expect(screen.getByLabelText("Oil")).toHaveValue("1.2");
  expect(screen.queryByText(/of oil\?/)).toBeNull();
});

test("oil by weight is worked out by its density", async () => {
  separate();
  type("Oil density, if weighed", "0.9");
  choose("By weight");
  type("Oil weighs", "4.5");
  type("Oil", "1");
  type("Hydrosol, all of it", "680");
  await press("Use as the oil");
  expect(screen.getByLabelText("Oil")).toHaveValue("5");
});

test("a second tap on the same button is the same pouring; how far it is goes by the vessel that was set", async () => {
  const store = separate([
    vessel("Low bowl", { vessel: "beaker", diameterMm: 190, heightMm: 60 }),
    vessel("Tall tube", { diameterMm: 60, heightMm: 400 }),
  ]);
  choose(/^Tall tube/);
  await press("Start settling");
  await press("Start again");
  expect(entriesOf(store).filter(({ type: kind }) => kind === "settling")).toHaveLength(1);
  act(() => {
    jest.setSystemTime(Date.parse("2026-05-04T09:50:00Z"));
    jest.advanceTimersByTime(10000);
  });
  const told = () => screen.getByText(/^Set 20 min ago in Tall tube/).textContent;
  const before = told();
  choose(/^Low bowl/);
  expect(told()).toBe(before);
});

test("the steps stand where they were, also in another vessel that has the same step", async () => {
  separate([
    vessel("Funnel", { vessel: "funnel", diameterMm: 130, heightMm: 280 }),
    vessel("Burette", { vessel: "burette", diameterMm: 40, heightMm: 600 }),
  ]);
  choose(/^Funnel/);
  await press("Done, next");
  choose(/^Burette/);
  expect(screen.getByRole("heading", { name: "Let it stand" })).toBeVisible();
});

test("a field that is emptied in a correction is empty, and later draws are part of the oil", async () => {
  const store = separate(
    [],
    [
      ...dripped,
      off,
      entryAt(100, { type: "separated", oilMl: 4, hydrosolMl: 600, ph: 5.4, look: "pale" }),
      entryAt(200, { type: "drawnOff", oilMl: 0.5 }),
    ],
  );
  expect(screen.getByLabelText("Oil")).toHaveValue("4.5");
  type("pH of the hydrosol", "");
  type("Oil", "4.4");
  await press("Save result");
  const { result, drawnOff, separatedAt } = runState(entriesOf(store));
  expect(result).toMatchObject({ oilMl: 4.4, look: "pale" });
  expect(result).not.toHaveProperty("ph");
  expect(drawnOff).toEqual([]);
  expect(separatedAt).toBe(Date.parse("2026-05-04T09:40:00Z"));
});

test("more jars than a result can name are told in all, and nothing stands in the way", async () => {
  const swaps = Array.from({ length: 14 }, (_, i) => entryAt(30 + i, { type: "jarSwapped" }));
  const store = separate([], [...dripped, ...swaps, off]);
  expect(screen.queryByLabelText("Jar 1")).toBeNull();
  type("Oil", "4");
  type("Hydrosol, all of it", "12000");
  await press("Save result");
  expect(runState(entriesOf(store)).result).toMatchObject({ oilMl: 4, hydrosolMl: 12000 });
});

test("a jar that was swapped after the form was begun has its field, and what was typed stands", () => {
  const swapped = entryAt(50, { type: "jarSwapped" });
  jest.setSystemTime(Date.parse("2026-05-04T09:30:00Z"));
  const { store } = renderWith(<Shown />, [sampleStill(), sampleRun([...dripped, off])]);
  type("Oil", "3.3");
  cleanup();
  const kept = store.getState().drafts;
  separateWith(kept, [...dripped, swapped, off]);
  expect(screen.getByLabelText("Oil")).toHaveValue("3.3");
  expect(screen.getByLabelText("Jar 2")).toHaveValue("");
});

/** The screen over a logbook whose forms were begun before. */
function separateWith(drafts: Record<string, unknown>, entries: Parameters<typeof sampleRun>[0]) {
  const { store } = renderWith(<Shown />, [sampleStill()]);
  act(() => {
    for (const [name, now] of Object.entries(drafts)) store.dispatch(putDraft(name, now));
    store.dispatch(recordsReceived({ records: [sampleRun(entries)] }));
  });
}

test("what was typed beside the measure stands after the screen was left", () => {
  const store = separate();
  choose("By weight");
  type("Oil weighs", "4.5");
  expect(screen.getByText(/^That is \d\.\d\d mL, at a density of 0\.\d{3}/)).toBeVisible();
  cleanup();
  separateWith(store.getState().drafts, [...dripped, off]);
  expect(screen.getByLabelText("Oil weighs")).toHaveValue("4.5");
});

test("two arms tell from when they pour, or that they never do, and what the flow carries off", () => {
  separate([vessel("Two arms", { vessel: "twoArm", diameterMm: 40, heightMm: 200, armMm: 20 })]);
  expect(screen.getByText(/These arms never pour it/)).toHaveTextContent(
    /\d+ % of the fine drops leave with the water/,
  );
});
