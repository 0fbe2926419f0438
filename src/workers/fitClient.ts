import { fitAnswerSchema, type FitAnswer, type FitQuestion } from "@/messages/fitMessages";
import type { FitWorker } from "./fit.worker";
import { workerLine, type WorkerLine } from "./workerLine";

let open: WorkerLine<FitWorker> | undefined;

/** Fits a run's readings, off the page's thread. Rejects when the worker cannot answer; the next question starts it anew. */
export async function fit(question: FitQuestion): Promise<FitAnswer> {
  open ??= workerLine<FitWorker>(new Worker(new URL("./fit.worker", window.location.href)), () => {
    open = undefined;
  });
  return fitAnswerSchema.parse(await open.answered(open.remote.fit(question)));
}
