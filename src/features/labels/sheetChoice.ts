import type { UnitSystem } from "@/core/units/units";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import {
  fittedSheet,
  sheetNames,
  sheets,
  type SheetGrid,
  type SheetName,
} from "@/exchange/labels/sheets";
import { t } from "@/language/t";
import { lengthInput, readGrid, typedGrid } from "./sheetForm";

/** How a sheet of labels is chosen; it stands so when one comes back. */
export interface SheetChoice {
  sheet: string;
  own: boolean;
  grid: ReturnType<typeof typedGrid>;
  start: NumberInput;
  nudgeX: NumberInput;
  nudgeY: NumberInput;
  cutMarks: boolean;
}

/** In place of a sheet's name: the smallest on which all fits. */
export const smallest = "";

/** How a sheet is chosen at first. */
export function usualSheet(units: UnitSystem): SheetChoice {
  return {
    sheet: smallest,
    own: false,
    grid: typedGrid("a4-65", units),
    start: toInput(1, "one"),
    nudgeX: lengthInput(0, units),
    nudgeY: lengthInput(0, units),
    cutMarks: false,
  };
}

/** Cut out by hand, as large as the largest bottle chosen asks for. */
export const fits = [
  { value: "fit-round-a4", shape: "round", paper: "a4", label: t`A4: fitted to a round bottle` },
  { value: "fit-flat-a4", shape: "flat", paper: "a4", label: t`A4: fitted to a flat bottle` },
  {
    value: "fit-round-letter",
    shape: "round",
    paper: "letter",
    label: t`Letter: fitted to a round bottle`,
  },
  {
    value: "fit-flat-letter",
    shape: "flat",
    paper: "letter",
    label: t`Letter: fitted to a flat bottle`,
  },
] as const;

const smallestMl = 5;
const furthestMm = 20;

/** The sheet that is chosen: its grid and where its labels go, or what is wrong, by field. */
export interface ReadSheet {
  grid: SheetGrid | undefined;
  start: number | undefined;
  nudgeX: number | undefined;
  nudgeY: number | undefined;
  problems: Partial<Record<"grid" | "start" | "nudgeX" | "nudgeY", string>>;
}

/** Reads the choice for bottles of which the largest holds so much; `proposed`: the smallest on which all fits. */
export function readSheet(choice: SheetChoice, largestMl: number, proposed: SheetName): ReadSheet {
  const problems: ReadSheet["problems"] = {};
  const grid = gridOf(choice, largestMl, proposed, problems);
  const number = (field: "start" | "nudgeX" | "nudgeY", name: string, min: number, max: number) => {
    const read = readNumber(choice[field], { name, min, max });
    if (read.ok) return read.value;
    problems[field] = read.problem;
    return undefined;
  };
  const perSheet = grid ? grid.columns * grid.rows : 1;
  const start = number("start", t`The first place`, 1, perSheet);
  if (start !== undefined && !Number.isInteger(start))
    problems.start = t`The first place must be a whole number.`;
  return {
    grid,
    start,
    nudgeX: number("nudgeX", t`The nudge`, -furthestMm, furthestMm),
    nudgeY: number("nudgeY", t`The nudge`, -furthestMm, furthestMm),
    problems,
  };
}

function gridOf(
  { own, grid: typed, sheet }: SheetChoice,
  largestMl: number,
  proposed: SheetName,
  problems: ReadSheet["problems"],
): SheetGrid | undefined {
  if (own) {
    const read = readGrid(typed);
    if (read.ok) return read.grid;
    problems.grid = read.problem;
    return undefined;
  }
  const fitted = fits.find(({ value }) => value === sheet);
  if (fitted) return fittedSheet(Math.max(smallestMl, largestMl), fitted.shape, fitted.paper);
  return sheets[sheet === smallest ? proposed : sheetNamed(sheet)];
}

/** A sheet by its name; the first one where a draft names none that there is. */
export function sheetNamed(name: string): SheetName {
  return sheetNames.find((each) => each === name) ?? "a4-65";
}
