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
  [{ minutesToBoil: 90, rateMlPerMin: 22 }, /^boilsTooLate, minutesToBoil 90, slowestMinutes 25/],
  [{ minutesToBoil: 3, rateMlPerMin: 22 }, /^takesMorePower, minutesToBoil 3/],
  [{ minutesToBoil: 9, rateMlPerMin: 60 }, /^dripsTakeMore, rateMlPerMin 60, neededW 2414/],
  [{ minutesToBoil: 20, rateMlPerMin: 0 }, /rateMlPerMin must be above 0/],
  [{ minutesToBoil: 20, rateMlPerMin: 20, startC: 99 }, /^startNotBelowBoil, startC 99/],
])("readings that cannot be are named: %j", (part, words) => {
  expect(() => calibrate({ ...run, ...part })).toThrow(words);
});
