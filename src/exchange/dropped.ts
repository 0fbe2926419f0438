/**
 * Files that were dropped on the window, for the screen that takes them. One lies here at a time; who takes it has
 * it alone.
 */
let waiting: File | undefined;
const listeners = new Set<() => void>();

/** Which screen takes a file, by its name; undefined for none. */
export function placeFor({ name }: Pick<File, "name">): "/bench/data" | "/runs/table" | undefined {
  if (/\.json$/i.test(name)) return "/bench/data";
  return /\.(csv|tsv)$/i.test(name) ? "/runs/table" : undefined;
}

/** Lays a file down. */
export function drop(file: File): void {
  waiting = file;
  for (const tell of listeners) tell();
}

/** Takes the file that waits, where it is one for a place. */
export function takeDropped(place: ReturnType<typeof placeFor>): File | undefined {
  if (!waiting || placeFor(waiting) !== place) return undefined;
  const file = waiting;
  waiting = undefined;
  return file;
}

/** Is told of each file that is dropped; ends with the returned call. */
export function onDropped(tell: () => void): () => void {
  listeners.add(tell);
  return () => void listeners.delete(tell);
}
