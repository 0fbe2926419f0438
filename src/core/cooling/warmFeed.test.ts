import { steamRequest } from "@/testing/steamRequest";
import { warmFeed } from "../forecast/warmFeed";

test("a pot filled with warm cooling water saves the heat that the water has in it, and the time", () => {
  const request = steamRequest({ waterMl: 4000 });
  const saved = warmFeed(request, 40)!;
  const coldC = request.site?.waterC ?? 15;
  /* What 4 L take from cold to 40 °C, over what the heat source loses on its way: a third at most. */
  const inWater = (4 * 4.19 * (40 - coldC)) / 3600;
  expect(saved.feedC).toBe(40);
  expect(saved.kWh).toBeGreaterThan(inWater);
  expect(saved.kWh).toBeLessThan(inWater * 2.5);
  expect(saved.minutes).toBeCloseTo((saved.kWh * 60000) / request.still.heat.powerW, 6);
});

test("never hotter than a hand can fill, and not worth a word where it is hardly warmer", () => {
  const request = steamRequest();
  expect(warmFeed(request, 95)!.feedC).toBe(60);
  expect(warmFeed(request, (request.site?.waterC ?? 15) + 3)).toBeUndefined();
});
