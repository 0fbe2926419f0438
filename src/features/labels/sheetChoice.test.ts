import { toInput } from "@/core/units/numberInput";
import { sheetNames, sheets } from "@/exchange/labels/sheets";
import { readSheet, usualSheet, type SheetChoice } from "./sheetChoice";
import { gridFields, readGrid, typedGrid } from "./sheetForm";

const read = (part: Partial<SheetChoice>, largestMl = 10) =>
  readSheet({ ...usualSheet("metric"), ...part }, largestMl, "a4-65");

test("a known sheet is its grid; one that a draft names and nobody knows is the first", () => {
  expect(read({ sheet: "a4-21" }).grid).toEqual(sheets["a4-21"]);
  expect(read({ sheet: "b5-9" }).grid).toEqual(sheets["a4-65"]);
});

test("a fitted sheet grows with the largest bottle, and no bottle is as the smallest", () => {
  const width = (largestMl: number) => read({ sheet: "fit-round-a4" }, largestMl).grid!.width;
  expect(width(1000)).toBeGreaterThan(width(50));
  expect(width(0)).toBe(width(5));
});

test("where the first label goes is a place of the sheet, and whole", () => {
  expect(read({ start: toInput(65, "one") })).toMatchObject({ start: 65, problems: {} });
  expect(read({ start: toInput(66, "one") }).problems.start).toBe(
    "The first place can be 65 at most.",
  );
  expect(read({ start: toInput(1.5, "one") }).problems.start).toMatch(/whole number/);
  expect(read({ nudgeX: toInput(-3.5, "one") }).nudgeX).toBe(-3.5);
  expect(read({ nudgeY: { text: "far", unit: "one" } }).problems.nudgeY).toMatch(/is not a number/);
});

test.each(["metric", "us"] as const)(
  "every known sheet can be typed and read again, %s",
  (units) => {
    for (const name of sheetNames) {
      const typed = readGrid(typedGrid(name, units));
      expect(typed.ok).toBe(true);
      if (!typed.ok) continue;
      for (const { name: field } of gridFields)
        expect(typed.grid[field]).toBeCloseTo(sheets[name][field], 1);
    }
  },
);

test("an own grid that goes beyond its paper, or has half a column, names the field", () => {
  const wrong = (field: keyof ReturnType<typeof typedGrid>, value: number) =>
    read({ own: true, grid: { ...typedGrid("a4-65", "metric"), [field]: toInput(value, "one") } });
  expect(wrong("columns", 6).problems.grid).toBe(
    "Labels across: The columns go beyond the paper: look at pitch and width.",
  );
  expect(wrong("rows", 2.5).grid).toBeUndefined();
  expect(wrong("rows", 2.5).problems.grid).toMatch(/^Labels down/);
  expect(wrong("pitchY", 12).problems.grid).toMatch(/^Step down: Labels lie over one another/);
  expect(wrong("columns", 4).grid).toMatchObject({ columns: 4 });
});
