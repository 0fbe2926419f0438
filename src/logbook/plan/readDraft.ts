import { worthShareOf } from "@/core/plan/hydrosolToKeep";
import { type WishProblem, WishRefusal, massForWish } from "@/core/plan/massForWish";
import type { PlanInput } from "@/core/plan/planInput";
import { massInState } from "@/core/plant/massInState";
import { type PlantState } from "@/core/plant/plant";
import { figuresAt } from "@/core/plant/wilting";
import { t } from "@/language/t";
import type { Measure } from "@/records/measure";
import { ownContents } from "../run/ownContents";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import type { RunSummary } from "../run/runSummary";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { warmedAt } from "../still/warmedAt";
import { ownFill } from "../still/ownFill";
import { stillFigures } from "../still/stillFigures";
import type { PlanDraft } from "@/records/planDraft";

import { draftChoices, type DraftChoices } from "./draftChoices";
import { draftFields, type DraftFields, type DraftProblems } from "./draftFields";
import { type ReadMass, readMass } from "./readMass";
import { hydrosolWanted, readStop } from "./readStop";

/** What the draft is read against. */
export interface PlanContext {
  stills: readonly Still[];
  measures: readonly Measure[];
  book: PlantBook;
  /** The person's runs, for what their own yields say. */
  summaries: readonly RunSummary[];
  site: Setting["site"];
}

/** A draft read: choices that always stand, and the plan's input once every field is right. */
export interface ReadDraft extends DraftChoices {
  agedMonths: number | undefined;
  massG: number | undefined;
  guessed: ReadMass["guessed"];
  counted: ReadMass["counted"];
  input: PlanInput | undefined;
  problems: DraftProblems;
  /** Why this still cannot fulfil the wish this way. */
  wishRefused: WishProblem | undefined;
}

/** Reads a draft. Every problem is a sentence for its own field; nothing throws. */
export function readDraft(draft: PlanDraft, context: PlanContext): ReadDraft {
  const choices = draftChoices(draft, context);
  const fields = draftFields();
  const { problems } = fields;
  const agedMonths =
    choices.state === "dried" ? fields.optional("aged", draft.agedText, "one") : undefined;
  const charges = fields.optional("charges", draft.chargesText, "one");
  if (charges !== undefined && !Number.isInteger(charges))
    problems.charges = t`Charges come whole: 1, 2, 3.`;
  const common = readCommon(draft, context, choices, agedMonths, fields);
  const isHad = draft.goal === "have";
  const had = isHad ? readMass(draft, choices, context.measures, common, fields) : {};
  const wished = draft.goal === "want" && common ? readWish(draft, common, fields) : {};
  const massG = had.massG ?? wished.plan?.massG;
  const input =
    choices.chosen && common && massG !== undefined && Object.keys(problems).length === 0
      ? { ...common, massG, charges: charges ?? wished.plan?.charges }
      : undefined;
  return {
    ...choices,
    agedMonths,
    massG,
    guessed: had.guessed,
    counted: had.counted,
    input,
    problems,
    wishRefused: wished.refused,
  };
}

/* All but the mass; undefined as long as a field is wrong or there is no still. */
function readCommon(
  draft: PlanDraft,
  { summaries, site, book }: PlanContext,
  choices: DraftChoices,
  agedMonths: number | undefined,
  fields: DraftFields,
): Omit<PlanInput, "massG" | "charges"> | undefined {
  const { plant, state, still, method, preparation, receivers, receiverAt } = choices;
  const { optional, number, problems } = fields;
  const moisture = optional("moisture", draft.moistureText, "one");
  const stop = readStop(draft, choices, fields);
  const waterMl = optional("water", draft.waterText, draft.waterUnit);
  const rateMlPerMin = optional("rate", draft.rateText, draft.rateUnit);
  const iceG = optional("ice", draft.iceText, draft.iceUnit);
  const ice = iceG === undefined ? undefined : iceG / 1000;
  const coolingInC = optional("cooling", draft.coolingText, draft.coolingUnit);
  const byWorth = ["tail", "least", "worth"].includes(draft.stopBy);
  const keepPerKg =
    method === "cohobation" ? undefined : number("ratio", ...hydrosolWanted(draft, choices));
  if (!still || !stop || Object.keys(problems).length > 0) return undefined;
  /* A kilogram of this cut is so many as the book weighs it. */
  const wetter =
    moisture === undefined || !plant.states[state]
      ? 1
      : massInState(1, { moisture: moisture / 100 }, plant.states[state]);
  const ownRuns = summaries.map(({ run }) => run);
  return {
    still: stillFigures(still),
    plant: moisture === undefined ? plant : withMoisture(plant, state, moisture / 100),
    state,
    method,
    stop,
    ...(byWorth ? { worthShare: worthShareOf(plant.tissue) } : {}),
    keepPerKg,
    keepFirst: draft.stopBy === "tail",
    site: coolingInC === undefined ? site : { ...site, coolingInC },
    preparation: preparation.id,
    pace: draft.pace === "brisk" ? ("brisk" as const) : ("gentle" as const),
    ...(rateMlPerMin === undefined ? {} : { rateMlPerMin }),
    waterRule: draft.waterRule,
    ...(still.condenser
      ? { condenser: ice === undefined ? still.condenser : withIce(still.condenser, ice) }
      : {}),
    receiver: receivers[receiverAt],
    otherReceivers: receivers.filter((_, at) => at !== receiverAt),
    agedMonths,
    ownRuns: ownContents(summaries, plant.id, state, book).map((content) => content * wetter),
    warmedAtMlPerMin: warmedAt(ownRuns, still),
    ownFill: ownFill(ownRuns, still, {
      plantId: plant.id,
      state,
      preparation: preparation.id,
    }),
    waterMl,
  };
}

/** The mass and the charges that bring what is wanted, or why none can. */
function readWish(
  draft: PlanDraft,
  common: Omit<PlanInput, "massG" | "charges">,
  { number }: DraftFields,
): { plan?: ReturnType<typeof massForWish>; refused?: WishProblem } {
  const volumeMl = number("wish", draft.wishText, draft.wishUnit);
  if (volumeMl === undefined) return {};
  try {
    return { plan: massForWish(common, { what: draft.wishWhat, volumeMl }) };
  } catch (error) {
    if (!(error instanceof WishRefusal)) throw error;
    return { refused: error.why };
  }
}

function withIce(condenser: NonNullable<Still["condenser"]>, iceKg: number) {
  return condenser.kind === "tap" ? condenser : { ...condenser, iceKg };
}

/** A plant of which this cut holds so much water: the same oil in the same dry matter. */
function withMoisture(plant: KnownPlant, state: PlantState, moisture: number): KnownPlant {
  const figures = plant.states[state];
  if (!figures) return plant;
  return { ...plant, states: { ...plant.states, [state]: figuresAt(figures, moisture) } };
}
