import { forecastRun } from "../forecast/forecastRun";
import { steamRequest } from "@/testing/steamRequest";
import { fitRun, fitted } from "./fit";
import { playFits } from "./playFits";

const request = steamRequest({
  material: {
    oilMlPerKg: { low: 6, high: 14 },
    composition: { cineole: 0.5, limonene: 0.3, linalool: 0.2 },
    freeShare: 0.5,
    releasePerMinute: 0.02,
    washing: 3,
    moisture: 0.7,
  },
  stop: { minutes: 60 },
});

test("readings of the plan's own middle run teach the plan's own figures", () => {
  const { rateMlPerMin } = forecastRun(request, { samples: 1 });
  const readings = [5, 10, 20, 30, 45, 60].map((minutes) => ({
    minutes,
    oilMl: forecastRun({ ...request, stop: { minutes } }, { samples: 1 }).oil.visibleAtOnceMl.p50,
  }));
  const { parameters, misfit } = fitRun(request, readings);
  expect(parameters.oilMlPerKg.p50).toBeCloseTo(Math.sqrt(6 * 14), 1);
  expect(parameters.freeShare.p50).toBeCloseTo(0.5, 1);
  expect(parameters.rateMlPerMin.p50 / rateMlPerMin).toBeCloseTo(1, 2);
  expect(misfit).toBeLessThan(0.2);
});

test("more readings make the range of the content narrower, and the curve goes through them", () => {
  const all = [
    { minutes: 5, oilMl: 1 },
    { minutes: 10, oilMl: 1.7 },
    { minutes: 20, oilMl: 2.6 },
    { minutes: 40, oilMl: 3.6 },
  ];
  const width = (count: number) => {
    const { p10, p90 } = fitRun(request, all.slice(0, count)).parameters.oilMlPerKg;
    return p90 / p10;
  };
  expect(width(4)).toBeLessThan(width(1));
  const { curve, correlations } = fitRun(request, all);
  const near = curve.reduce((best, point) =>
    Math.abs(point.minutes - 20) < Math.abs(best.minutes - 20) ? point : best,
  );
  expect(near.oilMl.p10).toBeLessThan(2.75);
  expect(near.oilMl.p90).toBeGreaterThan(2.4);
  for (const a of fitted)
    for (const b of fitted) {
      expect(Math.abs(correlations[a][b])).toBeLessThanOrEqual(1.0001);
      expect(correlations[a][b]).toBeCloseTo(correlations[b][a], 6);
    }
});

test("readings that tell nothing of the oil are refused by name", () => {
  expect(() => fitRun(request, [{ minutes: 10, distillateMl: 240 }])).toThrow(/^readings:/);
});

test("known figures lie within the stated range in 7 to 9 of 10 played runs, the content within 10 %", () => {
  const { held, contentMiss } = playFits(request, 100, 2);
  expect(contentMiss).toBeLessThan(0.1);
  expect(held.oilMlPerKg).toBeGreaterThanOrEqual(0.7);
  expect(held.oilMlPerKg).toBeLessThanOrEqual(0.9);
  for (const name of fitted) expect(held[name]).toBeGreaterThan(0.6);
});

test("what a litre of hydrosol gives up teaches how much the water takes, and salt leaves some behind", () => {
  const oil = [10, 20, 40].map((minutes) => ({
    minutes,
    oilMl: forecastRun({ ...request, stop: { minutes } }, { samples: 1 }).oil.visibleAtOnceMl.p50,
  }));
  const waterTaken = (fromLitreMl: number, saltGPerL?: number) =>
    fitRun(request, [
      ...oil,
      { minutes: 40, fromLitreMl, ...(saltGPerL === undefined ? {} : { saltGPerL }) },
    ]).parameters.waterSaturation.p50;
  expect(waterTaken(3)).toBeGreaterThan(waterTaken(0.8));
  expect(waterTaken(1.2, 50)).toBeGreaterThan(waterTaken(1.2));
  const width = (of: Parameters<typeof fitRun>[1]) => {
    const { p10, p90 } = fitRun(request, of).parameters.waterSaturation;
    return p90 - p10;
  };
  expect(width([...oil, { minutes: 40, fromLitreMl: 1.5 }])).toBeLessThan(width(oil));
});

test("a reading before the first drop tells nothing of the oil", () => {
  expect(() => fitRun(request, [{ minutes: 0, oilMl: 1 }])).toThrow(/readings/);
});

test("a small amount of distillate is read to 5 mL: it moves the rate, and does not carry it off", () => {
  const { rateMlPerMin } = forecastRun(request, { samples: 1 });
  const minutes = 40 / rateMlPerMin;
  const { parameters } = fitRun(request, [
    { minutes, distillateMl: 20 },
    { minutes: 60, oilMl: 3 },
  ]);
  const moved = parameters.rateMlPerMin.p50 / rateMlPerMin;
  expect(moved).toBeGreaterThan(0.8);
  expect(moved).toBeLessThan(0.97);
});

test("a plant without a range may hold half or double, one with a range no more than it says", () => {
  const vague = [{ minutes: 60, fromLitreMl: 0.05 }];
  const width = (low: number, high: number) => {
    const material = { ...request.material, oilMlPerKg: { low, high } };
    const { p10, p90 } = fitRun({ ...request, material }, vague).parameters.oilMlPerKg;
    return p90 / p10;
  };
  expect(width(9, 9)).toBeGreaterThan(3.5);
  expect(width(9, 9)).toBeLessThan(5);
  expect(width(6, 14)).toBeLessThan(2.6);
  expect(width(6, 14)).toBeGreaterThan(2);
  expect(width(8.5, 9.5)).toBeLessThan(1.2);
});
