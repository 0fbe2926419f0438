import type { ComputeWorker } from "./compute.worker";
import { workerLine, type WorkerLine } from "./workerLine";

/** The line to a thread that computes. */
export type ComputeLine = WorkerLine<ComputeWorker>;

/**
 * A thread of its own, so that its questions wait behind no others: begun at the first call, the same at every later
 * one, and begun anew after it has died.
 */
export function computeThread(): () => ComputeLine {
  let line: ComputeLine | undefined;
  return () =>
    (line ??= workerLine<ComputeWorker>(
      new Worker(new URL("./compute.worker", window.location.href)),
      () => {
        line = undefined;
      },
    ));
}
