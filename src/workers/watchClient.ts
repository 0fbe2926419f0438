import { watchAnswerSchema, type WatchAnswer, type WatchQuestion } from "@/messages/watchMessages";
import type { WatchWorker } from "./watch.worker";
import { workerLine, type WorkerLine } from "./workerLine";

let open: WorkerLine<WatchWorker> | undefined;

/** Weighs a run under way, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function watch(question: WatchQuestion): Promise<WatchAnswer> {
  open ??= workerLine<WatchWorker>(
    new Worker(new URL("./watch.worker", window.location.href)),
    () => {
      open = undefined;
    },
  );
  return watchAnswerSchema.parse(await open.answered(open.remote.watch(question)));
}
