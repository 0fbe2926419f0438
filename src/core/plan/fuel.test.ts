import fc from "fast-check";
import { energyKWh } from "../forecast/energy";
import type { ForecastRequest } from "../forecast/request";
import { forecastRun } from "../forecast/forecastRun";
import { plantById } from "../plant/catalogue";
import { heatKinds, heatSources } from "../still/heatSources";
import { dropsToMl, oilForDilution, percentToMlPerKg } from "../yield/convert";
import { fuelFor } from "./fuel";
import { usualWorthMl } from "./usualWorth";
import { gentleRateMlPerMin, runPowerW } from "../forecast/pace";

const prices = { electricityPerKWh: 0.3, gasPerKg: 2, oilPerMl: 1 };
const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "lavender", state: "fresh" },
  massG: 900,
  still: { heat: { powerW: 2500, efficiency: 0.5 }, lossWPerK: 1, dryLineMl: 500 },
  waterMl: 4000,
  site: { altitudeM: 320 },
  stop: { perKg: 1 },
};

test("energy is full heat to the first drop and the turned-down one after it", () => {
  const run = { minutesToFirstDrop: 30, runMinutes: 60 };
  expect(energyKWh({ powerW: 2000 }, run)).toBeCloseTo(3, 9);
  expect(energyKWh({ powerW: 2000, runPowerW: 1000 }, run)).toBeCloseTo(2, 9);
  expect(energyKWh({ powerW: 2000 }, { minutesToFirstDrop: Infinity, runMinutes: 0 })).toBe(0);
});

test.each(heatKinds)(
  "%s is priced as what it burns, and what nobody sells is not priced",
  (heat) => {
    const { fuel } = heatSources[heat];
    const priced = fuelFor(3, heat, prices);
    expect(priced.kWh).toBe(3);
    if (fuel === "electricity") expect(priced.cost).toBeCloseTo(0.9, 9);
    if (fuel === "gas") expect(priced.cost).toBeCloseTo((3 / 12.8) * 2, 9);
    if (fuel === "own") expect(priced.cost).toBeUndefined();
    expect(fuelFor(3, heat).cost).toBeUndefined();
  },
);

test("gentle passes the plant's own weight in an hour and a quarter, a drop a second at least", () => {
  expect(gentleRateMlPerMin(900)).toBeCloseTo(12, 9);
  expect(gentleRateMlPerMin(20)).toBe(3);
  const power = runPowerW(request, "gentle")!;
  const heat = { ...request.still.heat, runPowerW: power };
  const gentle = forecastRun({ ...request, still: { ...request.still, heat } }, { samples: 1 });
  expect(gentle.rateMlPerMin).toBeCloseTo(12, 6);
  expect(gentle.minutesToFirstDrop).toBeCloseTo(
    forecastRun(request, { samples: 1 }).minutesToFirstDrop!,
    6,
  );
  expect(runPowerW(request, "brisk")).toBeUndefined();
  const weak = { ...request, still: { ...request.still, heat: { powerW: 400, efficiency: 0.5 } } };
  expect(runPowerW(weak, "gentle")).toBeUndefined();
});

test("the usual worth is a fiftieth of the oil, but never more than steam itself can bring", () => {
  const oil = plantById("lavender")!.states.fresh!.oilMlPerKg;
  const middle = (Math.sqrt(oil.low * oil.high) * 900) / 1000;
  expect(usualWorthMl(request, oil, 1 / 50)).toBeCloseTo(middle / 50, 6);
  const clove = plantById("clove")!;
  const heavy: ForecastRequest = {
    ...request,
    method: "hydro",
    material: { plantId: "clove", state: "dried" },
    still: { ...request.still, heat: { powerW: 900, efficiency: 0.5 } },
  };
  const rich = clove.states.dried!.oilMlPerKg;
  const share = (Math.sqrt(rich.low * rich.high) * 900) / 1000 / 50;
  const worth = usualWorthMl(heavy, rich, 1 / 50);
  expect(worth).toBeLessThan(share);
  expect(worth).toBeGreaterThan(0);
});

test("dilutions, drops and per cent turn into millilitres and back", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 50, noNaN: true }),
      fc.double({ min: 1, max: 5000, noNaN: true }),
      (percent, carrierMl) => {
        const oil = oilForDilution(percent, carrierMl);
        expect((100 * oil) / (oil + carrierMl)).toBeCloseTo(percent, 9);
      },
    ),
  );
  expect(dropsToMl(40)).toBe(2);
  expect(dropsToMl(40, 25)).toBe(1.6);
  expect(percentToMlPerKg(1.2, "vw", 0.9)).toBeCloseTo(12, 9);
  expect(percentToMlPerKg(0.9, "ww", 0.9)).toBeCloseTo(10, 9);
});
