import { planCharges } from "@/core/plan/planCharges";
import type { PlanInput } from "@/core/plan/planInput";
import type { Warning } from "@/core/forecast/warning";
import { plantById } from "@/core/plant/catalogue";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { stillFigures } from "@/logbook/still/stillFigures";
import { warningWords } from "./warningWords";

const stills = readyMadeStills.map((still) => stillFigures(still as never));
const base = (part: Partial<PlanInput>): PlanInput => ({
  still: stills[0]!,
  plant: plantById("lavender")!,
  state: "fresh",
  massG: 600,
  method: "steam",
  stop: { perKg: 1 },
  site: { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14 },
  ...part,
});

/** Plans with something wrong in each, as a person could make them. */
const wrong: Partial<PlanInput>[] = [
  { waterMl: 1000 },
  { waterMl: 9000 },
  { massG: 9000, charges: 1 },
  { massG: 40000, charges: 40 },
  { stop: { minutes: 600 } },
  { condenser: { kind: "tubCoil", tubL: 3, iceKg: 0 } },
  { condenser: { kind: "tap", riseK: 1 }, pace: "brisk" },
  {
    plant: plantById("anise")!,
    state: "dried",
    condenser: { kind: "tubCoil", tubL: 20, iceKg: 2 },
  },
  { plant: plantById("peppermint")!, preparation: "chopped" },
  { stop: { worthMlPer10Min: 1000 } },
  { still: { ...stills[0]!, heat: { kind: "gas", powerW: 60 } } },
];
const warnings: Warning[] = wrong.flatMap((part) => planCharges(base(part)).warnings);
const found = new Map(warnings.map((warning) => [warning.code, warning]));

test("a dozen wrong plans raise a dozen different warnings", () => {
  expect(found.size).toBeGreaterThanOrEqual(9);
});

test.each([...found.values()])("$code is said whole, and by US measures in US units", (warning) => {
  const { message, remedy } = warningWords(warning, "metric");
  expect(message).toMatch(/^[A-Z0-9].*\.$/);
  expect(remedy).toMatch(/\.$|^$/);
  expect(`${message} ${remedy}`).not.toMatch(/undefined|NaN|Infinity|\[object/);
  const us = warningWords(warning, "us");
  expect(`${us.message} ${us.remedy}`).not.toMatch(/\d (mL|L|g|kg|mm|°C)\b/);
});

test("figures are in the warning, words are made from them", () => {
  const warning: Warning = {
    code: "tooMuchWater",
    severity: "error",
    method: "hydro",
    fitsMl: 1230,
    change: { waterMl: 1230 },
  };
  expect(warningWords(warning, "metric")).toEqual({
    message: "The pot is too full. It would boil over into the condenser.",
    remedy: "Use 1.23 L at most.",
  });
  expect(warningWords(warning, "us").remedy).toBe("Use 1.25 qt at most.");
});
