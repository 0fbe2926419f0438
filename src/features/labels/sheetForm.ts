import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { sheetSchema, sheets, type SheetGrid, type SheetName } from "@/exchange/labels/sheets";

/** The grid's fields, each with its name and its unit. */
export const gridFields: { name: keyof SheetGrid; label: string; suffix: string }[] = [
  { name: "pageWidth", label: "Paper, across", suffix: "mm" },
  { name: "pageHeight", label: "Paper, high", suffix: "mm" },
  { name: "columns", label: "Labels across", suffix: "" },
  { name: "rows", label: "Labels down", suffix: "" },
  { name: "width", label: "One label, across", suffix: "mm" },
  { name: "height", label: "One label, high", suffix: "mm" },
  { name: "left", label: "First one from the left", suffix: "mm" },
  { name: "top", label: "First one from the top", suffix: "mm" },
  { name: "pitchX", label: "Step across", suffix: "mm" },
  { name: "pitchY", label: "Step down", suffix: "mm" },
];

export type TypedGrid = Record<keyof SheetGrid, NumberInput>;

/** A grid as it is typed, beginning with a known sheet's. */
export function typedGrid(name: SheetName): TypedGrid {
  return Object.fromEntries(
    gridFields.map(({ name: field }) => [
      field,
      toInput(Number(sheets[name][field].toFixed(2)), "one"),
    ]),
  ) as TypedGrid;
}

/** Reads a typed grid; what is wrong names its field. */
export function readGrid(
  typed: TypedGrid,
): { ok: true; grid: SheetGrid } | { ok: false; problem: string } {
  const values: Record<string, number> = {};
  for (const { name, label } of gridFields) {
    const read = readNumber(typed[name], { name: label, min: 0, max: 1000 });
    if (!read.ok) return { ok: false, problem: read.problem };
    values[name] = read.value;
  }
  const grid = sheetSchema.safeParse(values);
  if (grid.success) return { ok: true, grid: grid.data };
  const issue = grid.error.issues[0]!;
  const field = gridFields.find(({ name }) => name === issue.path[0]);
  return { ok: false, problem: field ? `${field.label}: ${issue.message}` : issue.message };
}
