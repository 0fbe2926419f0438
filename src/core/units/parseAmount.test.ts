import { parseAmount, parseCounted } from "./parseAmount";
import { speak } from "./language";
import type { UnitName } from "./units";

afterEach(() => speak("en-GB"));

test.each([
  ["2 lb 3 oz", "g", 2 * 453.59237 + 3 * 28.349523125],
  ["1 h 30 min", "min", 90],
  ["half a kilo", "g", 500],
  ["two", "kg", 2000],
  ["2 kgs", "g", 2000],
  ["two and a half kilos", "g", 2500],
  ["a kilo and a half", "g", 1500],
  ["1½", "kg", 1500],
  ["1/2", "kg", 500],
  ["4 cups", "mL", 4 * 236.5882365],
  ["3 quarts", "mL", 3 * 946.352946],
  ["3 qts", "mL", 3 * 946.352946],
  ["900 grams", "kg", 900],
  ["8 hp", "W", 8 * 9809.5],
  ["1,2 kg", "g", 1200],
  ["a dozen", "one", 12],
] as [string, UnitName, number][])("%s in a field of %s", (text, unit, value) => {
  const parsed = parseAmount(text, unit);
  expect(parsed.ok ? parsed.value : parsed.problem).toBeCloseTo(value as never, 6);
});

test("a mark before three digits of something small is asked about, in either language; of a kilo it is not", () => {
  expect(parseAmount("1.200", "g")).toMatchObject({
    ok: false,
    problem: expect.stringContaining("1200"),
  });
  expect(parseAmount("1.200", "kg")).toMatchObject({ ok: true, value: 1200 });
  expect(parseAmount("1.2", "g")).toMatchObject({ ok: true });
  speak("de-DE");
  expect(parseAmount("1,200", "g")).toMatchObject({ ok: false });
  expect(parseAmount("1.200", "g")).toMatchObject({ ok: false });
});

test("what is counted in a word of one's own", () => {
  expect(parseCounted("12 lemons")).toEqual({ count: 12, what: "lemons" });
  expect(parseCounted("two baskets")).toEqual({ count: 2, what: "baskets" });
  expect(parseCounted("a dozen lemons")).toEqual({ count: 12, what: "lemons" });
  expect(parseCounted("2 kg")).toBeUndefined();
  expect(parseCounted("4 cups")).toBeUndefined();
  expect(parseCounted("lemons")).toBeUndefined();
});

test("mixed kinds are no sum", () => {
  expect(parseAmount("2 lb 3 min", "g").ok).toBe(false);
  expect(parseAmount("4 cups", "g")).toMatchObject({
    ok: false,
    problem: expect.stringContaining("a volume"),
  });
});
