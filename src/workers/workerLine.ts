import { wrap, type Remote } from "comlink";

/** A line to a worker that may not load, or may die. */
export interface WorkerLine<Work> {
  /** What the worker can be asked. An answer may never come: see `answered`. */
  remote: Remote<Work>;
  /** An answer, or a rejection as soon as the worker is gone. */
  answered<Answer>(asked: Promise<Answer>): Promise<Answer>;
  close(): void;
}

/** Opens a line to a worker. `onGone` is told once when it does not load or dies. */
export function workerLine<Work>(worker: Worker, onGone?: () => void): WorkerLine<Work> {
  const gone = new Promise<never>((_, reject) => {
    worker.addEventListener("error", (event) => {
      worker.terminate();
      onGone?.();
      reject(new Error(event.message || "a part of the app that works in the background is gone"));
    });
  });
  gone.catch(() => undefined);
  return {
    remote: wrap<Work>(worker),
    answered: (asked) => Promise.race([asked, gone]),
    close: () => worker.terminate(),
  };
}
