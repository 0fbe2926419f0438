import { plainNumber } from "@/core/units/format";
import { type UnitSystem, fromCanonical } from "@/core/units/units";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { sheetSchema, sheets, type SheetGrid, type SheetName } from "@/exchange/labels/sheets";
import { t } from "@/language/t";

/** The grid's fields, each with its name and whether it is a length or a count. */
export const gridFields: { name: keyof SheetGrid; label: string; length: boolean }[] = [
  { name: "pageWidth", label: t`Paper, across`, length: true },
  { name: "pageHeight", label: t`Paper, high`, length: true },
  { name: "columns", label: t`Labels across`, length: false },
  { name: "rows", label: t`Labels down`, length: false },
  { name: "width", label: t`One label, across`, length: true },
  { name: "height", label: t`One label, high`, length: true },
  { name: "left", label: t`First one from the left`, length: true },
  { name: "top", label: t`First one from the top`, length: true },
  { name: "pitchX", label: t`Step across`, length: true },
  { name: "pitchY", label: t`Step down`, length: true },
];

/** What lengths on paper are told in. */
export const paperUnit = { metric: "mm", us: "in" } as const;

export type TypedGrid = Record<keyof SheetGrid, NumberInput>;

/** A grid as it is typed, beginning with a known sheet's. */
export function typedGrid(name: SheetName, units: UnitSystem): TypedGrid {
  return Object.fromEntries(
    gridFields.map(({ name: field, length }) => [
      field,
      length ? lengthInput(sheets[name][field], units) : toInput(sheets[name][field], "one"),
    ]),
  ) as TypedGrid;
}

/** A length on paper (mm) as it stands in a field, to a hundredth of a millimetre. */
export function lengthInput(mm: number, units: UnitSystem): NumberInput {
  const unit = paperUnit[units];
  return {
    text: plainNumber(Number(fromCanonical(mm, unit).toFixed(units === "metric" ? 2 : 4))),
    unit,
  };
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
