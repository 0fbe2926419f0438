import { sampleChargePlan } from "@/testing/sampleRecords";
import { planFigures } from "./planFigures";

const planned = sampleChargePlan();
type Plan = typeof planned;

/* Round numbers in place of the forecast's, so that each line can be worked out in the head. */
const plan = (forecast: Partial<Plan["forecast"]> = {}, iceKg?: number): Plan => ({
  ...planned,
  charges: 2,
  chargeG: 700,
  waterMl: 3000,
  forecast: {
    ...planned.forecast,
    minutesToFirstDrop: 20,
    runMinutes: 60,
    energyKWh: 1.5,
    distillateMl: 600,
    oil: { ...planned.forecast.oil, distilledMl: { p10: 4, p50: 5, p90: 6 } },
    ...forecast,
  },
  cooling: iceKg === undefined ? undefined : ({ ...planned.cooling, iceKg } as Plan["cooling"]),
});
const lines = (...asked: Parameters<typeof planFigures>) =>
  Object.fromEntries(
    planFigures(...asked).map(({ name, value, amount }) => [name, [value, amount]]),
  );

test("each line is of all charges, in words and as a bare number", () => {
  const told = lines(plan(), "gas", "metric");
  expect(told).toEqual({
    "Visible oil": [expect.stringMatching(/mL$/), expect.any(Number)],
    "Oil distilled": ["10 mL", 10],
    Hydrosol: ["1.20 L", 1200],
    Charges: ["2 × 700 g", 2],
    Heating: ["2 h 40 min", 160],
    Water: ["6.00 L", 6000],
    Energy: ["3.00 kWh", 3],
  });
});

test("a still that never drips is heated for its run alone", () => {
  expect(lines(plan({ minutesToFirstDrop: undefined }), "gas", "metric").Heating![1]).toBe(120);
});

test("fuel is a line where its price is known, ice where some is needed", () => {
  const gas = lines(plan(), "gas", "metric", { gasPerKg: 12.8, currency: "EUR" });
  expect(gas.Fuel![1]).toBeCloseTo(3);
  expect(gas.Fuel![0]).toMatch(/3\.00/);
  expect(lines(plan(), "gas", "metric", {})).not.toHaveProperty("Fuel");
  expect(lines(plan({}, 0), "gas", "metric")).not.toHaveProperty("Ice");
  expect(lines(plan({}, 2), "gas", "metric").Ice).toEqual(["4.0 kg", 4]);
});
