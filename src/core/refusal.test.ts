import { massForWish, WishRefusal } from "./plan/massForWish";
import { Refusal } from "./refusal";
import { calibrate, CalibrationRefusal } from "./still/calibrate";

test("a refusal is a range error with a code and its numbers; its message is for a developer", () => {
  const refused = new Refusal({ code: "tooMany", most: 500, wanted: 900 });
  expect(refused).toBeInstanceOf(RangeError);
  expect(refused.why).toEqual({ code: "tooMany", most: 500, wanted: 900 });
  expect(refused.message).toBe("tooMany, most 500, wanted 900");
});

test("each computation refuses in its own kind, so that a screen tells it from a fault", () => {
  const run = { waterMl: 3000, startC: 99.5, airC: 15, pressurePa: 101325, powerW: 2000 };
  const read = { vesselJPerK: 2000, minutesToBoil: 20, rateMlPerMin: 20 };
  expect(() => calibrate({ ...run, startC: 101, ...read })).toThrow(CalibrationRefusal);
  expect(() => massForWish({} as never, { what: "oil", volumeMl: NaN })).toThrow(WishRefusal);
});
