/** Which logbook a tab shows: the person's own, or the demonstration. */
export type LogbookName = "sereno" | "sereno-demo";

const choiceKey = "sereno-logbook";

/**
 * The logbook of this tab. `?logbook=demo` in the address opens the demonstration, and the tab stays
 * with it until it is left; another tab, or a new one, shows the person's own.
 */
export function chosenLogbook(): LogbookName {
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
export function switchLogbook(to: LogbookName): void {
  if (to === "sereno") window.sessionStorage.removeItem(choiceKey);
  else window.sessionStorage.setItem(choiceKey, "demo");
  window.location.assign("/");
}
