import { expose } from "comlink";
import { blameFor, impossible } from "@/core/day/blame";
import { chooseSplits } from "@/core/day/chooseSplits";
import type { Day, DayPlan } from "@/core/day/day";
import { daySearch } from "@/core/day/planDay";
import { asCharge, asLimits, dayQuestionSchema, type DayAnswer } from "@/messages/dayMessages";
import { breathe } from "./breathe";

/* Enough to say which limit is to blame. */
const blameTries = 1500;
/* The day being laid out; another number, and the one before is dropped at its next step. */
let current = 0;

const dayWorker = {
  /**
   * Lays a day out; tells each better layout as it is found. Same question, same answer. A newer question or a stop ends this one with what
   * it has.
   */
  async layOut(
    number: number,
    question: unknown,
    onBetter: (answer: DayAnswer) => void,
  ): Promise<DayAnswer | undefined> {
    current = number;
    const { heaps, tries, ...rest } = dayQuestionSchema.parse(question);
    const chosen = chooseSplits(
      asLimits(rest),
      heaps.map(({ id, splits }) => ({ id, splits: splits.map((each) => each.map(asCharge)) })),
    );
    if (!chosen) return undefined;
    const { day } = chosen;
    let best = chosen.plan;
    onBetter(answerOf(day, best));
    for (const next of daySearch(day, { tries, seed: 1 })) {
      await breathe();
      if (current !== number) return answerOf(day, best);
      if (!next || next === best || !isLess(next, best)) continue;
      best = next;
      onBetter(answerOf(day, best));
    }
    const limit = impossible(day) ?? blameFor(day, best, blameTries);
    return { ...answerOf(day, best), ...(limit ? { limit: limit.limit } : {}) };
  },
  /** Ends the search; it answers with what it has. */
  stop(): void {
    current = 0;
  },
};
export type DayWorker = typeof dayWorker;

expose(dayWorker);

function isLess(a: DayPlan, b: DayPlan): boolean {
  return a.lateMin < b.lateMin || (a.lateMin === b.lateMin && a.endMin <= b.endMin);
}

function answerOf({ charges }: Day, plan: DayPlan): DayAnswer {
  return {
    charges: charges.map(({ dueMin, ...charge }) => ({
      ...charge,
      ...(Number.isFinite(dueMin) ? { dueMin } : {}),
    })),
    placed: plan.charges,
    endMin: plan.endMin,
    lateMin: plan.lateMin,
  };
}
