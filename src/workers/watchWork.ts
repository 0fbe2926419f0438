import { debriefOf } from "@/core/practice/debrief";
import { watchRun } from "@/core/run/watchedRun";
import { debriefQuestionSchema, type DebriefAnswer } from "@/messages/practiceMessages";
import { watchQuestionSchema, type WatchAnswer } from "@/messages/watchMessages";

/* The fan reaches this much past the end, so that going on can be seen. */
const beyond = 1.15;

/** Weighs a run under way, and looks back on an exercise. */
export const watchWork = {
  /** What the readings so far make of a run. Same question, same answer. */
  watch(question: unknown): WatchAnswer {
    const { request, seen, usual, now, end } = watchQuestionSchema.parse(question);
    const watched = watchRun(request, seen, { usual });
    const horizon = Math.max(end * beyond, now + 10, 20);
    return {
      now: watched.at(now),
      end: watched.at(Math.max(now, end)),
      fan: watched.fan(horizon),
      endsAt: watched.endsAt(),
      rateMlPerMin: watched.rateMlPerMin(),
      tenMoreMl: watched.tenMore(Math.max(now, end)),
      effectiveRuns: watched.effectiveRuns,
      doubts: watched.doubts,
    };
  },
  /** Looks back on an exercise: it is played again some thirty times. Same question, same answer. */
  debrief(question: unknown): DebriefAnswer {
    const { ask, acts, endSecond, planSecond } = debriefQuestionSchema.parse(question);
    return debriefOf(ask, acts, endSecond, planSecond);
  },
};
