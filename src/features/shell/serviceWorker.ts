import { useSyncExternalStore } from "react";

/* Asked for every hour while a page is open: a season's tab would never hear of a newer version else. */
const askEveryMs = 3600e3;

let waiting: ServiceWorker | undefined;
const listeners = new Set<() => void>();

function found(worker: ServiceWorker): void {
  waiting = worker;
  listeners.forEach((listener) => listener());
}

/**
 * Has the browser keep the whole app on this device, so that it opens and goes on without a network.
 * Does nothing where there are no service workers: on plain http from another device, say.
 */
export async function keepAppHere(): Promise<void> {
  if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
  try {
    const registration = await navigator.serviceWorker.register("/sw.js");
    if (registration.waiting && navigator.serviceWorker.controller) found(registration.waiting);
    registration.addEventListener("updatefound", () => {
      const { installing } = registration;
      installing?.addEventListener("statechange", () => {
        /* Without a controller it is the first one: nothing older is in use. */
        if (installing.state === "installed" && navigator.serviceWorker.controller)
          found(installing);
      });
    });
    setInterval(() => void registration.update().catch(() => undefined), askEveryMs);
  } catch {
    /* The app works all the same; it needs the network then. */
  }
}

/** Goes over to the version that waits, with the page begun anew. */
export function takeNewVersion(): void {
  navigator.serviceWorker.addEventListener("controllerchange", () => window.location.reload(), {
    once: true,
  });
  waiting?.postMessage({ type: "SKIP_WAITING" });
}

/** Whether a newer version waits to be taken. */
export function useNewVersion(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => waiting !== undefined,
  );
}
