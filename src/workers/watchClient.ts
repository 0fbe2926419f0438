import {
  debriefAnswerSchema,
  type DebriefAnswer,
  type DebriefQuestion,
} from "@/messages/practiceMessages";
import { watchAnswerSchema, type WatchAnswer, type WatchQuestion } from "@/messages/watchMessages";
import type { WatchWorker } from "./watch.worker";
import { workerLine, type WorkerLine } from "./workerLine";

let open: WorkerLine<WatchWorker> | undefined;

/** Weighs a run under way, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function watch(question: WatchQuestion): Promise<WatchAnswer> {
  const { remote, answered } = line();
  return watchAnswerSchema.parse(await answered(remote.watch(question)));
}

/** Looks back on an exercise, off the page's thread. Rejects when the worker cannot answer. */
export async function debrief(question: DebriefQuestion): Promise<DebriefAnswer> {
  const { remote, answered } = line();
  return debriefAnswerSchema.parse(await answered(remote.debrief(question)));
}

function line(): WorkerLine<WatchWorker> {
  open ??= workerLine<WatchWorker>(
    new Worker(new URL("./watch.worker", window.location.href)),
    () => {
      open = undefined;
    },
  );
  return open;
}
