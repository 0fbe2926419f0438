import { extraction } from "../plant/usualRelease";
import { draws, middleDraw, type Draw } from "./draws";
import type { ForecastRequest } from "./request";
import { forecastRun } from "./forecastRun";
import { runModel } from "./runModel";
import { simulate } from "./simulate";

const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "lavender", state: "fresh" },
  massG: 800,
  still: { heat: { powerW: 2000, kind: "plate" }, lossWPerK: 1, dryLineMl: 500 },
  waterMl: 3500,
  stop: { perKg: 1 },
};
const model = runModel(request);
const many = draws(model, 4000, 7);
const quantile = (read: (draw: Draw) => number, share: number, from = many) =>
  from.map(read).sort((a, b) => a - b)[Math.floor(share * from.length)]!;

test.each([
  ["volatility", extraction.volatility],
  ["steamSaturation", extraction.steamSaturation],
  ["waterSaturation", extraction.waterSaturationJar],
  ["suspendedShare", extraction.suspendedShare],
  ["hazeMlPerL", extraction.hazeMlPerL],
] as const)("8 in 10 of %s lie between its ends, half of them on either side", (name, range) => {
  expect(quantile((draw) => draw[name], 0.5) / range.usual).toBeCloseTo(1, 1);
  expect(quantile((draw) => draw[name], 0.1) / range.low).toBeCloseTo(1, 0);
  expect(quantile((draw) => draw[name], 0.9)).toBeLessThanOrEqual(range.high * 1.12);
  expect(quantile((draw) => draw[name], 0.9)).toBeGreaterThan(range.usual);
});

test("the oil content is the plant's own range", () => {
  const { low, high } = model.material.oilMlPerKg;
  expect(quantile(({ oilMlPerKg }) => oilMlPerKg, 0.1) / low).toBeCloseTo(1, 1);
  expect(quantile(({ oilMlPerKg }) => oilMlPerKg, 0.9) / high).toBeCloseTo(1, 1);
});

test("shares stay shares, whatever chance says", () => {
  for (const draw of many) {
    for (const name of [
      "freeShare",
      "steamSaturation",
      "waterSaturation",
      "suspendedShare",
      "efficiency",
      "bowlWater",
      "bowlOil",
    ] as const) {
      expect(draw[name]).toBeGreaterThanOrEqual(0);
      expect(draw[name]).toBeLessThanOrEqual(1);
    }
    expect(draw.washing).toBeGreaterThan(0);
    expect(draw.releasePerMinute).toBeGreaterThan(0);
  }
});

test("a calibrated still's heat scatters less than one that is only known by its kind", () => {
  const heat = { ...request.still.heat, efficiency: 0.6, calibrated: true };
  const calibrated = runModel({ ...request, still: { ...request.still, heat } });
  const width = (from: Draw[]) =>
    quantile(({ efficiency }) => efficiency, 0.9, from) /
    quantile(({ efficiency }) => efficiency, 0.1, from);
  expect(width(draws(calibrated, 2000, 3))).toBeLessThan(width(many));
});

test("what is told as nothing stays nothing, and the same seed draws the same", () => {
  const none = runModel({ ...request, suspendedShare: 0, hazeMlPerL: 0 });
  for (const draw of draws(none, 50, 1)) {
    expect(draw.suspendedShare).toBe(0);
    expect(draw.hazeMlPerL).toBe(0);
  }
  expect(draws(model, 20, 5)).toEqual(draws(model, 20, 5));
  expect(draws(model, 20, 5)).not.toEqual(draws(model, 20, 6));
});

test("the middle draw is the usual of everything", () => {
  expect(middleDraw(model)).toMatchObject({
    volatility: extraction.volatility.usual,
    steamSaturation: extraction.steamSaturation.usual,
    waterSaturation: extraction.waterSaturationJar.usual,
    bowlOil: extraction.bowlOil.usual,
    washing: extraction.washingSurface,
  });
  const returning = runModel({ ...request, method: "cohobation" });
  expect(middleDraw(returning).waterSaturation).toBe(extraction.waterSaturationFlowing.usual);
});

test.each(["lavender", "neroli", "clove"])(
  "%s: the range that 1,000 draws give holds 8 in 10 of 1,000 others",
  (plantId) => {
    const asked = { ...request, material: { plantId } };
    const { p10, p90 } = forecastRun(asked, { samples: 1000, seed: 1 }).oil.visibleMl;
    const played = runModel(asked);
    const inside = draws(played, 1000, 99).filter((draw) => {
      const { visibleMl } = simulate(played, draw);
      return p10 <= visibleMl && visibleMl <= p90;
    }).length;
    expect(inside).toBeGreaterThan(760);
    expect(inside).toBeLessThan(850);
  },
);
