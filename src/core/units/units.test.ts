import fc from "fast-check";
import {
  showClock,
  showDuration,
  showMass,
  showRange,
  showVolume,
  significant,
  words,
} from "./format";
import { parseNumber } from "./parseNumber";
import { fromCanonical, toCanonical, units, type UnitName } from "./units";

const names = Object.keys(units) as UnitName[];

test("every unit goes to its canonical one and back", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.double({ min: -1e5, max: 1e5, noNaN: true }),
      (unit, value) => {
        expect(fromCanonical(toCanonical(value, unit), unit)).toBeCloseTo(value, 6);
      },
    ),
  );
});

test.each([
  [1, "gal", 3785.411784],
  [1, "floz", 29.5735295625],
  [1, "lb", 453.59237],
  [1, "oz", 28.349523125],
  [212, "F", 100],
  [32, "F", 0],
  [-40, "F", -40],
  [1, "in", 25.4],
  [20, "drop", 1],
] as const)("%d %s is %d canonical", (value, unit, canonical) => {
  expect(toCanonical(value, unit)).toBeCloseTo(canonical, 9);
});

test.each([
  ["1.5", 1.5],
  ["1,5", 1.5],
  [" 1 500 ", 1500],
  ["1.234,5", 1234.5],
  ["1,234.5", 1234.5],
  ["12,345,678", 12345678],
  ["0,350", 0.35],
  ["−3", -3],
  [".5", 0.5],
  ["1.500", 1.5],
])("“%s” reads as %d", (text, value) => {
  expect(parseNumber(text)).toEqual({ ok: true, value });
});

test.each([
  ["", "Type a number."],
  ["abc", "is not a number"],
  ["1.2.3", "is not a number"],
  ["1e5", "is not a number"],
  ["1,500", "Is that 1.500 or 1500?"],
  ["9".repeat(400), "too large"],
])("“%s” is refused in words", (text, words) => {
  expect(parseNumber(text)).toEqual({ ok: false, problem: expect.stringContaining(words) });
});

test("nothing a person can type breaks the reader", () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      const read = parseNumber(text);
      expect(read.ok ? Number.isFinite(read.value) : read.problem.length > 0).toBe(true);
    }),
  );
});

test("a plain number reads as itself", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 1e6, noNaN: true }), (value) => {
      const text = value.toFixed(4);
      expect(parseNumber(text)).toEqual({ ok: true, value: Number(text) });
    }),
  );
});

test.each([
  [1234, 3, "1230"],
  [0.0456, 2, "0.046"],
  [9.996, 3, "10.00"],
  [0, 2, "0"],
  [NaN, 2, "–"],
  [Infinity, 2, "–"],
])("%d to %d figures is %s", (value, figures, text) => {
  expect(significant(value, figures)).toBe(text);
});

test("amounts are said in the unit a person would use", () => {
  expect(words(showMass(450, "metric"))).toBe("450 g");
  expect(words(showMass(1800, "metric"))).toBe("1.80 kg");
  expect(words(showMass(450, "us"))).toBe("15.9 oz");
  expect(words(showVolume(950, "metric"))).toBe("950 mL");
  expect(words(showVolume(12000, "metric"))).toBe("12.0 L");
  expect(words(showVolume(4000, "us"))).toBe("1.06 gal");
  expect(showClock(116.4)).toBe("1:56");
  expect(showClock(NaN)).toBe("–");
  expect(showDuration(126)).toBe("2 h 06");
  expect(showDuration(4320)).toBe("3 days");
  expect(showRange(2.14, 4.61)).toBe("2.1–4.6");
  expect(showRange(-1, 0)).toBe("0");
});
