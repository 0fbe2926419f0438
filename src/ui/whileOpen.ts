/**
 * Looks again every so many milliseconds, and whenever the page comes back from sleep, until it is let go: what is read
 * from the clock there is right at once, however long a phone slept.
 */
export function whileOpen(everyMs: number, look: () => void): () => void {
  const timer = setInterval(look, everyMs);
  document.addEventListener("visibilitychange", look);
  return () => {
    clearInterval(timer);
    document.removeEventListener("visibilitychange", look);
  };
}
