import { speak } from "@/core/units/language";
import { sampleStill } from "@/testing/sampleRecords";
import { newRecord } from "@/records/base";
import type { Measure } from "@/records/measure";
import { catalogueBook } from "../plant/plantBook";
import { readyMadeStills } from "../still/readyMadeStills";
import { emptyPastForm, type PastForm } from "./pastForm";
import { minutesTold, pastRun } from "./pastRun";
import { readPastForm, type PastTold } from "./readPastForm";
import { teaches } from "./teaches";
import { timeTold } from "./timeTold";

beforeAll(() => speak("en-GB"));

const now = new Date("2026-06-20T09:00:00");
const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
const flask = {
  ...sampleStill(),
  ...readyMadeStills.find(({ construction }) => construction === "flask")!,
  id: "flask",
};
const bunch: Measure = {
  ...newRecord("measure", now),
  name: "bunches",
  plantId: "lavender",
  massG: 120,
} as Measure;
const context = {
  book: catalogueBook,
  stills: [sampleStill(), flask],
  measures: [bunch],
  today: "2026-06-20",
};
const blank = emptyPastForm("2026-05-30", {
  massUnit: "kg",
  waterUnit: "L",
  oilUnit: "mL",
  hydrosolUnit: "mL",
});
const read = (part: Partial<PastForm>) =>
  readPastForm({ ...blank, plantId: "lavender", ...part }, context);
const told = (part: Partial<PastForm>): PastTold => {
  const { told: all, problems } = read(part);
  expect(problems).toEqual({});
  return all!;
};
const enter = (part: Partial<PastForm>) =>
  pastRun(told(part), {
    number: 7,
    site,
    now,
  });
const clock = (minutes: number) =>
  new Date(new Date("2026-05-30T00:00:00").getTime() + minutes * 60000).toISOString();
const log = (part: Partial<PastForm>) =>
  enter(part).run.entries.map(({ type, at }) => [type, at] as const);

test("what is typed is read in its own unit, trimmed, with the plant's first state and the still's own way", () => {
  const all = told({
    mass: "1.2",
    water: "3",
    oil: " 4.5 ",
    hydrosol: "900",
    jars: "2",
    look: " pale ",
    smell: " hay ",
    note: " rain ",
  });
  expect(all).toMatchObject({
    day: "2026-05-30",
    state: "fresh",
    massG: 1200,
    waterMl: 3000,
    oilMl: 4.5,
    hydrosolMl: 900,
    jars: 2,
    stopped: "unknown",
    look: "pale",
    smell: "hay",
    note: "rain",
    readings: [],
  });
  expect(all.still.id).toBe("still-a");
  expect(all.method).toBe("steam");
  const chosen = told({ state: "dried", stillId: "flask", method: "cohobation" });
  expect(chosen).toMatchObject({ state: "dried", still: { id: "flask" } });
  expect(read({ stillId: "flask", method: "steam" }).methods).toContain(chosen.method);
});

test("a weight may be told in a measure's pieces or as a heap; a measure that nobody knows is asked for", () => {
  expect(told({ mass: "3 bunches" })).toMatchObject({
    massG: 360,
    counted: { measure: "bunches", count: 3 },
  });
  expect(told({ mass: "5 L" })).toMatchObject({ heapMl: 5000 });
  expect(told({ mass: "5 L" })).not.toHaveProperty("massG");
  expect(read({ mass: "3 handfuls" }).problems.mass).toContain("handfuls");
  expect(enter({ mass: "3 bunches" }).harvest).toMatchObject({
    massG: 360,
    counted: { measure: "bunches", count: 3 },
  });
  const heap = enter({ mass: "5 L" }).run.plan;
  expect(heap).toMatchObject({ filled: "guessed" });
  expect(heap.chargeBetweenG!.low).toBeLessThan(heap.chargeG);
  expect(heap.chargeBetweenG!.high).toBeGreaterThan(heap.chargeG);
  expect(enter({ mass: "1" }).run.plan).not.toHaveProperty("chargeBetweenG");
});

test("times are clock times of the day or lengths from what went before", () => {
  const all = told({
    heatOn: "9:40",
    firstDrop: "35 min",
    heatOff: "1 h 10",
    readings: [
      { time: "20 min", distillate: "200", head: "98", oil: "" },
      { time: "", distillate: "", head: "", oil: "" },
      { time: "11:00", distillate: "", head: "", oil: "3" },
    ],
  });
  expect(all).toMatchObject({ heatOn: 580, firstDrop: 615, heatOff: 685 });
  expect(all.readings).toEqual([
    { at: 635, distillateMl: 200, headC: 98 },
    { at: 660, oilMl: 3 },
  ]);
  expect(minutesTold(all)).toBe(70);
  const length = told({ heatOff: "70 min" });
  expect(length).toMatchObject({ runMinutes: 70 });
  expect(length).not.toHaveProperty("heatOff");
  expect(minutesTold(length)).toBe(70);
  expect(minutesTold(told({ heatOff: "11:25" }))).toBeUndefined();
  /* Past midnight and on into the next day. */
  const night = told({ heatOn: "23:00", firstDrop: "0:10", heatOff: "1:30" });
  expect(night).toMatchObject({ heatOn: 1380, firstDrop: 1450, heatOff: 1530 });
  expect(read({ firstDrop: "9:00", heatOff: "49 h" }).problems.heatOff).toContain("two days");
  expect(told({ firstDrop: "9:00", heatOff: "48 h" }).heatOff).toBe(540 + 2880);
});

test("what cannot be read is told at its place: the day, the plant, the still, a reading's time", () => {
  const problem = (part: Partial<PastForm>) => read(part).problems;
  expect(problem({ day: "yesterday" }).day).toContain("which day");
  expect(problem({ day: "2026-13-45" }).day).toContain("which day");
  expect(problem({ day: "2026-06-21" }).day).toContain("still to come");
  expect(problem({ day: "2026-06-20" })).toEqual({});
  expect(Object.keys(problem({ plantId: "" }))).toEqual(["plantId"]);
  const none = readPastForm({ ...blank, plantId: "lavender" }, { ...context, stills: [] });
  expect(none.problems.stillId).toContain("still");
  expect(none).toMatchObject({ methods: [], method: undefined, told: undefined });
  const reading = { time: "", distillate: "x", head: "900", oil: "1" };
  expect(Object.keys(problem({ readings: [reading] })).sort()).toEqual([
    "readings.0.distillate",
    "readings.0.head",
    "readings.0.time",
  ]);
});

test("each thing that is told is an entry at its minute, jars spread over the drip, and no other is made up", () => {
  const all = { heatOn: "9:40", firstDrop: "10:15", heatOff: "11:45" };
  expect(log({ ...all, jars: "3", oil: "4" })).toEqual([
    ["lit", clock(580)],
    ["firstDrop", clock(615)],
    ["jarSwapped", clock(645)],
    ["jarSwapped", clock(675)],
    ["heatOff", clock(705)],
    ["separated", clock(705)],
  ]);
  expect(log(all).map(([type]) => type)).toEqual(["lit", "firstDrop", "heatOff", "separated"]);
  expect(log({ firstDrop: "10:15" })).toEqual([
    ["firstDrop", clock(615)],
    ["separated", clock(615)],
  ]);
  expect(log({ heatOn: "9:40" })[1]).toEqual(["separated", clock(580)]);
  /* Without any clock it dripped from noon on, for as long as it did. */
  expect(log({ heatOff: "70 min" })).toEqual([
    ["firstDrop", clock(720)],
    ["heatOff", clock(790)],
    ["separated", clock(790)],
  ]);
  expect(log({ oil: "3" })).toEqual([["separated", clock(720)]]);
  expect(log({ jars: "3" })).toEqual([["separated", clock(720)]]);
});

test("the record says that it was told afterwards, how it ended, and what was measured", () => {
  const { run, harvest, result } = enter({
    firstDrop: "10:15",
    heatOff: "11:45",
    mass: "0.7",
    oil: "4.5",
    hydrosol: "620",
    look: "pale",
    smell: "hay",
    note: "rain",
    stopped: "smell",
  });
  expect(run).toMatchObject({
    number: 7,
    told: "afterwards",
    stopped: "smell",
    stillId: "still-a",
    stillName: sampleStill().name,
    harvestId: harvest.id,
    plantId: "lavender",
    state: "fresh",
    checked: [],
  });
  expect(run.plan).toMatchObject({ charge: 1, charges: 1, chargeG: 700, stop: { minutes: 90 } });
  expect(run.plan).not.toHaveProperty("filled");
  expect(result).toMatchObject({
    oilMl: 4.5,
    hydrosolMl: 620,
    look: "pale",
    smell: "hay",
    note: "rain",
  });
  expect(harvest).toMatchObject({ plantId: "lavender", state: "fresh", cutOn: "2026-05-30" });
  const bare = enter({ heatOff: "70 min" });
  expect(bare.run).toMatchObject({ told: "withoutClock" });
  expect(bare.run).not.toHaveProperty("stopped");
  for (const none of ["oilMl", "hydrosolMl", "look", "smell", "note"])
    expect(bare.result).not.toHaveProperty(none);
});

test("its plan ends as long as it ran, else by its hydrosol, else as the plant usually does", () => {
  const stop = (part: Partial<PastForm>) => enter(part).run.plan.stop;
  expect(stop({ firstDrop: "10:00", heatOff: "11:00", hydrosol: "500" })).toEqual({ minutes: 60 });
  expect(stop({ hydrosol: "500" })).toEqual({ distillateMl: 500 });
  const usual = { minutes: catalogueBook.byId("lavender")!.usualMinutes };
  expect(stop({})).toEqual(usual);
  expect(stop({ hydrosol: "0" })).toEqual(usual);
  expect(stop({ firstDrop: "10:00", heatOff: "10:00" })).toEqual(usual);
  expect(stop({ firstDrop: "10:00", heatOff: "10:01" })).toEqual({ minutes: 1 });
});

test("a still whose heat is not known well enough to boil had an ordinary hob's", () => {
  const cold = { ...sampleStill(), heat: { ...sampleStill().heat, powerW: 5 } };
  const { told: all } = readPastForm(
    { ...blank, plantId: "lavender", water: "2" },
    { ...context, stills: [cold] },
  );
  const { run } = pastRun(all!, { number: 1, site, now });
  expect(run.plan.forecast.rateMlPerMin).toBeGreaterThan(1);
  expect(run.plan.waterMl).toBe(2000);
});

test("what teaches: a weight and its oil, a time and its hydrosol, heat on and a first drop", () => {
  const all = told({
    heatOn: "9:40",
    firstDrop: "10:15",
    heatOff: "11:45",
    mass: "1",
    oil: "4",
    hydrosol: "600",
  });
  expect(teaches(all)).toEqual({ yield: [], rate: [], warming: [] });
  expect(teaches({ ...all, firstDrop: undefined })).toEqual({
    yield: [],
    rate: ["times"],
    warming: ["times"],
  });
  expect(teaches(told({ firstDrop: "10:00", heatOff: "10:00", hydrosol: "1" })).rate).toEqual([
    "times",
  ]);
});

test("a run went the way that was chosen, else the plant's own where the still can, else the still's", () => {
  const { methods } = read({});
  expect(methods.length).toBeGreaterThan(1);
  for (const method of methods) expect(read({ method }).method).toBe(method);
  for (const plant of catalogueBook.all) {
    const own = methods.includes(plant.preferredMethod) ? plant.preferredMethod : methods[0];
    expect(read({ plantId: plant.id, method: "" }).method).toBe(own);
  }
});

test("only states in which a plant is distilled are offered, the first of them where none is chosen", () => {
  for (const plant of catalogueBook.all) {
    const { states, state } = read({ plantId: plant.id, state: "" as PastForm["state"] });
    expect(states).toEqual(Object.keys(plant.states));
    expect(state).toBe(states[0]);
  }
  const { states, state } = read({ plantId: "", state: "" as PastForm["state"] });
  expect(states).toHaveLength(3);
  expect(state).toBe("fresh");
});

test("a reading is an entry at its minute, with what was read and nothing else", () => {
  const { run } = enter({
    firstDrop: "10:15",
    readings: [{ time: "20 min", distillate: "200", head: "98", oil: "1" }],
  });
  expect(run.entries[1]).toEqual({
    id: run.entries[1]!.id,
    type: "reading",
    at: clock(635),
    distillateMl: 200,
    headC: 98,
    oilMl: 1,
  });
});

test("blank fields are nothing told; what is no time or figure is told under its own field", () => {
  const spaces = told({
    mass: " ",
    water: " ",
    oil: " ",
    heatOn: " ",
    firstDrop: " ",
    heatOff: " ",
  });
  for (const field of ["massG", "waterMl", "oilMl", "heatOn", "firstDrop", "heatOff", "runMinutes"])
    expect(spaces).not.toHaveProperty(field);
  const reading = { time: "10:00", distillate: "", head: "hot", oil: "much" };
  const { problems } = read({
    day: "30.05.2026-05-30",
    mass: "plenty",
    heatOn: "25:00",
    firstDrop: "soon",
    heatOff: "9:70",
    jars: "some",
    readings: [reading],
  });
  expect(Object.keys(problems).sort()).toEqual([
    "day",
    "firstDrop",
    "heatOff",
    "heatOn",
    "jars",
    "mass",
    "readings.0.head",
    "readings.0.oil",
  ]);
  expect(problems.heatOn).toBe("There is no such time. Type it as 9:40 or 21:40.");
  expect(read({ day: "2026-05-30 in the evening" }).problems.day).toContain("which day");
  expect(read({ plantId: "" }).problems.plantId).toBe("Say which plant it was.");
});

test("on the second night a clock's time before the last one is a day later again", () => {
  const all = told({ heatOn: "22:00", firstDrop: "30 h", heatOff: "3:00" });
  expect(all).toMatchObject({
    heatOn: 1320,
    firstDrop: 1320 + 1800,
    heatOff: 3 * 1440 + 180,
  });
});

test.each([
  [" 12:59 ", { clock: 779 }],
  ["9:00", { clock: 540 }],
  ["10 h 5", { minutes: 605 }],
  ["1h10", { minutes: 70 }],
  ["1 h10", { minutes: 70 }],
  ["1h 10", { minutes: 70 }],
  ["0", { minutes: 0 }],
])("%s is a time", (text, value) => {
  expect(timeTold(text)).toEqual({ ok: true, value });
});

test.each(["-5", "about 1 h 10", "1 h 10 or so"])("%s is no time", (text) => {
  expect(timeTold(text)).toEqual({
    ok: false,
    problem: expect.stringContaining("as 9:40") as string,
  });
});
