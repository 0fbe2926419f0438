import {
  debriefAnswerSchema,
  type DebriefAnswer,
  type DebriefQuestion,
} from "@/messages/practiceMessages";
import { watchAnswerSchema, type WatchAnswer, type WatchQuestion } from "@/messages/watchMessages";
import type { WatchWorker } from "./watch.worker";
import { workerLine, type WorkerLine } from "./workerLine";

let watching: WorkerLine<WatchWorker> | undefined;
let lookingBack: WorkerLine<WatchWorker> | undefined;

/** Weighs a run under way, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function watch(question: WatchQuestion): Promise<WatchAnswer> {
  watching ??= opened(() => {
    watching = undefined;
  });
  return watchAnswerSchema.parse(await watching.answered(watching.remote.watch(question)));
}

/**
 * Looks back on an exercise, off the page's thread and in a thread of its own: it never waits behind what a run under
 * way still asks. Rejects when the worker cannot answer.
 */
export async function debrief(question: DebriefQuestion): Promise<DebriefAnswer> {
  lookingBack ??= opened(() => {
    lookingBack = undefined;
  });
  const { answered, remote } = lookingBack;
  return debriefAnswerSchema.parse(await answered(remote.debrief(question)));
}

function opened(gone: () => void): WorkerLine<WatchWorker> {
  return workerLine<WatchWorker>(new Worker(new URL("./watch.worker", window.location.href)), gone);
}
