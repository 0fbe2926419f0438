import fc from "fast-check";
import { forecastRun } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { steamRequest } from "@/testing/steamRequest";
import { explainRun, type RunToExplain } from "./explain";
import { oilFlows, waterFlows } from "./flows";

test("in 1,000 random runs both balances close to a thousandth, whatever was measured", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("lavender", "rosemary", "damaskRose", "fennel", "clove", "anise"),
      fc.constantFrom("steam" as const, "hydro" as const, "cohobation" as const, "bowl" as const),
      fc.double({ min: 1, max: 200, noNaN: true }),
      fc.double({ min: 1, max: 3000, noNaN: true }),
      fc.double({ min: 0, max: 30, noNaN: true }),
      (plantId, method, minutes, distillateMl, oilMl) => {
        let asked: ForecastRequest;
        try {
          asked = steamRequest({ material: { plantId }, method });
          const flows = oilFlows(asked, { oilMl, minutes, distillateMl });
          const { plantMl, leftMl, vapourMl, distilledMl } = flows;
          const near = (a: number, b: number) =>
            expect(Math.abs(a - b)).toBeLessThanOrEqual(0.001 * Math.max(1e-6, b));
          near(leftMl + vapourMl + distilledMl, plantMl);
          near(
            flows.inHandMl + flows.missingMl + flows.dissolvedMl + flows.hazeMl + flows.onGlassMl,
            distilledMl,
          );
          for (const value of Object.values(flows))
            if (typeof value === "number") expect(value).toBeGreaterThanOrEqual(0);
        } catch (error) {
          if (!(error instanceof RangeError)) throw error;
        }
        const water = waterFlows({
          waterMl: 3500,
          addedMl: 0,
          distillateMl,
          jarsMl: [distillateMl / 3, distillateMl / 2],
          heldMl: 200,
        });
        const out =
          water.potMl + water.plantMl + water.lostMl + water.jarsMl.reduce((a, b) => a + b, 0);
        expect(Math.abs(out - water.inMl)).toBeLessThan(0.001 * water.inMl);
      },
    ),
    { numRuns: 1000 },
  );
});

const planned = forecastRun(steamRequest(), { samples: 1 });
const run = (part: Partial<RunToExplain> = {}): RunToExplain => ({
  oilMl: planned.oil.visibleMl.p50,
  minutes: 40,
  distillateMl: 40 * planned.rateMlPerMin,
  planned: { minutes: 40, rateMlPerMin: planned.rateMlPerMin },
  outlet: [],
  tissue: "surfaceGlands",
  ...part,
});
const found = (part: Partial<RunToExplain>) => explainRun(steamRequest(), run(part));

test("a run that went as planned needs no explanation", () => {
  expect(found({})).toEqual([]);
});

test("stopped early, slow, settled short, warm at the outlet: each with its size, the largest first", () => {
  const early = found({ minutes: 10, distillateMl: 10 * planned.rateMlPerMin });
  expect(early.find(({ reason }) => reason === "stoppedEarly")!.ml).toBeLessThan(-0.1);
  const several = found({
    minutes: 40,
    distillateMl: 16 * planned.rateMlPerMin,
    settledShare: 0.4,
    outlet: [{ minutes: 20, celsius: 55 }],
    oilMl: planned.oil.visibleMl.p50 * 0.6,
    dryPatches: true,
  });
  const reasons = several.map(({ reason }) => reason);
  for (const reason of ["slower", "settledShort", "warmOutlet", "channels"])
    expect(reasons).toContain(reason);
  const sizes = several.flatMap(({ ml }) => (ml === undefined ? [] : Math.abs(ml)));
  expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
});

test("what is told sums to the difference from the plan", () => {
  const oilMl = planned.oil.visibleMl.p50 * 0.5;
  const sum = found({ oilMl, minutes: 20, distillateMl: 20 * planned.rateMlPerMin }).reduce(
    (total, { ml = 0, inPlan }) => total + (inPlan ? 0 : ml),
    0,
  );
  expect(sum).toBeCloseTo(oilMl - planned.oil.visibleMl.p50, 1);
});
