/** A logbook of this browser: the person's own, the demonstration, or what was practised; a tab shows one of the first two. */
export type LogbookName = "sereno" | "sereno-demo" | "sereno-practice";

/** The two that a tab shows whole. */
type ShownLogbook = Exclude<LogbookName, "sereno-practice">;

const choiceKey = "sereno-logbook";

/**
 * The logbook of this tab. `?logbook=demo` in the address opens the demonstration, and the tab stays
 * with it until it is left; another tab, or a new one, shows the person's own.
 */
export function chosenLogbook(): ShownLogbook {
  try {
    if (new URLSearchParams(window.location.search).get("logbook") === "demo") {
      window.sessionStorage.setItem(choiceKey, "demo");
    }
    return window.sessionStorage.getItem(choiceKey) === "demo" ? "sereno-demo" : "sereno";
  } catch {
    return "sereno";
  }
}

/** Switches this tab to the other logbook by starting the app anew. */
export function switchLogbook(to: ShownLogbook): void {
  if (to === "sereno") window.sessionStorage.removeItem(choiceKey);
  else window.sessionStorage.setItem(choiceKey, "demo");
  window.location.assign("/");
}

/**
 * Begins the demonstration afresh: what it has stored is let go, and the app starts anew with a season that ends
 * today. Rejects where the browser refuses.
 */
export async function renewDemo(): Promise<void> {
  const database = await new Promise<IDBDatabase>((resolve, reject) => {
    const request = indexedDB.open("sereno-demo" satisfies LogbookName);
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error("the browser refuses"));
  });
  const stores = [...database.objectStoreNames];
  await new Promise<void>((resolve, reject) => {
    if (stores.length === 0) return resolve();
    const transaction = database.transaction(stores, "readwrite");
    for (const name of stores) transaction.objectStore(name).clear();
    transaction.oncomplete = () => resolve();
    transaction.onerror = () => reject(transaction.error ?? new Error("the browser refuses"));
  });
  database.close();
  switchLogbook("sereno-demo");
}
