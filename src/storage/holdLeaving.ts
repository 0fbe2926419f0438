let held = 0;
const ask = (event: Event) => event.preventDefault();

/**
 * From now on the browser asks before this page is left or read anew; gives what ends that. Held only
 * while something that was typed or tapped is on its way to the store.
 */
export function holdLeaving(): () => void {
  if (held === 0) globalThis.addEventListener("beforeunload", ask);
  held += 1;
  let ended = false;
  return () => {
    if (ended) return;
    ended = true;
    held -= 1;
    if (held === 0) globalThis.removeEventListener("beforeunload", ask);
  };
}
