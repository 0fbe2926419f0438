import { mostDayCharges } from "@/core/day/day";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import { isCraftStop } from "@/core/forecast/warning";
import { heatSources } from "@/core/still/heatSources";
import type { DayHeap, DayRecord } from "@/records/day";
import type { PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { readDraft, type PlanContext } from "../plan/readDraft";
import { handMinutes, lengthOf } from "./dayTimes";
import { lostPerHourOf } from "./waiting";

type Charge = DayRecord["charges"][number];

/** What a heap can be shared out as, and the stills that may not take it, with why. */
export interface HeapSplits {
  splits: Charge[][];
  /** Stills that may not take it: not at all, since its plan is stopped, or in more charges than a day holds. */
  refused: { stillId: string; why: "cannot" | "stop" | "tooMany" }[];
}

interface Asking {
  day: Pick<DayRecord, "from" | "until">;
  /** Nothing is loaded before, min from the day's beginning. */
  fromMin: number;
  heap: DayHeap;
  stills: readonly Still[];
  runs: readonly Run[];
  context: PlanContext;
  /** The draft a plan of this heap begins with, the person's habits in it. */
  draft: PlanDraft;
}

/**
 * The ways in which a heap can be shared out: as each of the stills alone would have it, each charge on every still that takes as
 * much. Plans are worked out one after the other: a step at a time, so that a page may breathe between.
 */
export function* heapSplits({
  day,
  fromMin,
  heap,
  stills,
  runs,
  context,
  draft,
}: Asking): Generator<undefined, HeapSplits> {
  const refused: HeapSplits["refused"] = [];
  const counts = new Map<number, Still>();
  for (const still of stills) {
    const plan = planOn(still, heap.massG, draft, context);
    if (!plan) refused.push({ stillId: still.id, why: "cannot" });
    else if (stopped(plan)) refused.push({ stillId: still.id, why: "stop" });
    else if (plan.charges > mostDayCharges) refused.push({ stillId: still.id, why: "tooMany" });
    else counts.set(plan.charges, still);
    yield;
  }
  const able = stills.filter(({ id }) => !refused.some(({ stillId }) => stillId === id));
  const splits: Charge[][] = [];
  for (const count of counts.keys()) {
    const massG = heap.massG / count;
    const on: Charge["on"] = {};
    let oilMl = 0;
    for (const still of able) {
      const plan = planOn(still, massG, draft, context);
      if (plan?.charges === 1 && !stopped(plan)) {
        on[still.id] = takesOf(plan, still, runs);
        oilMl = Math.max(oilMl, plan.forecast.oil.distilledMl.p50);
      }
      yield;
    }
    if (Object.keys(on).length === 0) continue;
    const lostPerHour = lostPerHourOf(heap, context.book.byId(heap.plantId), oilMl);
    splits.push(
      Array.from({ length: count }, (_, i) => ({
        id: count === 1 ? heap.id : `${heap.id}-${i + 1}`,
        heapId: heap.id,
        massG,
        readyMin: fromMin,
        /* What is not empty by the day's end is late. */
        dueMin: lengthOf(day),
        ...(lostPerHour === undefined ? {} : { lostPerHour }),
        on,
      })),
    );
  }
  return { splits, refused };
}

function planOn(
  still: Still,
  massG: number,
  draft: PlanDraft,
  context: PlanContext,
): ChargePlan | undefined {
  const { input } = readDraft(
    { ...draft, stillId: still.id, massBy: "scale", massText: String(massG), massUnit: "g" },
    context,
  );
  return input && planCharges(input);
}

/* A stop about the person's own craft has its reason given when the charge itself is planned. */
function stopped({ warnings, forecast }: ChargePlan): boolean {
  return (
    forecast.minutesToFirstDrop === null ||
    warnings.some(({ severity, code }) => severity === "error" && !isCraftStop(code))
  );
}

function takesOf({ forecast, cooling }: ChargePlan, still: Still, runs: readonly Run[]) {
  const hands = handMinutes(still.id, runs);
  const round = (minutes: number) => Math.max(1, Math.round(minutes));
  return {
    loadMin: hands.load,
    heatMin: round(forecast.minutesToFirstDrop ?? 0),
    runMin: round(forecast.runMinutes),
    closeMin: hands.close,
    watts: heatSources[still.heat.kind].fuel === "electricity" ? still.heat.powerW : 0,
    iceKg: Math.round(10 * (cooling?.iceKg ?? 0)) / 10,
  };
}
