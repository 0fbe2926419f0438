import { useSyncExternalStore } from "react";

/** Fetches a file of the app, by its address. */
export type LoadPart = (path: string) => Promise<void>;

const pausesMs = [500, 1000, 2000, 4000, 8000];
const missing = new Set<string>();
const listeners = new Set<() => void>();

function told(): void {
  listeners.forEach((listener) => listener());
}

/* A pause that ends early where the device says that it is connected again. */
function pause(ms: number): Promise<void> {
  return new Promise((resolve) => {
    const timer = setTimeout(done, ms);
    function done() {
      clearTimeout(timer);
      window.removeEventListener("online", done);
      resolve();
    }
    window.addEventListener("online", done);
  });
}

let isAhead = false;

/** Fetches a part that nobody has asked for yet: it is tried once, and nobody is told where it does not come. */
export function fetchPartAhead(part: () => Promise<unknown>): Promise<unknown> {
  isAhead = true;
  try {
    return part();
  } finally {
    isAhead = false;
  }
}

/**
 * A part of the app that cannot be fetched is tried again until it comes, instead of ending the screen
 * that asked for it.
 */
export function withRetries(load: LoadPart): LoadPart {
  return async (path) => {
    const isOnce = isAhead;
    for (let tries = 0; ; tries += 1) {
      try {
        await load(path);
        if (missing.delete(path)) told();
        return;
      } catch (error) {
        if (isOnce) throw error;
        missing.add(path);
        told();
        await pause(pausesMs[Math.min(tries, pausesMs.length - 1)]!);
      }
    }
  };
}

/**
 * A loader that fetches what several parts share before each part that needs it: a part that is here without it would
 * be opened by the next who asks, and end in its middle.
 */
export function withSharedFirst(
  load: LoadPart,
  shared: { file: string; alone: readonly string[] },
): LoadPart {
  return async (path) => {
    if (!shared.alone.includes(path)) await load(shared.file);
    await load(path);
  };
}

/** Whether a part is being fetched again after it did not come. */
export function usePartsMissing(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => missing.size > 0,
  );
}
