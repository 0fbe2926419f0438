import { fitRun } from "@/core/learn/fit";
import { fitQuestionSchema, type FitAnswer } from "@/messages/fitMessages";

/** Learns from a run. */
export const fitWork = {
  /** What the readings of a run teach of its plant. Same question, same answer. */
  fit(question: unknown): FitAnswer {
    const { request, readings } = fitQuestionSchema.parse(question);
    return fitRun(request, readings);
  },
};
