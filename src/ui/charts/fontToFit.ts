/* Of its size a letter is so wide, bold or not, all letters of a text taken together. */
const letterWide = 0.56;

/**
 * The size of type at which words fit into a room, both in a drawing's own units: the usual one, or less where
 * they are longer, as in another language; never below two thirds of it, which could not be read.
 */
export function fontToFit(text: string, room: number, usual: number): number {
  const most = room / (letterWide * Math.max(1, text.length));
  return Math.max((usual * 2) / 3, Math.min(usual, most));
}
