import {
  methodsOf,
  plantById,
  plants,
  type Method,
  type PlanInput,
  type Plant,
  type PlantState,
  type StopRule,
  type UnitSystem,
} from "@/core";
import type { Harvest } from "@/records/harvest";
import type { Measure } from "@/records/measure";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { stillFigures } from "@/records/stillFigures";
import { readNumber, type NumberInput } from "@/ui/primitives/numberInput";

/** Everything that stands in the plan's fields, as text, so that it survives a reload word for word. */
export interface PlanDraft {
  plantId: string;
  state: string;
  stillId: string;
  method: string;
  /** How the mass is told: on a scale, or counted in a measure. */
  massBy: "scale" | "measure";
  massText: string;
  massUnit: string;
  measureId: string;
  countText: string;
  stopBy: "ratio" | "clock";
  ratioText: string;
  minutesText: string;
  /** Empty: the plan chooses. */
  waterText: string;
  waterUnit: string;
  chargesText: string;
  /** The harvest whose next charge this is. */
  harvestId: string;
}

/** What the draft is read against. */
export interface PlanContext {
  stills: readonly Still[];
  measures: readonly Measure[];
  harvests: readonly Harvest[];
  site: Setting["site"];
}

export type DraftProblems = Partial<
  Record<"mass" | "count" | "minutes" | "ratio" | "water" | "charges", string>
>;

/** A draft read: choices that always stand, and the plan's input once every field is right. */
export interface ReadDraft {
  plant: Plant;
  state: PlantState;
  states: PlantState[];
  still: Still | undefined;
  method: Method;
  methods: Method[];
  massG: number | undefined;
  input: PlanInput | undefined;
  problems: DraftProblems;
}

/** A draft to begin with. */
export function emptyDraft(units: UnitSystem): PlanDraft {
  return {
    plantId: "",
    state: "",
    stillId: "",
    method: "",
    massBy: "scale",
    massText: "",
    massUnit: units === "metric" ? "g" : "oz",
    measureId: "",
    countText: "",
    stopBy: "ratio",
    ratioText: "1",
    minutesText: "",
    waterText: "",
    waterUnit: units === "metric" ? "mL" : "floz",
    chargesText: "",
    harvestId: "",
  };
}

const states: PlantState[] = ["fresh", "wilted", "dried"];
const count = { name: "The count", min: 0, max: 10000, above: true };
const mass = {
  name: "The charge",
  min: 0,
  max: 1e6,
  above: true,
  remedy: "Weigh the plant as it goes into the still.",
};
const minutesRange = { name: "The time", min: 1, max: 1440 };
const ratioRange = { name: "The ratio", min: 0, max: 20, above: true };
const waterRange = { name: "Water", min: 0, max: 1e6, above: true };
const chargesRange = { name: "Charges", min: 1, max: 200 };

/** Reads a draft. Every problem is a sentence for its own field; nothing throws. */
export function readDraft(draft: PlanDraft, context: PlanContext): ReadDraft {
  const plant = plantById(draft.plantId) ?? (plantById("lavender") as Plant);
  const offered = states.filter((state) => plant.states[state]);
  const state = offered.find((candidate) => candidate === draft.state) ?? offered[0] ?? "fresh";
  const still = context.stills.find(({ id }) => id === draft.stillId) ?? context.stills[0];
  const methods = still ? methodsOf(stillFigures(still).shape) : [];
  const method =
    methods.find((candidate) => candidate === draft.method) ??
    methods.find((candidate) => candidate === plant.preferredMethod) ??
    methods[0] ??
    "steam";
  const problems: DraftProblems = {};
  const number = (
    field: keyof DraftProblems,
    text: string,
    unit: string,
    range: Parameters<typeof readNumber>[1],
  ) => {
    const read = readNumber({ text, unit } as NumberInput, range);
    if (read.ok) return read.value;
    problems[field] = read.problem;
    return undefined;
  };

  const massG = readMass();
  const stop = readStop();
  const waterMl = draft.waterText.trim()
    ? number("water", draft.waterText, draft.waterUnit, waterRange)
    : undefined;
  const charges = draft.chargesText.trim()
    ? number("charges", draft.chargesText, "one", chargesRange)
    : undefined;
  if (charges !== undefined && !Number.isInteger(charges))
    problems.charges = "Charges come whole: 1, 2, 3.";
  const complete = still && massG !== undefined && stop && Object.keys(problems).length === 0;
  const input = complete
    ? {
        still: stillFigures(still),
        plant,
        state,
        massG,
        method,
        stop,
        site: context.site,
        charges,
        waterMl,
      }
    : undefined;
  return { plant, state, states: offered, still, method, methods, massG, input, problems };

  function readMass(): number | undefined {
    if (draft.massBy === "scale") return number("mass", draft.massText, draft.massUnit, mass);
    const measure =
      context.measures.find(({ id }) => id === draft.measureId) ?? context.measures[0];
    const counted = number("count", draft.countText, "one", count);
    return measure && counted !== undefined ? measure.massG * counted : undefined;
  }

  function readStop(): StopRule | undefined {
    if (draft.stopBy === "clock") {
      const minutes = number(
        "minutes",
        draft.minutesText || String(plant.usualMinutes),
        "min",
        minutesRange,
      );
      return minutes === undefined ? undefined : { minutes };
    }
    const perKg = number("ratio", draft.ratioText, "one", ratioRange);
    return perKg === undefined ? undefined : { perKg };
  }
}

/** All plants as choices. */
export const plantOptions = plants.map(({ id, name, part }) => ({
  value: id,
  label: `${name}, ${part}`,
}));
