import type { KeepAnswer, KeepOrder } from "./keep.worker";

/** Sets and removes texts of one database; resolves once it has them. */
export type KeepTexts = (change: {
  set?: Record<string, string>;
  remove?: string[];
}) => Promise<void>;

/** Writes texts off the page's thread, so that a page that is drawing keeps nothing waiting. */
export function openKeepClient(database: string): KeepTexts {
  const waiting = new Map<number, { resolve: () => void; reject: (error: Error) => void }>();
  const worker = new Worker(new URL("./keep.worker", window.location.href));
  let gone: Error | undefined;
  let orders = 0;
  worker.addEventListener("message", ({ data }: MessageEvent<KeepAnswer>) => {
    const asked = waiting.get(data.order);
    waiting.delete(data.order);
    if (data.problem === undefined) asked?.resolve();
    else asked?.reject(new Error(data.problem));
  });
  worker.addEventListener("error", (event) => {
    gone = new Error(event.message || "the storing worker does not load");
    waiting.forEach(({ reject }) => reject(gone!));
    waiting.clear();
  });
  return ({ set = {}, remove = [] }) =>
    new Promise((resolve, reject) => {
      if (gone) return reject(gone);
      orders += 1;
      waiting.set(orders, { resolve, reject });
      worker.postMessage({ order: orders, database, set, remove } satisfies KeepOrder);
    });
}
