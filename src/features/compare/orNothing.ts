/** What is reckoned, or nothing where a figure of a foreign file cannot be reckoned with. */
export function orNothing<T>(reckon: () => T): T | undefined {
  try {
    return reckon();
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}
