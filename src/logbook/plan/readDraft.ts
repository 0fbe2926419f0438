import type { StopRule } from "@/core/forecast/stopRules";
import { hydrosolToKeep, worthShareOf } from "@/core/plan/hydrosolToKeep";
import { type WishProblem, WishRefusal, massForWish } from "@/core/plan/massForWish";
import type { PlanInput } from "@/core/plan/planInput";
import { type Guessed, stillTakes, weightOfVolume } from "@/core/plan/stillTakes";
import { massInState } from "@/core/plant/massInState";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { type Preparation, preparationOf } from "@/core/plant/preparation";
import { figuresAt } from "@/core/plant/wilting";
import type { Receiver } from "@/core/separation/receiver";
import { methodsOf } from "@/core/still/fillLimits";
import type { Method } from "@/core/still/methods";
import { type NumberInput, type NumberRange, readNumber } from "@/core/units/numberInput";
import { parseAmount, parseCounted } from "@/core/units/parseAmount";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Measure } from "@/records/measure";
import { ownContents } from "../run/ownContents";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import type { RunSummary } from "../run/runSummary";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { warmedAt } from "../still/warmedAt";
import { ownFill } from "../still/ownFill";
import { receiversOf, stillFigures } from "../still/stillFigures";
import type { PlanDraft } from "@/records/planDraft";
import { measureCalled, measureOf } from "./measureOf";

/** What the draft is read against. */
export interface PlanContext {
  stills: readonly Still[];
  measures: readonly Measure[];
  book: PlantBook;
  /** The person's runs, for what their own yields say. */
  summaries: readonly RunSummary[];
  site: Setting["site"];
}

const ranges = {
  mass: {
    name: t`The charge`,
    ...limits.chargeG,
    remedy: t`Weigh the plant as it goes into the still.`,
  },
  count: { name: t`The count`, min: 0, max: 10000, above: true },
  wish: { name: t`What you want`, min: 0, max: 1e6, above: true },
  aged: { name: t`Its age`, min: 0, max: 240 },
  moisture: {
    name: t`Its moisture`,
    min: 100 * limits.moisture.min,
    max: 100 * limits.moisture.max,
  },
  minutes: { name: t`The time`, min: 1, max: 1440 },
  ratio: { name: t`The ratio`, min: 0, max: 20, above: true },
  rate: { name: t`The rate`, ...limits.rateMlPerMin },
  worth: { name: t`Ten more minutes`, min: 0, max: 100, above: true },
  water: { name: t`Water`, min: 0, max: 1e6, above: true },
  charges: { name: t`Charges`, min: 1, max: 500 },
  ice: { name: t`Ice`, min: 0, max: 500_000 },
  cooling: { name: t`Cooling water`, min: 0, max: 60 },
} satisfies Record<string, NumberRange>;
type Field = keyof typeof ranges;

/** What is wrong, a sentence for each field. */
type DraftProblems = Partial<Record<Field, string>>;

/** A draft read: choices that always stand, and the plan's input once every field is right. */
export interface ReadDraft {
  plant: KnownPlant;
  /** The person chose it; until then nothing is planned, and another stands for it. */
  chosen: boolean;
  state: PlantState;
  states: PlantState[];
  still: Still | undefined;
  method: Method;
  methods: Method[];
  preparation: Preparation;
  receivers: Receiver[];
  receiverAt: number;
  agedMonths: number | undefined;
  massG: number | undefined;
  /** Where the mass is a guess from a volume or from filling the still. */
  guessed: Guessed | undefined;
  /** Counted in pieces: how many of what, and which measure that is; without one it has to be weighed. */
  counted: { count: number; what: string; measure: Measure | undefined } | undefined;
  input: PlanInput | undefined;
  problems: DraftProblems;
  /** Why this still cannot fulfil the wish this way. */
  wishRefused: WishProblem | undefined;
}

/** Reads a draft. Every problem is a sentence for its own field; nothing throws. */
export function readDraft(draft: PlanDraft, context: PlanContext): ReadDraft {
  const named = context.book.byId(draft.plantId);
  const plant = named ?? context.book.byId("lavender") ?? context.book.all[0]!;
  const offered = plantStates.filter((state) => plant.states[state]);
  const state = offered.find((candidate) => candidate === draft.state) ?? offered[0] ?? "fresh";
  const still = context.stills.find(({ id }) => id === draft.stillId) ?? context.stills[0];
  const figures = still && stillFigures(still);
  const methods = figures ? methodsOf(figures.shape) : [];
  const method =
    methods.find((candidate) => candidate === draft.method) ??
    methods.find((candidate) => candidate === plant.preferredMethod) ??
    methods[0] ??
    "steam";
  const preparation = preparationOf(plant, draft.preparation);
  const receivers = still ? receiversOf(still) : [];
  const receiverAt = Math.min(receivers.length - 1, Math.max(0, Number(draft.receiver) || 0));
  const problems: DraftProblems = {};
  let wishRefused: WishProblem | undefined;

  const agedMonths = state === "dried" ? optional("aged", draft.agedText, "one") : undefined;
  const moisture = optional("moisture", draft.moistureText, "one");
  const stop = readStop();
  const waterMl = optional("water", draft.waterText, draft.waterUnit);
  const charges = optional("charges", draft.chargesText, "one");
  if (charges !== undefined && !Number.isInteger(charges))
    problems.charges = t`Charges come whole: 1, 2, 3.`;
  const rateMlPerMin = optional("rate", draft.rateText, draft.rateUnit);
  const iceG = optional("ice", draft.iceText, draft.iceUnit);
  const ice = iceG === undefined ? undefined : iceG / 1000;
  const coolingInC = optional("cooling", draft.coolingText, draft.coolingUnit);

  /* A kilogram of this cut is so many as the book weighs it. */
  const wetter =
    moisture === undefined || !plant.states[state]
      ? 1
      : massInState(1, { moisture: moisture / 100 }, plant.states[state]);
  const byWorth = ["tail", "least", "worth"].includes(draft.stopBy);
  const keepPerKg = method === "cohobation" ? undefined : number("ratio", ...hydrosolWanted());

  let guessed: Guessed | undefined;
  let counted: ReadDraft["counted"];
  const ownRuns = context.summaries.map(({ run }) => run);
  const common =
    figures && stop && Object.keys(problems).length === 0
      ? {
          still: figures,
          plant: moisture === undefined ? plant : withMoisture(plant, state, moisture / 100),
          state,
          method,
          stop,
          ...(byWorth ? { worthShare: worthShareOf(plant.tissue) } : {}),
          keepPerKg,
          keepFirst: draft.stopBy === "tail",
          site: coolingInC === undefined ? context.site : { ...context.site, coolingInC },
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
          ownRuns: ownContents(context.summaries, plant.id, state, context.book).map(
            (content) => content * wetter,
          ),
          warmedAtMlPerMin: warmedAt(ownRuns, still),
          ownFill: ownFill(ownRuns, still, {
            plantId: plant.id,
            state,
            preparation: preparation.id,
          }),
          waterMl,
        }
      : undefined;
  const massed = draft.goal === "have" ? readMass() : undefined;
  const wished = draft.goal === "want" && common ? readWish(common) : undefined;
  const massG = massed ?? wished?.massG;
  const input =
    named && common && massG !== undefined && Object.keys(problems).length === 0
      ? { ...common, massG, charges: charges ?? wished?.charges }
      : undefined;
  return {
    plant,
    chosen: named !== undefined,
    state,
    states: offered,
    still,
    method,
    methods,
    preparation,
    receivers,
    receiverAt,
    agedMonths,
    massG,
    guessed,
    counted,
    input,
    problems,
    wishRefused,
  };

  function number(field: Field, text: string, unit: string): number | undefined {
    const read = readNumber({ text, unit } as NumberInput, ranges[field]);
    if (read.ok) return read.value;
    problems[field] = read.problem;
    return undefined;
  }

  function optional(field: Field, text: string, unit: string): number | undefined {
    return text.trim() ? number(field, text, unit) : undefined;
  }

  function readMass(): number | undefined {
    const measure = measureOf(draft, context.measures, plant.id);
    if (measure) {
      const count = number("count", draft.countText, "one");
      return count === undefined ? undefined : measure.massG * count;
    }
    if (draft.massBy === "still" && !draft.harvestId && !draft.massText.trim()) {
      guessed = common && plant.states[state] ? stillTakes(common) : undefined;
      return guessed && guessed.massG > 0 ? guessed.massG : undefined;
    }
    const pieces = parseCounted(draft.massText);
    if (pieces) return inPieces(pieces);
    const volume = parseAmount(draft.massText, "mL");
    /* Of a plant a volume is a heap: "4 cups" weighs what the plant's packing makes of it. */
    if (volume.ok && /\p{L}/u.test(draft.massText)) {
      guessed = common && weightOfVolume(volume.value, common);
      return guessed?.massG;
    }
    return number("mass", draft.massText, draft.massUnit);
  }

  function inPieces({ count, what }: { count: number; what: string }): number | undefined {
    const measure = measureCalled(what, context.measures, plant.id);
    counted = { count, what, measure };
    if (!measure) {
      problems.mass = t`How much does one of the ${what} weigh? Weigh one, or type the weight of all.`;
      return undefined;
    }
    return measure.massG * count;
  }

  function readWish(rest: Omit<PlanInput, "massG" | "charges">) {
    const volumeMl = number("wish", draft.wishText, draft.wishUnit);
    if (volumeMl === undefined) return undefined;
    try {
      return massForWish(rest, { what: draft.wishWhat, volumeMl });
    } catch (error) {
      if (!(error instanceof WishRefusal)) throw error;
      wishRefused = error.why;
      return undefined;
    }
  }

  function hydrosolWanted(): [text: string, unit: string] {
    return draft.ratioText
      ? [draft.ratioText, draft.ratioUnit]
      : [String(hydrosolToKeep(plant.tissue, state)), "LPerKg"];
  }

  function readStop(): StopRule | undefined {
    const perKg = () => number("ratio", ...hydrosolWanted());
    const worth = () => {
      const worthMlPer10Min = optional("worth", draft.worthText, "mL");
      return worthMlPer10Min === undefined ? {} : { worthMlPer10Min };
    };
    switch (draft.stopBy) {
      case "clock":
      case "smell": {
        const text = draft.stopBy === "clock" ? draft.minutesText : "";
        const minutes = number("minutes", text || String(plant.usualMinutes), "min");
        return minutes === undefined ? undefined : { minutes };
      }
      case "tail":
      case "worth":
        return worth();
      case "ratio": {
        const ratio = perKg();
        return ratio === undefined ? undefined : { perKg: ratio };
      }
      default: {
        /* What flows back is never too much: there only the worth of going on ends a run. */
        if (method === "cohobation") return worth();
        const ratio = perKg();
        return ratio === undefined ? undefined : { perKg: ratio, ...worth() };
      }
    }
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
