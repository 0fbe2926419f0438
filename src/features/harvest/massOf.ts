import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Measure } from "@/records/measure";

/** A mass as it is told: on the scale, or counted in something that was weighed once. */
export interface MassTold {
  by: "scale" | "measure";
  mass: NumberInput;
  measureId: string;
  /** What a measure is called that is not weighed yet, and what one weighs. */
  newName: string;
  newMass: NumberInput;
  count: NumberInput;
}

/** How much was cut before anything is told. */
export function noMass(units: UnitSystem): MassTold {
  const [unit = "g"] = unitsFor("plantMass", units);
  const empty = toInput(undefined, unit);
  return {
    by: "scale",
    mass: empty,
    measureId: "",
    newName: "",
    newMass: empty,
    count: toInput(undefined, "one"),
  };
}

/** What it comes to, or what is wrong with which field. */
export type MassRead =
  | {
      ok: true;
      massG: number;
      counted?: { measure: string; count: number };
      newMeasure?: { name: string; massG: number };
    }
  | { ok: false; problems: { mass?: string; name?: string; each?: string; count?: string } };

/** Reads a mass that was weighed or counted. */
export function readMass(told: MassTold, measures: readonly Measure[]): MassRead {
  if (told.by === "scale") {
    const mass = readNumber(told.mass, { name: t`The weight`, ...limits.positive });
    return mass.ok
      ? { ok: true, massG: mass.value }
      : { ok: false, problems: { mass: mass.problem } };
  }
  const known = measures.find(({ id }) => id === told.measureId);
  const count = readNumber(told.count, { name: t`How many`, ...limits.positive });
  const name = known?.name ?? told.newName.trim();
  const each = known
    ? { ok: true as const, value: known.massG }
    : readNumber(told.newMass, { name: t`What one weighs`, ...limits.positive });
  if (!count.ok || !each.ok || name === "" || name.length > 200)
    return {
      ok: false,
      problems: {
        ...(count.ok ? {} : { count: count.problem }),
        ...(each.ok ? {} : { each: each.problem }),
        ...(name === "" ? { name: t`Say what is counted: handful, bundle, basket.` } : {}),
        ...(name.length > 200 ? { name: t`That name is too long.` } : {}),
      },
    };
  const massG = count.value * each.value;
  if (massG > limits.positive.max)
    return { ok: false, problems: { count: t`That is more than a scale can be told.` } };
  return {
    ok: true,
    massG,
    counted: { measure: name, count: count.value },
    ...(known ? {} : { newMeasure: { name, massG: each.value } }),
  };
}
