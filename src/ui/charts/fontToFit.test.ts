import { fontToFit } from "./fontToFit";

test("what fits keeps its size, what is longer is set smaller, and never too small to read", () => {
  expect(fontToFit("headspace", 72, 12)).toBe(12);
  const longer = fontToFit("headspaceheads", 72, 12);
  expect(longer).toBeLessThan(12);
  expect(longer * 0.56 * 14).toBeCloseTo(72);
  expect(fontToFit("a word without any end at all, or nearly so", 72, 12)).toBe(8);
  expect(fontToFit("", 72, 12)).toBe(12);
});
