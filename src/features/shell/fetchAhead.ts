import { fetchPartAhead } from "@/ui/partsLoading";

/**
 * Fetches parts of the app one after another whenever the page has nothing to do, so that a tap finds them there: from when
 * the first page stands. What does not come is fetched again, and told of, where it is asked for.
 * @returns a function that ends it
 */
export function fetchAhead(parts: readonly (() => Promise<unknown>)[]): () => void {
  let ended = false;
  const next = async (at: number) => {
    const part = parts[at];
    /* Without a network nobody is told of a part that they did not ask for. */
    if (ended || !part || !navigator.onLine) return;
    if (!aPageStands()) {
      setTimeout(() => void next(at), askAgainMs);
      return;
    }
    await fetchPartAhead(part).catch(() => undefined);
    whenIdle(() => void next(at + 1));
  };
  whenIdle(() => void next(0));
  return () => {
    ended = true;
  };
}

const askAgainMs = 100;

/* Its title comes with the page, which is fetched itself: what is fetched ahead is not to be in its way. */
function aPageStands(): boolean {
  return document.querySelector("h1") !== null;
}

/* Not every browser says when it is idle: there a moment has to do. */
function whenIdle(act: () => void): void {
  if (typeof requestIdleCallback === "function") requestIdleCallback(act);
  else setTimeout(act, 200);
}
