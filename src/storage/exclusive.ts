/** Runs one piece of work at a time and hands its result on. */
export type Exclusive = <T>(work: () => Promise<T>) => Promise<T>;

/**
 * One writer at a time, across tabs: by the browser's lock manager, and on pages that have none (served over plain
 * http to another device) by the turn that its database gives to one writing transaction after the other.
 */
export function exclusiveAccess(name: string): Exclusive {
  const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
  if (locks) return (work) => locks.request(name, work) as ReturnType<typeof work>;
  if (typeof indexedDB !== "undefined") return byTurns(`${name}-turns`);
  return byQueue();
}

/**
 * A writing transaction begins when the one before it has ended, in whatever tab, and ends with its tab. It is held
 * open, by asking it for nothing in particular, until the work is done.
 */
function byTurns(name: string): Exclusive {
  const store = "turns";
  let opened: Promise<IDBDatabase> | undefined;
  const open = () =>
    (opened ??= new Promise((resolve, reject) => {
      const request = indexedDB.open(name, 1);
      request.onupgradeneeded = () => request.result.createObjectStore(store);
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => {
        opened = undefined;
        reject(request.error ?? new Error("the browser's database does not open"));
      };
    }));
  return async (work) => {
    const turns = (await open()).transaction(store, "readwrite").objectStore(store);
    let done = false;
    await new Promise<void>((resolve, reject) => {
      const hold = () => {
        if (!done) turns.get(0).onsuccess = hold;
      };
      const first = turns.get(0);
      first.onsuccess = () => {
        hold();
        resolve();
      };
      first.onerror = () =>
        reject(first.error ?? new Error("the browser's database gives no turn"));
    });
    try {
      return await work();
    } finally {
      done = true;
    }
  };
}

/** Within this tab alone. */
function byQueue(): Exclusive {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.then(work, work);
    last = next.catch(() => undefined);
    return next;
  };
}
