import { emptyDraft } from "@/records/planDraft";
import { sampleRun } from "@/testing/sampleRecords";
import { againLike, draftOfRun, plain } from "./draftOfRun";

const run = (plan: Partial<ReturnType<typeof sampleRun>["plan"]> = {}) => {
  const whole = sampleRun();
  return { ...whole, plan: { ...whole.plan, ...plan } };
};

test("a run that keeps what was typed gives it back word for word", () => {
  const draft = { ...emptyDraft("metric"), massText: "1.2 kg or so", harvestId: "h", runId: "r" };
  expect(draftOfRun({ ...run(), draft }, "us")).toMatchObject({
    massText: "1.2 kg or so",
    harvestId: "h",
  });
});

test("one that keeps none is told by its figures, in the person's units", () => {
  const told = draftOfRun(run({ preparation: "cut", agedMonths: 18 }), "metric");
  expect(told).toMatchObject({
    plantId: "lavender",
    state: "fresh",
    stillId: "still-a",
    method: "steam",
    massText: "700",
    massUnit: "g",
    preparation: "cut",
    agedText: "18",
    stopBy: "ratio",
    ratioText: "1",
    ratioUnit: "LPerKg",
    minutesText: "",
    worthText: "",
    chargesText: "1",
  });
  expect(draftOfRun(run(), "us")).toMatchObject({
    massText: "24.69",
    massUnit: "oz",
    agedText: "",
  });
});

test.each([
  [{ minutes: 45 }, { stopBy: "clock", minutesText: "45" }],
  [{ perKg: 2.5 }, { stopBy: "ratio", ratioText: "2.5" }],
  [
    { perKg: 2, worthMlPer10Min: 0.05 },
    { stopBy: "least", ratioText: "2", worthText: "0.05" },
  ],
  [{ worthMlPer10Min: 0.123456 }, { stopBy: "worth", worthText: "0.1235" }],
  [{}, { stopBy: "tail", minutesText: "", worthText: "" }],
])("what ends a run by %j is told in the plan's fields", (stop, fields) => {
  expect(draftOfRun(run({ stop }), "metric")).toMatchObject(fields);
});

test("its schools are answered where they are known here, and the stop is what the run had", () => {
  const schools = { pace: "brisk", hydrosol: "nobody's", whatever: "x" };
  const none = draftOfRun(run({ schools: {} }), "metric");
  const told = draftOfRun(run({ schools }), "metric");
  expect(told.pace).toBe("brisk");
  expect(none.pace).toBe(emptyDraft("metric").pace);
  expect({ ...told, pace: none.pace }).toEqual(none);
});

test("a plan like another is of no harvest, run, trial or day yet, and its charges are counted anew", () => {
  const draft = {
    ...emptyDraft("metric"),
    massText: "900",
    harvestId: "h",
    runId: "r",
    trialId: "t",
    dayId: "d",
    dayCharge: "2",
    chargesText: "3",
  };
  expect(againLike({ ...run(), draft }, "metric")).toEqual({
    ...draft,
    harvestId: "",
    runId: "",
    trialId: "",
    dayId: "",
    dayCharge: "",
    chargesText: "",
  });
});

test.each([
  [0.000123456, "0.0001235"],
  [1200, "1200"],
  [123456, "123500"],
  [2.5, "2.5"],
])("%d is typed as %s", (value, text) => {
  expect(plain(value)).toBe(text);
});
