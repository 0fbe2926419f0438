import fc from "fast-check";
import { speak } from "@/core/units/language";
import { sampleStill } from "@/testing/sampleRecords";
import { faultOf } from "@/records/migrate";
import { runState } from "../run/runState";
import { summarise } from "../run/runSummary";
import { contentOfRun } from "../run/contentOfRun";
import { catalogueBook } from "../plant/plantBook";
import { emptyPastForm, type PastForm } from "./pastForm";
import { pastRun } from "./pastRun";
import { readPastForm } from "./readPastForm";
import { teaches } from "./teaches";
import { timeTold } from "./timeTold";

beforeAll(() => speak("en-GB"));

const now = new Date("2026-06-20T09:00:00");
const today = "2026-06-20";
const context = { book: catalogueBook, stills: [sampleStill()], measures: [], today };
const blank = emptyPastForm("2026-05-30", {
  massUnit: "g",
  waterUnit: "mL",
  oilUnit: "mL",
  hydrosolUnit: "mL",
});
const read = (part: Partial<PastForm>) =>
  readPastForm({ ...blank, plantId: "lavender", ...part }, context);
const enter = (part: Partial<PastForm>) => {
  const { told, problems } = read(part);
  expect(problems).toEqual({});
  return pastRun(told!, {
    number: 7,
    site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
    now,
  });
};

test.each([
  ["9:40", { clock: 580 }],
  ["9.40 pm", { clock: 1300 }],
  ["12 am", { clock: 0 }],
  ["7 am", { clock: 420 }],
  ["35 min", { minutes: 35 }],
  ["1 h 10", { minutes: 70 }],
  ["1 h 10 min", { minutes: 70 }],
  ["90", { minutes: 90 }],
])("%s in a notebook", (text, value) => {
  expect(timeTold(text)).toEqual({ ok: true, value });
});
test.each(["25:00", "13 pm", "soon", "9:70"])("%s is no time", (text) => {
  expect(timeTold(text).ok).toBe(false);
});

test("day and plant are enough: the run is done, on its day, and takes the heat of nobody", () => {
  const { run, harvest } = enter({});
  const state = runState(run.entries);
  expect(state).toMatchObject({ phase: "done", heatOn: false });
  expect(harvest.cutOn).toBe("2026-05-30");
  expect(new Date(summarise(run, catalogueBook).at).getDate()).toBe(30);
  expect(run.plan).toMatchObject({ filled: "guessed" });
  expect(faultOf(run)).toBeUndefined();
  expect(faultOf(harvest)).toBeUndefined();
});

test("a run that was on the heat, whose end nobody noted, is not on the heat now", () => {
  expect(runState(enter({ heatOn: "9:00", oil: "4" }).run.entries).heatOn).toBe(false);
});

test("clock times and lengths come to the same run; past midnight is the next day", () => {
  const byClock = enter({
    heatOn: "22:30",
    firstDrop: "23:05",
    heatOff: "0:20",
    mass: "700",
    oil: "6",
    hydrosol: "900",
  });
  const byLength = enter({
    heatOn: "22:30",
    firstDrop: "35 min",
    heatOff: "75",
    mass: "700",
    oil: "6",
    hydrosol: "900",
  });
  const moments = ({ run }: typeof byClock) => run.entries.map(({ type, at }) => [type, at]);
  expect(moments(byClock)).toEqual(moments(byLength));
  const summary = summarise(byClock.run, catalogueBook);
  expect(summary.minutesFromFirstDrop).toBe(75);
  expect(contentOfRun(summary, catalogueBook)).toBeGreaterThan(0);
});

test("what is not told teaches nothing of it, and says what is missing", () => {
  const lesson = (part: Partial<PastForm>) => teaches(read(part).told!);
  expect(lesson({})).toEqual({
    yield: ["weight", "oil"],
    rate: ["times", "hydrosol"],
    warming: ["heatOn", "times"],
  });
  expect(lesson({ mass: "700", oil: "5" }).yield).toEqual([]);
  expect(lesson({ heatOff: "70 min", hydrosol: "800" }).rate).toEqual([]);
  const unweighed = summarise(enter({ oil: "5", heatOff: "70" }).run, catalogueBook);
  expect(contentOfRun(unweighed, catalogueBook)).toBeUndefined();
  const untimed = summarise(enter({ mass: "700", oil: "5" }).run, catalogueBook);
  expect(contentOfRun(untimed, catalogueBook)).toBeGreaterThan(0);
});

test("what was done is never refused: far too full, far too little water, an oil that nobody sees", () => {
  const { run } = enter({ mass: "9 kg", water: "100", oil: "0", hydrosol: "50 L", heatOff: "20" });
  expect(faultOf(run)).toBeUndefined();
  expect(run.plan.chargeG).toBe(9000);
});

test("wrong fields are told at their own place, each in a sentence", () => {
  const { problems, told } = read({
    day: "2026-07-01",
    mass: "12 lemons",
    heatOn: "35 min",
    heatOff: "noonish",
    readings: [{ time: "", distillate: "100", head: "", oil: "" }],
  });
  expect(told).toBeUndefined();
  expect(Object.keys(problems).sort()).toEqual([
    "day",
    "heatOff",
    "heatOn",
    "mass",
    "readings.0.time",
  ]);
  for (const problem of Object.values(problems)) expect(problem).toMatch(/^[A-Z“].*[.?]$/);
});

test("whatever stands in the fields, it is either told in sentences or kept as a record that opens again", () => {
  const text = fc.oneof(
    fc.constantFrom("", "9:40", "70", "1 h 10", "4", "1.2 kg", "2 cups", "999999", "-3"),
    fc.string({ maxLength: 12 }),
  );
  fc.assert(
    fc.property(
      fc.record({
        mass: text,
        water: text,
        heatOn: text,
        firstDrop: text,
        heatOff: text,
        jars: text,
        oil: text,
        hydrosol: text,
      }),
      (part) => {
        const { told, problems } = read(part);
        if (!told) return void expect(Object.keys(problems).length).toBeGreaterThan(0);
        const { run, harvest } = pastRun(told, {
          number: 1,
          site: { altitudeM: 0, airC: 18, waterC: 15, coolingInC: 15 },
          now,
        });
        expect(faultOf(run)).toBeUndefined();
        expect(faultOf(harvest)).toBeUndefined();
        expect(runState(run.entries).heatOn).toBe(false);
      },
    ),
    { numRuns: 150 },
  );
});
