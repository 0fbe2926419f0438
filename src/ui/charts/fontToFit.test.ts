import { fontToFit } from "./fontToFit";

test("what fits keeps its size, what is longer is set smaller, and never too small to read", () => {
  expect(fontToFit("headspace", 72, 12)).toBe(12);
  expect(fontToFit("headspaceheads", 72, 12)).toBeLessThan(12);
  expect(fontToFit("a word without any end at all, or nearly so", 72, 12)).toBe(8);
  expect(fontToFit("", 72, 12)).toBe(12);
});

/* Widths of their size as the browser measures them in the app's regular type. */
test.each([
  ["tub at the end", 6.2],
  ["likely 0.5–1.1", 5.46],
  ["0.0089 mL dissolved in the hydrosol", 16.17],
  ["0.30 mL haze that never settles", 14.04],
])("%s fills its room and stays in it", (words, wide) => {
  const room = 0.9 * wide * 12;
  const filled = (fontToFit(words, room, 12) * wide) / room;
  expect(filled).toBeLessThanOrEqual(1);
  expect(filled).toBeGreaterThan(0.85);
});

test("bold words are wider, and letters with an accent or of another alphabet have room", () => {
  expect(fontToFit("39.4 headspaces", 100, 14.5, { bold: true })).toBeLessThan(
    fontToFit("39.4 headspaces", 100, 14.5),
  );
  expect(fontToFit("ĥéàdšpaçés", 50, 12)).toBeLessThan(fontToFit("headspaces", 50, 12));
  expect(fontToFit("ждем до конца", 50, 12)).toBeLessThan(12);
});
