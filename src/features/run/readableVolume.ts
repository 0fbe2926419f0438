import { unitsFor, type UnitName, type UnitSystem } from "@/core";
import type { RunState } from "@/records/runState";
import { readNumber, toInput, type NumberInput } from "@/ui/primitives/numberInput";

type Standing = RunState["entries"][number];

const labels: Partial<Record<Standing["type"], string>> = {
  reading: "Distillate so far",
  waterAdded: "Water added",
};

/** The one volume an entry may carry, as a field: a reading's distillate, or water that was added. */
export const readableVolume = {
  units(units: UnitSystem): UnitName[] {
    return unitsFor("volume", units);
  },
  input(entry: Standing, units: UnitSystem): NumberInput {
    const value =
      entry.type === "reading"
        ? entry.distillateMl
        : entry.type === "waterAdded"
          ? entry.volumeMl
          : undefined;
    return toInput(value, unitsFor("volume", units)[0] ?? "mL");
  },
  read(entry: Standing, input: NumberInput) {
    const label = labels[entry.type];
    if (!label) return { applies: false, label: "", problem: undefined, change: {} };
    if (entry.type === "reading" && input.text.trim() === "")
      return { applies: true, label, problem: undefined, change: {} };
    const read = readNumber(input, {
      name: label,
      min: 0,
      max: 1e6,
      above: entry.type === "waterAdded",
    });
    const field = entry.type === "reading" ? "distillateMl" : "volumeMl";
    return read.ok
      ? { applies: true, label, problem: undefined, change: { [field]: read.value } }
      : { applies: true, label, problem: read.problem, change: {} };
  },
};
