/**
 * A lot's readable code: the plant's two letters, month and day it was made, what it is (O oil,
 * H hydrosol, F first cut) and a counter that keeps it unlike every code in use.
 */
export function lotCode(
  plantCode: string,
  madeOn: string,
  product: "O" | "H" | "F",
  inUse: Iterable<string>,
): string {
  const taken = new Set(inUse);
  const stem = `${plantCode}-${madeOn.slice(5, 7)}${madeOn.slice(8, 10)}-${product}`;
  let counter = 1;
  while (taken.has(`${stem}${counter}`)) counter += 1;
  return `${stem}${counter}`;
}

/** A bottle's code: its lot's, and a letter: a to z, then aa. */
export function bottleCode(lotCode: string, inUse: Iterable<string>): string {
  const taken = new Set(inUse);
  for (let index = 0; ; index += 1) {
    const letter = String.fromCharCode(97 + (index % 26));
    const code = `${lotCode}-${letter.repeat(1 + Math.floor(index / 26))}`;
    if (!taken.has(code)) return code;
  }
}
