/** Runs one piece of work at a time and hands its result on. */
export type Exclusive = <T>(work: () => Promise<T>) => Promise<T>;

/**
 * One writer at a time: across tabs by the browser's lock manager, within this tab by a queue where
 * there is none (pages served over plain http to another device).
 */
export function exclusiveAccess(name: string): Exclusive {
  const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
  if (locks) return (work) => locks.request(name, work) as ReturnType<typeof work>;
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.then(work, work);
    last = next.catch(() => undefined);
    return next;
  };
}
