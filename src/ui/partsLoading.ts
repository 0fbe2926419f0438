import { useSyncExternalStore } from "react";

type LoadPart = (path: string) => Promise<void>;

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

/**
 * A part of the app that cannot be fetched is tried again until it comes, instead of ending the screen
 * that asked for it.
 */
export function withRetries(load: LoadPart): LoadPart {
  return async (path) => {
    for (let tries = 0; ; tries += 1) {
      try {
        await load(path);
        if (missing.delete(path)) told();
        return;
      } catch {
        missing.add(path);
        told();
        await pause(pausesMs[Math.min(tries, pausesMs.length - 1)]!);
      }
    }
  };
}

/** Has the bundler's own loader of parts try again. Once, at the start. */
export function retryParts(): void {
  const place = globalThis as unknown as Record<string, LoadPart | undefined>;
  const name = Object.keys(place).find((key) => key.endsWith("__loadBundleAsync"));
  if (name && place[name]) place[name] = withRetries(place[name]);
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
