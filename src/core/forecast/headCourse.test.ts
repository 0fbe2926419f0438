import { steamRequest } from "@/testing/steamRequest";
import { forecastRun } from "./forecastRun";
import { boilingTogether } from "../plant/oil";
import { pressureAtAltitudePa } from "../water/atmosphere";

const pine = { alphaPinene: 0.7, betaPinene: 0.2, limonene: 0.1 };
const request = steamRequest({
  material: {
    oilMlPerKg: { low: 10, high: 10 },
    composition: pine,
    freeShare: 0.8,
    releasePerMinute: 0.02,
    moisture: 0.6,
  },
  stop: { minutes: 90 },
});

test("the head stands under water's boil while oil comes, never under where both boil together, and climbs as the oil goes", () => {
  const { curve, boilC } = forecastRun(request, { samples: 1 });
  const together = boilingTogether(pine, pressureAtAltitudePa(request.site?.altitudeM ?? 0));
  for (const { headC } of curve) {
    expect(headC).toBeLessThanOrEqual(boilC + 1e-6);
    expect(headC).toBeGreaterThanOrEqual(together.temperatureC - 0.05);
  }
  expect(curve[0]!.headC).toBeLessThan(boilC - 0.03);
  expect(curve.at(-1)!.headC).toBeGreaterThan(curve[0]!.headC + 0.02);
  expect(curve.at(-1)!.headC).toBeGreaterThan(boilC - 0.03);
});

test("a plant without oil shows water's boil", () => {
  const dry = { ...request.material, oilMlPerKg: { low: 0, high: 0 } };
  const { curve, boilC } = forecastRun({ ...request, material: dry }, { samples: 1 });
  for (const { headC } of curve) expect(headC).toBeCloseTo(boilC, 3);
});
