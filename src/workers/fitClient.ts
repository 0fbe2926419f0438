import { fitAnswerSchema, type FitAnswer, type FitQuestion } from "@/messages/fitMessages";
import { computeThread } from "./computeThread";

const thread = computeThread();

/** Fits a run's readings, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function fit(question: FitQuestion): Promise<FitAnswer> {
  const { answered, remote } = thread();
  return fitAnswerSchema.parse(await answered(remote.fit(question)));
}
