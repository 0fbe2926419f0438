/** What was found, in its order, but what begins with the very words that were typed before what only holds them. */
export function beginningFirst<T>(
  found: readonly T[],
  typed: string,
  nameOf: (each: T) => string,
): T[] {
  const wanted = typed.trim().toLowerCase();
  const begins = (each: T) => nameOf(each).toLowerCase().startsWith(wanted);
  return wanted === ""
    ? [...found]
    : [...found.filter(begins), ...found.filter((each) => !begins(each))];
}
