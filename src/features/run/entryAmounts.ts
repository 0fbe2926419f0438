import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { type NumberKind, type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits, type Limit } from "@/messages/limits";
import type { LoggedEntry } from "@/logbook/run/runState";

type AmountField =
  | "distillateMl"
  | "rateMlPerMin"
  | "oilMl"
  | "headC"
  | "outletC"
  | "coolingOutC"
  | "tubC"
  | "volumeMl"
  | "massG"
  | "powerW";

/** A number that an entry of the log carries, as a correction shows it. */
export interface EntryAmount {
  label: string;
  field: AmountField;
  units: (system: UnitSystem) => readonly UnitName[];
  limit: Limit;
  /** An entry may be without it. */
  optional?: true;
}

const of = (kind: NumberKind) => (system: UnitSystem) => unitsFor(kind, system);
const oil = (): readonly UnitName[] => ["mL", "drop"];

const ofReading: EntryAmount[] = [
  { label: t`Distillate so far`, field: "distillateMl", units: of("volume"), limit: limits.amount },
  { label: t`Flow`, field: "rateMlPerMin", units: of("flow"), limit: limits.amount },
  { label: t`Visible oil`, field: "oilMl", units: oil, limit: limits.amount },
  { label: t`Head temperature`, field: "headC", units: of("temperature"), limit: limits.headC },
  { label: t`Outlet temperature`, field: "outletC", units: of("temperature"), limit: limits.headC },
  {
    label: t`Cooling water out`,
    field: "coolingOutC",
    units: of("temperature"),
    limit: limits.tubC,
  },
  { label: t`Tub temperature`, field: "tubC", units: of("temperature"), limit: limits.tubC },
];

const ofOthers: Partial<Record<LoggedEntry["type"], EntryAmount>> = {
  waterAdded: {
    label: t`Water added`,
    field: "volumeMl",
    units: of("volume"),
    limit: limits.positive,
  },
  iceAdded: {
    label: t`Ice added`,
    field: "massG",
    units: (system) => (system === "metric" ? ["kg", "lb"] : ["lb", "kg"]),
    limit: limits.positive,
  },
  heatChanged: {
    label: t`Heat`,
    field: "powerW",
    units: () => ["W", "kW"],
    limit: limits.powerW,
  },
};

const valueOf = (entry: LoggedEntry, field: AmountField) =>
  (entry as Partial<Record<AmountField, number>>)[field];

/** The numbers that an entry carries; of a reading that carries none, the jar's, to be filled in. */
export function amountsOf(entry: LoggedEntry): EntryAmount[] {
  if (entry.type !== "reading") {
    const one = ofOthers[entry.type];
    return one ? [one] : [];
  }
  const read = ofReading.filter(({ field }) => valueOf(entry, field) !== undefined);
  return read.length > 0 ? read : [{ ...ofReading[0]!, optional: true }];
}

/** An entry's number as its field shows it. */
export function inputOf(
  entry: LoggedEntry,
  { field, units }: EntryAmount,
  system: UnitSystem,
): NumberInput {
  return toInput(valueOf(entry, field), units(system)[0] ?? "one");
}

/** What a field says now: a problem in words, or what of the entry it changes. */
export function readAmount(
  entry: LoggedEntry,
  { label, field, limit, optional }: EntryAmount,
  input: NumberInput,
): { problem?: string; change: Partial<Record<AmountField, number>> } {
  if (optional && input.text.trim() === "") return { change: {} };
  const read = readNumber(input, { name: label, ...limit });
  if (!read.ok) return { problem: read.problem, change: {} };
  /* A field shows five figures of what is kept: only what was typed is written. */
  const shown = toInput(valueOf(entry, field), input.unit);
  return { change: shown.text === input.text ? {} : { [field]: read.value } };
}
