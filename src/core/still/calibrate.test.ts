import fc from "fast-check";
import { latentHeat, waterHeatCapacity } from "../water/properties";
import { boilingPointC } from "../water/saturation";
import { calibrate, type WaterRun } from "./calibrate";
import { minutesToHeat } from "./heatUp";

const run: Omit<WaterRun, "minutesToBoil" | "rateMlPerMin"> = {
  waterMl: 3000,
  startC: 14,
  airC: 16,
  pressurePa: 97500,
  powerW: 2000,
  vesselJPerK: 2300,
};
const boilC = boilingPointC(run.pressurePa);

/** What a still of known efficiency and loss would show. */
function seen(efficiency: number, lossWPerK: number): WaterRun {
  const net = efficiency * run.powerW - lossWPerK * (boilC - run.airC);
  return {
    ...run,
    minutesToBoil: minutesToHeat(
      {
        powerW: efficiency * run.powerW,
        lossWPerK,
        capacityJPerK: run.waterMl * waterHeatCapacity + run.vesselJPerK,
        airC: run.airC,
      },
      run.startC,
      boilC,
    ),
    rateMlPerMin: (net / latentHeat(boilC)) * 60,
  };
}

test("efficiency and loss come back from what such a still would show", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.35, max: 0.99, noNaN: true }),
      fc.double({ min: 0, max: 6, noNaN: true }),
      (efficiency, loss) => {
        const found = calibrate(seen(efficiency, loss));
        expect(found.efficiency).toBeCloseTo(efficiency, 3);
        expect(found.lossWPerK).toBeCloseTo(loss, 2);
      },
    ),
  );
});

test.each([
  [{ minutesToBoil: 90, rateMlPerMin: 22 }, /minutesToBoil: 90 min is longer than the \d+ min/],
  [{ minutesToBoil: 3, rateMlPerMin: 22 }, /minutesToBoil: to boil in 3 min/],
  [{ minutesToBoil: 9, rateMlPerMin: 60 }, /takes .* more than the 2000 W|more than 2000 W/],
  [{ minutesToBoil: 20, rateMlPerMin: 0 }, /rateMlPerMin must be above 0/],
  [{ minutesToBoil: 20, rateMlPerMin: 20, startC: 99 }, /startC: 99 °C is not below the boil/],
])("readings that cannot be are named: %j", (part, words) => {
  expect(() => calibrate({ ...run, ...part })).toThrow(words);
});
