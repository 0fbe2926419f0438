import fc from "fast-check";
import {
  massUnit,
  volumeUnit,
  counted,
  plainNumber,
  showBetween,
  showBottle,
  showClock,
  showDuration,
  showLength,
  showMass,
  showMostVolume,
  showRange,
  showVolume,
  significant,
  words,
} from "./format";
import { measuresInOunces, speak } from "./language";
import { toInput, toShortInput } from "./numberInput";
import { parseAmount } from "./parseAmount";
import { parseNumber } from "./parseNumber";
import { fromCanonical, toCanonical, units, unitsFor, type UnitName } from "./units";

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
  ["½", 0.5],
  ["1½", 1.5],
  ["2 1/4", 2.25],
  ["-¾", -0.75],
])("“%s” reads as %d", (text, value) => {
  expect(parseNumber(text)).toEqual({ ok: true, value });
});

test.each([
  ["", "Type a number."],
  ["abc", "is not a number"],
  ["1.2.3", "is not a number"],
  ["1e5", "is not a number"],
  ["1,500", "Is that 1500, or 1.5?"],
  ["1/0", "is not a number"],
  ["9".repeat(400), "too large"],
])("“%s” is refused in words", (text, words) => {
  expect(parseNumber(text)).toMatchObject({ ok: false, problem: expect.stringContaining(words) });
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
  expect(words(showVolume(4000, "us"))).toBe("4.2 qt");
  expect(words(showVolume(1893, "us"))).toBe("2.0 qt");
  expect(words(showVolume(1325, "us"))).toBe("1.4 qt");
  expect(words(showVolume(2602, "us"))).toBe("2.75 qt");
  expect(showClock(116.4)).toBe("1:56");
  expect(showClock(NaN)).toBe("–");
  expect(showDuration(126)).toBe("2 h 6 min");
  expect(showDuration(4320)).toBe("3 days");
  expect(showRange(2.14, 4.61)).toBe("2.1–4.6");
  expect(showRange(-1, 0)).toBe("0");
});

test("what stands under a larger amount is said in that one's unit", () => {
  expect(words(showMass(450, "metric", massUnit(2600, "metric")))).toBe("0.450 kg");
  expect(words(showMass(400, "us", massUnit(2600, "us")))).toBe("0.88 lb");
  expect(words(showVolume(250, "metric", volumeUnit(1200, "metric")))).toBe("0.250 L");
  expect(words(showVolume(250, "us", volumeUnit(1200, "us")))).toBe("0.25 qt");
  expect([500, 1200, 20000].map((ml) => volumeUnit(ml, "us"))).toEqual(["floz", "quart", "gal"]);
});

test("ounces, gallons and inches are rounded to what a scale, a jug or a ruler can show", () => {
  const us = {
    mass: (g: number) => words(showMass(g, "us")),
    volume: (ml: number) => words(showVolume(ml, "us")),
    length: (mm: number) => words(showLength(mm, "us")),
  };
  expect([1, 12, 450, 460, 5000, 60000].map(us.mass)).toEqual([
    "0.04 oz",
    "0.4 oz",
    "15.9 oz",
    "1.0 lb",
    "11.0 lb",
    "132 lb",
  ]);
  expect([0, 1, 100, 300, 3000, 12000, 40000, 500000].map(us.volume)).toEqual([
    "0 fl oz",
    "0.03 fl oz",
    "3.4 fl oz",
    "10 fl oz",
    "3.15 qt",
    "3.15 gal",
    "10.6 gal",
    "132 gal",
  ]);
  expect([0, 0.5, 4, 20, 25.4, 200, 400, 2000].map(us.length)).toEqual([
    "0 in",
    "under 1/32 in",
    "3/16 in",
    "13/16 in",
    "1 in",
    "7 7/8 in",
    "15 3/4 in",
    "79 in",
  ]);
  expect(words(showLength(12.2, "metric"))).toBe("12 mm");
});

test("a bottle is told as it is sold, and the most that may be taken is never rounded up", () => {
  expect([10, 30, 100, 118, 120, 250, 1000].map((ml) => words(showBottle(ml, "us")))).toEqual([
    "10 mL",
    "30 mL",
    "3.4 fl oz",
    "4 fl oz",
    "4 fl oz",
    "8 fl oz",
    "34 fl oz",
  ]);
  expect([10, 118.5, 1000].map((ml) => words(showBottle(ml, "metric")))).toEqual([
    "10 mL",
    "118.5 mL",
    "1.00 L",
  ]);
  const system = fc.constantFrom("metric" as const, "us" as const);
  fc.assert(
    fc.property(fc.double({ min: 60, max: 5e5, noNaN: true }), system, (ml, of) => {
      const { text, unit } = showMostVolume(ml, of);
      const said = parseAmount(`${text} ${unit}`, "mL");
      expect(said.ok && said.value).toBeLessThanOrEqual(ml + 1e-6);
      expect(said.ok && said.value).toBeGreaterThan(ml * 0.85);
    }),
  );
});

test.each([
  ["1.2kg", "g", 1200, "kg"],
  ["900g", "kg", 900, "g"],
  ["1 200 g", "g", 1200, "g"],
  ["½ L", "mL", 500, "L"],
  ["2 lbs", "kg", 907.18474, "lb"],
  ["140°F", "C", 60, "F"],
  ["6 fl oz", "mL", 177.4411, "floz"],
  ["20 drops", "mL", 1, "drop"],
  ["1,5 h", "min", 90, "h"],
  ["12", "mL", 12, "mL"],
] as const)("“%s” in a field of %s is %d", (text, unit, value, meant) => {
  const read = parseAmount(text, unit);
  expect(read).toMatchObject({ ok: true, unit: meant });
  expect(read.ok && read.value).toBeCloseTo(value, 3);
});

test("a unit of another kind is named, and so is what the field takes", () => {
  expect(parseAmount("5 min", "g")).toEqual({
    ok: false,
    problem: "5 min is a time; this takes a weight in g.",
  });
  expect(parseAmount("3 baskets", "g")).toMatchObject({ ok: false });
});

test.each([
  [0.0031, 0.75, "0–0.75"],
  [9, 25.2, "9–25"],
  [0.4, 12, "0.4–12"],
  [120, 1840, "120–1800"],
  [0.998, 1.001, "1.0"],
])("a range from %d to %d has no more figures than are known: %s", (low, high, text) => {
  expect(showRange(low, high)).toBe(text);
});

test("two amounts share their unit where they can; a count agrees with its noun", () => {
  const litres = (text: string) => ({ text, unit: "L" });
  expect(showBetween(litres("0.95"), litres("1.2"))).toBe("0.95–1.2 L");
  expect(showBetween({ text: "950", unit: "mL" }, litres("1.2"))).toBe("950 mL–1.2 L");
  expect([counted(1, "run"), counted(3, "run"), counted(2, "day off", "days off")]).toEqual([
    "1 run",
    "3 runs",
    "2 days off",
  ]);
  expect(words({ text: "1", unit: "drops" })).toBe("1 drop");
});

test("a language with a decimal comma writes and reads it; of the point before three digits it asks", () => {
  speak("de-DE");
  try {
    expect(significant(1.25, 3)).toBe("1,25");
    expect(showRange(2.14, 4.61)).toBe("2,1–4,6");
    expect(plainNumber(1.234)).toBe("1,234");
    expect(parseNumber("1,234")).toEqual({ ok: true, value: 1.234 });
    expect(parseNumber("1.234")).toMatchObject({
      ok: false,
      problem: "Is that 1234, or 1,234?",
    });
  } finally {
    speak("en-GB");
  }
  expect(measuresInOunces("en-US")).toBe(true);
  expect(measuresInOunces("de-DE")).toBe(false);
});

test("one's own units are offered first, each once; oil is measured in mL everywhere", () => {
  expect(unitsFor("volume", "us")).toEqual(["floz", "cup", "quart", "gal", "mL", "L"]);
  expect(unitsFor("volume", "metric")).toEqual(["mL", "L", "floz", "cup", "quart", "gal"]);
  for (const system of ["us", "metric"] as const)
    expect(unitsFor("oilVolume", system)).toEqual(["mL", "drop", "floz"]);
});

test("what nobody typed stands in a field as one would say it; what was typed keeps its figures", () => {
  expect(toShortInput(320_000, "ft")).toEqual({ text: "1050", unit: "ft" });
  expect(toInput(320_000, "ft").text).toBe("1049.9");
  expect(toShortInput(undefined, "ft")).toEqual({ text: "", unit: "ft" });
});
