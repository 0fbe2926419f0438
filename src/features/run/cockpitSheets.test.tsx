import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import { defaultPreferences } from "@/records/setting";
import { troubleGuide } from "@/words/troubleGuide";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import WatchScreen from "./WatchScreen";

const eight = Date.parse("2026-05-04T08:00:00Z");
const dripping = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
];

function Watched() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <WatchScreen run={run} /> : null;
}

/** The cockpit so many minutes after eight. */
function watch(minutes: number, entries: Entry[] = []) {
  jest.setSystemTime(eight + minutes * 60000);
  const { store } = renderWith(<Watched />, [sampleStill(), sampleRun([...dripping, ...entries])]);
  return () => store.getState().run.entities["run-a"]!.entries.at(-1);
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole("button", { name }));
/** Taps what opens a sheet: the button answers, then the sheet comes. */
async function open(name: string) {
  press(name);
  await act(async () => void jest.advanceTimersByTime(50));
  expect(screen.getByRole("dialog")).toBeVisible();
}
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("ice is written down for five minutes ago, in the person's unit", async () => {
  const last = watch(40);
  await open("Ice, water");
  fireEvent.click(screen.getByRole("radio", { name: "5 min ago" }));
  type("How much ice", "2,5");
  press("Save entry");
  expect(last()).toMatchObject({
    type: "iceAdded",
    massG: 2500,
    at: expect.stringMatching(/^2026-05-04T08:35:00/),
  });
});

test("water that is no number is not written down", async () => {
  const last = watch(40);
  await open("Ice, water");
  fireEvent.click(screen.getByRole("radio", { name: "Water in the pot" }));
  type("How much", "a lot");
  expect(screen.getByRole("alert")).toHaveTextContent("is not a number");
  expect(screen.getByRole("button", { name: "Save entry" })).toBeDisabled();
  expect(last()).toMatchObject({ type: "firstDrop" });
});

test("the heat is told by a knob's share, and the cockpit reckons with it", async () => {
  const last = watch(40);
  await open("Heat");
  press("50 %");
  expect(last()).toMatchObject({ type: "heatChanged", powerW: 1500 });
  await open("Heat");
  expect(screen.getByText("It is at 1500 W of 3000.")).toBeVisible();
});

test("every trouble says what to do now and next time, and stands in the log", async () => {
  for (const { sign, now, next, danger } of troubleGuide) {
    expect(now.length).toBeGreaterThan(0);
    expect(next.length).toBeGreaterThan(10);
    if (danger) expect(`${now.join(" ")}`).toMatch(/heat (off|down)|turn the heat down/i);
    expect(sign.length).toBeLessThan(45);
  }
  const last = watch(40);
  await open("Trouble");
  press("Cooling stopped");
  expect(last()).toMatchObject({ type: "trouble", what: "Cooling stopped" });
  const sheet = screen.getByRole("dialog");
  expect(sheet).toHaveTextContent("Heat off: vapour now goes into the room.");
  fireEvent.click(within(sheet).getByRole("button", { name: "Heat off" }));
  expect(last()).toMatchObject({ type: "heatOff" });
});

test("a warm outlet is an alarm with its remedy; the next reading takes it away", async () => {
  watch(40, [entryAt(39, { type: "reading", outletC: 47 })]);
  expect(screen.getByRole("alert")).toHaveTextContent("Outlet is warm: turn down, or cool more");
  await open("Reading");
  type("Outlet temperature", "28");
  press("Save entry");
  await act(async () => void jest.advanceTimersByTime(1000));
  expect(screen.queryByText(/Outlet is warm/)).not.toBeInTheDocument();
});

test("after heat off the spent plant is written down once", () => {
  const last = watch(70, [entryAt(65, { type: "heatOff" })]);
  expect(screen.getByText("Let the still cool before you open it")).toBeVisible();
  expect(screen.getByRole("button", { name: "Save entry" })).toBeDisabled();
  fireEvent.click(screen.getByRole("radio", { name: "Dry in places" }));
  expect(screen.getByText(/steam found a channel/)).toBeVisible();
  type("Distilled after heat off", "35");
  press("Save entry");
  expect(last()).toMatchObject({ type: "spent", wetness: "dry", tailMl: 35 });
  expect(screen.getByText(/The spent plant is written down. The log has it/)).toBeVisible();
});

test("an entry of any kind is corrected by its own amount", async () => {
  const last = watch(50, [entryAt(45, { type: "iceAdded", massG: 1000 })]);
  await open("Log, 4");
  press(/Ice added/);
  type("Ice added", "3");
  press("Correct it");
  expect(last()).toMatchObject({ type: "amendment", of: "iceAdded-45", change: { massG: 3000 } });
});

test("sound is asked for once, before it drips", () => {
  jest.setSystemTime(eight + 5 * 60000);
  const { store } = renderWith(<Watched />, [sampleStill(), sampleRun(dripping.slice(0, 1))]);
  press("No");
  expect(screen.queryByText("Sound and a buzz when something is due?")).not.toBeInTheDocument();
  expect(screen.getByRole("button", { name: "Silent: turn the sound on" })).toBeVisible();
  expect(Object.values(store.getState().setting.entities)[0]).toMatchObject({ cueSound: false });
});

test("the bell makes an hour of quiet with one tap, and sound again with the next", () => {
  jest.setSystemTime(eight + 40 * 60000);
  const { store } = renderWith(<Watched />, [
    sampleStill(),
    sampleRun(dripping),
    { ...defaultPreferences(), cueSound: true },
  ]);
  const setting = () => Object.values(store.getState().setting.entities)[0];
  press("Sound is on: quiet for an hour");
  expect(setting()).toMatchObject({ quietUntil: new Date(eight + 100 * 60000).toISOString() });
  press(/^Quiet until .*: sound again now$/);
  expect(setting()).toMatchObject({ cueSound: true });
  expect(setting()).toHaveProperty("quietUntil", undefined);
});

test("a note on an entry of the autumn hour leaves the entry where it stood", async () => {
  /* In Lisbon 01:10 comes twice on this night; this is the second one. */
  const second = "2026-10-25T01:10:00.000Z";
  const entry = { ...entryAt(0, { type: "note", note: "before" }, "autumn"), at: second } as Entry;
  jest.setSystemTime(Date.parse(second) + 3600e3);
  const { store } = renderWith(<Watched />, [
    sampleStill(),
    sampleRun([{ ...entryAt(0, { type: "lit" }), at: second } as Entry, entry]),
  ]);
  const entries = () => store.getState().run.entities["run-a"]!.entries;
  await open("Log, 2");
  fireEvent.click(within(screen.getByRole("dialog")).getByText("before"));
  type("Note", "after");
  press("Correct it");
  expect(entries().at(-1)).toMatchObject({ type: "amendment", change: { note: "after" } });
  expect(entries().at(-1)).not.toHaveProperty("change.at");
  fireEvent.click(within(screen.getByRole("dialog")).getByText("after"));
  press("Correct it");
  expect(entries()).toHaveLength(3);
});
