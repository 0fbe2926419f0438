import fc from "fast-check";
import { plants } from "@/core/plant/catalogue";
import { dayOfYear, daysUntilOpen, harvestWindow, seasonalPlants } from "./harvestWindows";

const sea = { altitudeM: 0 };
const day = (text: string) => dayOfYear(new Date(`${text}T12:00:00`));
const open = (plantId: string, text: string, garden: Parameters<typeof harvestWindow>[1] = sea) =>
  daysUntilOpen(harvestWindow(plantId, garden)!, day(text)) === 0;

test("lavender is cut in July in the north, before the new year in the south; roses in May", () => {
  expect(open("lavender", "2026-07-05")).toBe(true);
  expect(open("lavender", "2026-05-05")).toBe(false);
  expect(open("lavender", "2025-12-20", { latitude: -42, altitudeM: 0 })).toBe(true);
  expect(open("rose", "2026-05-25")).toBe(true);
});

test("higher up and further from the equator everything comes later, in autumn half as much", () => {
  const from = (plantId: string, garden: Parameters<typeof harvestWindow>[1]) =>
    harvestWindow(plantId, garden)!.from;
  expect(from("lavender", { altitudeM: 900 }) - from("lavender", sea)).toBeCloseTo(30, 6);
  expect(from("juniperberry", { altitudeM: 900 }) - from("juniperberry", sea)).toBeCloseTo(15, 6);
  expect(from("lavender", { latitude: 50, altitudeM: 0 }) - from("lavender", sea)).toBeCloseTo(
    20,
    6,
  );
  expect(harvestWindow("lavender", { latitude: 10, altitudeM: 0 })).toBeUndefined();
});

test("between the tropics what grows there is cut in the dry months, which are the other half of the year in the south", () => {
  const dry = (latitude: number, on: string) =>
    daysUntilOpen(
      harvestWindow("patchouli", { latitude, altitudeM: 0 })!,
      dayOfYear(new Date(`${on}T12:00`)),
    ) === 0;
  expect([dry(12, "2026-01-20"), dry(12, "2026-07-20")]).toEqual([true, false]);
  expect([dry(-12, "2026-01-20"), dry(-12, "2026-07-20")]).toEqual([false, true]);
});

test("a window over the new year is open on both sides of it", () => {
  expect(open("lemonzest", "2026-12-20")).toBe(true);
  expect(open("lemonzest", "2026-02-10")).toBe(true);
  expect(open("lemonzest", "2026-07-10")).toBe(false);
});

test("each plant of the calendar is one of the book", () => {
  const known = new Set(plants.map(({ id }) => id));
  expect(seasonalPlants.filter((id) => !known.has(id))).toEqual([]);
  expect(seasonalPlants.length).toBeGreaterThan(100);
});

test("a window is open at its middle wherever it grows", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...seasonalPlants),
      fc.double({ min: 24, max: 65, noNaN: true }),
      fc.boolean(),
      fc.double({ min: 0, max: 2500, noNaN: true }),
      (plantId, degrees, north, altitudeM) => {
        const window = harvestWindow(plantId, { latitude: north ? degrees : -degrees, altitudeM })!;
        const middle = (window.from + ((window.to - window.from + 365) % 365) / 2) % 365;
        expect(daysUntilOpen(window, middle)).toBe(0);
        expect(daysUntilOpen(window, (window.from + 360) % 365)).toBeLessThanOrEqual(6);
      },
    ),
  );
});
