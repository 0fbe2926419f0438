import { blameFor, impossible } from "@/core/day/blame";
import { chooseSplits } from "@/core/day/chooseSplits";
import type { Day, DayPlan } from "@/core/day/day";
import { daySearch, isBetter } from "@/core/day/planDay";
import { asCharge, asLimits, dayQuestionSchema, type DayAnswer } from "@/messages/dayMessages";
import { breathe } from "./breathe";

/* Enough to say which limit is to blame. */
const blameTries = 1500;
/* Questions that were ended before their time: each answers with what it has. */
const stopped = new Set<number>();

/** Lays days out. */
export const dayWork = {
  /** Lays a day out. Same question, same answer; a stop ends it with the best so far. Several may be under way. */
  async layOutDay(number: number, question: unknown): Promise<DayAnswer | undefined> {
    const { heaps, tries, ...rest } = dayQuestionSchema.parse(question);
    const chosen = chooseSplits(
      asLimits(rest),
      heaps.map(({ id, splits }) => ({ id, splits: splits.map((each) => each.map(asCharge)) })),
    );
    if (!chosen) return undefined;
    const { day } = chosen;
    let best = chosen.plan;
    for (const next of daySearch(day, { tries, seed: 1 })) {
      await breathe();
      if (stopped.delete(number)) return answerOf(day, best);
      if (next && isBetter(next, best)) best = next;
    }
    stopped.delete(number);
    const limit = impossible(day) ?? blameFor(day, best, blameTries);
    return { ...answerOf(day, best), ...(limit ? { limit: limit.limit } : {}) };
  },
  /** Ends a search; it answers with what it has. */
  stopDay(number: number): void {
    stopped.add(number);
  },
};
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
