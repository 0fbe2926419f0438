import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleBottle } from "@/testing/sampleShelf";
import { defaultPreferences } from "@/records/setting";
import { brokenInWords, faultInWords } from "./faultWords";

test("nothing is said where nothing is wrong", () => {
  for (const record of [
    sampleStill(),
    sampleRun(),
    sampleBottle("a", "lot-a", 5),
    defaultPreferences(),
  ])
    expect(faultInWords(record)).toBeUndefined();
});

test("what is wrong is told by the field's own name, with what may stand there", () => {
  const still = sampleStill();
  expect(faultInWords({ ...still, heat: { ...still.heat, powerW: 1e9 } })).toMatch(
    /^Power can be [\d,]+ at most$/,
  );
  expect(faultInWords({ ...still, name: "x".repeat(999) })).toBe("Name has more than 200 letters");
  const run = sampleRun();
  expect(faultInWords({ ...run, plan: { ...run.plan, chargeG: -20 } })).toBe(
    "Plant weight must be above 0",
  );
  expect(faultInWords({ ...sampleBottle("a", "lot-a", 5), sizeMl: 0 })).toBe(
    "Bottle size must be above 0",
  );
  expect(faultInWords({ ...sampleBottle("a", "lot-a", 5), bestBy: "soon" })).toBe(
    "Best by is none that Sereno knows",
  );
  expect(faultInWords({ ...defaultPreferences(), prices: { currency: "doubloons" } })).toBe(
    "Currency has more than 5 letters",
  );
});

test("a record of a file that does not open is told by what a person knows it by, its field and the remedy", () => {
  const run = sampleRun();
  expect(brokenInWords({ ...run, plan: { ...run.plan, chargeG: -20 } })).toBe(
    `Run ${run.number}: Plant weight must be above 0.`,
  );
  expect(brokenInWords({ ...sampleStill(), name: 4 })).toBe(
    "Still: Name is missing, or is not what belongs there.",
  );
  expect(brokenInWords({ ...run, version: 99 }, true)).toBe(
    `Run ${run.number}: a newer Sereno has written it. Update Sereno on this device.`,
  );
  expect(brokenInWords("lavender")).toBe("Something that is no record of Sereno.");
});
