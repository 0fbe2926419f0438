import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { limits, type Limit } from "@/messages/limits";
import type { LoggedEntry } from "@/logbook/run/runState";

interface Amount {
  label: string;
  field: "distillateMl" | "rateMlPerMin" | "volumeMl" | "massG" | "powerW";
  units: (system: UnitSystem) => readonly UnitName[];
  limit: Limit;
  /** An entry may be without it. */
  optional?: true;
}

const volumes = (system: UnitSystem) => unitsFor("volume", system);

/** The one amount an entry may carry, as a correction shows it. */
function amountOf(entry: LoggedEntry): Amount | undefined {
  switch (entry.type) {
    case "reading":
      return entry.rateMlPerMin === undefined
        ? {
            label: "Distillate so far",
            field: "distillateMl",
            units: volumes,
            limit: limits.amount,
            optional: true,
          }
        : {
            label: "Flow",
            field: "rateMlPerMin",
            units: (system) => unitsFor("flow", system),
            limit: limits.amount,
            optional: true,
          };
    case "waterAdded":
      return { label: "Water added", field: "volumeMl", units: volumes, limit: limits.positive };
    case "iceAdded":
      return {
        label: "Ice added",
        field: "massG",
        units: (system) => (system === "metric" ? ["kg", "lb"] : ["lb", "kg"]),
        limit: limits.positive,
      };
    case "heatChanged":
      return { label: "Heat", field: "powerW", units: () => ["W", "kW"], limit: limits.powerW };
    default:
      return undefined;
  }
}

export const readableAmount = {
  units: (entry: LoggedEntry, system: UnitSystem) => amountOf(entry)?.units(system) ?? [],
  input(entry: LoggedEntry, system: UnitSystem): NumberInput {
    const amount = amountOf(entry);
    const value = amount && (entry as Partial<Record<Amount["field"], number>>)[amount.field];
    return toInput(value, amount?.units(system)[0] ?? "mL");
  },
  read(entry: LoggedEntry, input: NumberInput) {
    const amount = amountOf(entry);
    if (!amount) return { applies: false, label: "", problem: undefined, change: {} };
    const { label, field, limit, optional } = amount;
    if (optional && input.text.trim() === "")
      return { applies: true, label, problem: undefined, change: {} };
    const read = readNumber(input, { name: label, ...limit });
    /* A field shows five figures of what is kept: only what was typed is written. */
    const shown = toInput((entry as Partial<Record<Amount["field"], number>>)[field], input.unit);
    if (read.ok && shown.text === input.text)
      return { applies: true, label, problem: undefined, change: {} };
    return read.ok
      ? { applies: true, label, problem: undefined, change: { [field]: read.value } }
      : { applies: true, label, problem: read.problem, change: {} };
  },
};
