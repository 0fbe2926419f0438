import { type PlantState, plantStates } from "@/core/plant/plant";
import { type Preparation, preparationOf } from "@/core/plant/preparation";
import type { Receiver } from "@/core/separation/receivers";
import { methodsOf } from "@/core/still/fillLimits";
import type { Method } from "@/core/still/methods";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import type { Still } from "@/records/still";
import { receiversOf, stillFigures } from "../still/stillFigures";
import type { PlanDraft } from "@/records/planDraft";

/** What always stands in a plan, whatever its numbers: where the draft names nothing that is there, the usual. */
export interface DraftChoices {
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
}

export function draftChoices(
  draft: PlanDraft,
  { book, stills }: { book: PlantBook; stills: readonly Still[] },
): DraftChoices {
  const named = book.byId(draft.plantId);
  const plant = named ?? book.byId("lavender") ?? book.all[0]!;
  const states = plantStates.filter((state) => plant.states[state]);
  const state = states.find((candidate) => candidate === draft.state) ?? states[0] ?? "fresh";
  const still = stills.find(({ id }) => id === draft.stillId) ?? stills[0];
  const methods = still ? methodsOf(stillFigures(still).shape) : [];
  const method =
    methods.find((candidate) => candidate === draft.method) ??
    methods.find((candidate) => candidate === plant.preferredMethod) ??
    methods[0] ??
    "steam";
  const receivers = still ? receiversOf(still) : [];
  return {
    plant,
    chosen: named !== undefined,
    state,
    states,
    still,
    method,
    methods,
    preparation: preparationOf(plant, draft.preparation),
    receivers,
    receiverAt: Math.min(receivers.length - 1, Math.max(0, Number(draft.receiver) || 0)),
  };
}
