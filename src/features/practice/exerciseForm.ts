import { faultOf, possibleFaults, type Fault } from "@/core/practice/faults";
import { methodsOf } from "@/core/still/fillLimits";
import type { Method } from "@/core/still/methods";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { t } from "@/language/t";
import { traitsOf } from "@/logbook/practice/exerciseAsk";
import { usualChargeG } from "@/logbook/practice/usualCharge";
import type { KnownPlant, PlantBook } from "@/logbook/plant/plantBook";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { stillFigures } from "@/logbook/still/stillFigures";
import { newRecord } from "@/records/base";
import type { ExerciseSpec } from "@/records/exercise";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { practiceFaultWords } from "@/words/practiceWords";

/** What goes wrong in an exercise of one's own: nothing, something that is not told, or this. */
export type Wrong = "nothing" | "surprise" | Fault;

/** An exercise as it is chosen. */
export interface ExerciseForm {
  /** A still's id, or the number of a ready-made one: `ready-0`. */
  stillId: string;
  plantId: string;
  wrong: Wrong;
  /** What goes wrong after that, one after the other. */
  then: readonly Fault[];
  from: "lit" | "firstDrop";
  /** For a trainer's file: its name, and what is told before. */
  title: string;
  note: string;
}

type Figures = ExerciseSpec["still"];

export interface StillChoice {
  value: string;
  label: string;
  figures: Figures;
}

/** The person's own stills, then the ready-made ones. */
export function stillChoices(own: readonly Still[]): StillChoice[] {
  return [
    ...own.map(
      ({ kind: _k, id, version: _v, createdAt: _c, updatedAt: _u, deletedAt: _d, ...figures }) => ({
        value: id,
        label: figures.name,
        figures,
      }),
    ),
    ...readyMadeStills.map((figures, i) => ({
      value: `ready-${i}`,
      label: t`${figures.name}, ready-made`,
      figures,
    })),
  ];
}

/** What an exercise may have: what can go wrong on that still, and its charge. */
export interface ReadForm {
  still: StillChoice;
  plant: KnownPlant | undefined;
  state: PlantState;
  method: Method;
  massG: number;
  possible: Fault[];
}

/** Reads what was chosen; what does not go together any more falls back. */
export function readForm(
  form: ExerciseForm,
  {
    choices,
    book,
    site,
  }: { choices: readonly StillChoice[]; book: PlantBook; site: Setting["site"] },
): ReadForm {
  const still = choices.find(({ value }) => value === form.stillId) ?? choices[0]!;
  const plant = book.byId(form.plantId);
  const state = plantStates.find((each) => plant?.states[each]) ?? "fresh";
  const { shape } = stillFigures({ ...newRecord("still", new Date(0)), ...still.figures });
  const methods = methodsOf(shape);
  const method = methods.find((each) => each === plant?.preferredMethod) ?? methods[0] ?? "steam";
  return {
    still,
    plant,
    state,
    method,
    massG: plant ? usualChargeG(still.figures, plant, { state, method, site }) : 0,
    possible: plant ? possibleFaults(traitsOf(still.figures, plant, method)) : [],
  };
}

/* What goes wrong first does after so many minutes, between these, and what follows so many later. */
const surpriseMinutes = { from: 4, to: 28, then: 12 };
/** Letters of a title, as its record takes them: a plant of one's own may have a long name. */
export const longestTitle = 200;
/** The most that goes wrong after the first. */
export const mostThen = 2;

/** What goes wrong after what was chosen: each once, and only what such a still can have. */
export function followers(
  wrong: Wrong,
  then: readonly Fault[],
  possible: readonly Fault[],
): Fault[] {
  if (wrong === "nothing" || wrong === "surprise") return [];
  return [...new Set(then)]
    .filter((each) => each !== wrong && possible.includes(each))
    .slice(0, mostThen);
}

/**
 * The exercise that was chosen.
 * @param chance 0 to below 1, twice: what goes wrong where it is a surprise, and when
 */
export function specOf(
  { wrong, then, from }: Pick<ExerciseForm, "wrong" | "then" | "from">,
  { still, plant, state, method, massG, possible }: ReadForm & { plant: KnownPlant },
  [which, when, seed]: readonly [number, number, number],
): ExerciseSpec {
  const late = from === "firstDrop";
  const meets = possible.filter((fault) => !late || !faultOf(fault).before);
  const fault = wrong === "surprise" ? meets[Math.floor(which * meets.length)] : wrong;
  const first = Math.round(
    surpriseMinutes.from + when * (surpriseMinutes.to - surpriseMinutes.from),
  );
  const all =
    fault === undefined || fault === "nothing" ? [] : [fault, ...followers(wrong, then, possible)];
  const faults = all.map((each, i) => {
    const { before, from: earliest } = faultOf(each);
    return {
      fault: each,
      after: before ? ("lit" as const) : late ? ("firstDrop" as const) : earliest,
      minutes: before ? 0 : first + i * surpriseMinutes.then,
    };
  });
  const title =
    wrong === "surprise"
      ? t`Surprise with ${plant.name}`
      : fault && fault !== "nothing"
        ? `${practiceFaultWords[fault].name}, ${plant.name}`
        : plant.name;
  return {
    title: title.slice(0, longestTitle),
    still: still.figures,
    plantId: plant.id,
    state,
    massG,
    method,
    seed: 1 + Math.floor(seed * 999_999),
    /* What was there before the heat is met from the heat on. */
    from: faults.some(({ fault: each }) => faultOf(each).before) ? "lit" : from,
    faults,
    ...(wrong === "surprise" ? { hidden: true as const } : {}),
  };
}
