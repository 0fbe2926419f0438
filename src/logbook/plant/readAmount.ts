import { plantStates, type Plant, type PlantState } from "@/core/plant/plant";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { PlantBook } from "./plantBook";

/** A plant with its weight as it is typed; the first state it is known in where none is chosen. */
export interface AmountTyped {
  plantId: string;
  state: PlantState | "";
  mass: NumberInput;
}

/** A plant with its weight before anything is typed. */
export function noAmount(units: UnitSystem): AmountTyped {
  const [unit = "g"] = unitsFor("plantMass", units);
  return { plantId: "", state: "", mass: toInput(undefined, unit) };
}

/** What is wrong with which of its fields. */
export interface AmountProblems {
  plant?: string;
  mass?: string;
}

/** A plant with its weight as read, g; or what is wrong with it. */
export type AmountRead =
  | { ok: true; plant: Plant; state: PlantState; massG: number }
  | { ok: false; problems: AmountProblems };

/** The states that a plant is known in, the one that counts first where none of them is chosen. */
export function statesOf(typed: Pick<AmountTyped, "plantId">, book: PlantBook): PlantState[] {
  const plant = book.byId(typed.plantId);
  return plantStates.filter((state) => plant?.states[state]);
}

/** Reads a plant with its weight. Nothing throws. */
export function readAmount(typed: AmountTyped, book: PlantBook): AmountRead {
  const plant = book.byId(typed.plantId);
  const states = statesOf(typed, book);
  const state = states.find((each) => each === typed.state) ?? states[0];
  const mass = readNumber(typed.mass, { name: t`The weight`, ...limits.chargeG });
  if (plant && state && mass.ok) return { ok: true, plant, state, massG: mass.value };
  return {
    ok: false,
    problems: {
      ...(plant && state ? {} : { plant: t`Choose the plant.` }),
      ...(mass.ok ? {} : { mass: mass.problem }),
    },
  };
}
