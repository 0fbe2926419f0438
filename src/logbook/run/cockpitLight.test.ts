import { cockpitIsDark } from "./cockpitLight";

const auto = { theme: "system" as const };
const place = (latitude: number, longitude: number) => ({
  ...auto,
  place: { latitude, longitude },
});
const utc = (moment: string) => new Date(`${moment}Z`);

test("the cockpit's own choice stands before everything", () => {
  expect(cockpitIsDark({ ...auto, cockpitLight: "night" }, utc("2026-06-21T10:00:00"))).toBe(true);
  expect(cockpitIsDark({ ...auto, cockpitLight: "day" }, utc("2026-06-21T23:00:00"))).toBe(false);
  expect(cockpitIsDark({ theme: "day" }, utc("2026-06-21T23:00:00"))).toBeUndefined();
});

/* At the equinox the sun sets at six by its own time: 7.5 min late by the calendar, 3.4 by the air. */
test.each([
  [0, 0, "2026-03-20T18:09:00", undefined],
  [0, 0, "2026-03-20T18:13:00", true],
  [0, 90, "2026-03-20T12:09:00", undefined],
  [0, 90, "2026-03-20T12:13:00", true],
  [80, 0, "2026-06-21T00:00:00", undefined],
  [-80, 0, "2026-06-21T12:00:00", true],
])("at %d° north, %d° east dusk at %s is sunset there", (latitude, longitude, moment, dark) => {
  expect(cockpitIsDark(place(latitude, longitude), utc(moment))).toBe(dark);
});

test("without a place it is dark from eight to six by the device's clock", () => {
  const at = (hour: number) => new Date(2026, 5, 21, hour);
  expect([5, 6, 19, 20].map((hour) => cockpitIsDark(auto, at(hour)))).toEqual([
    true,
    undefined,
    undefined,
    true,
  ]);
});
