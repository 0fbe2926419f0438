import {
  debriefAnswerSchema,
  type DebriefAnswer,
  type DebriefQuestion,
} from "@/messages/practiceMessages";
import { watchAnswerSchema, type WatchAnswer, type WatchQuestion } from "@/messages/watchMessages";
import { computeThread } from "./computeThread";

const watching = computeThread();
const lookingBack = computeThread();

/** Weighs a run under way, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function watch(question: WatchQuestion): Promise<WatchAnswer> {
  const { answered, remote } = watching();
  return watchAnswerSchema.parse(await answered(remote.watch(question)));
}

/**
 * Looks back on an exercise, off the page's thread and in a thread of its own: it never waits behind what a run under
 * way still asks. Rejects when the worker cannot answer.
 */
export async function debrief(question: DebriefQuestion): Promise<DebriefAnswer> {
  const { answered, remote } = lookingBack();
  return debriefAnswerSchema.parse(await answered(remote.debrief(question)));
}
