/* How wide letters of the app's type are, of its size, bold: measured in the browser, rounded up to a twentieth. */
const widths: readonly [wide: number, letters: string][] = [
  [0.3, "'|!,.:;`ij·’"],
  [0.35, " ()[]l"],
  [0.45, '"-_frt{}°²/1I\\'],
  [0.5, "*–“”"],
  [0.55, "7?Lacsvxyz×"],
  [0.6, "239<>EFJ^bdeghknopqu~"],
  [0.65, "$+4568=BPRSTVYZß"],
  [0.7, "0ACDHKUX"],
  [0.75, "&GNOw"],
  [0.9, "#@Q…½MWmæ"],
];
const wideOf = new Map(widths.flatMap(([wide, letters]) => [...letters].map((one) => [one, wide])));
/* What is not among them, as a letter of another alphabet. */
const unknownWide = 0.75;
/* Of a bold letter's width, a regular one's. */
const regular = 0.92;

/* A letter with an accent may be taken from another type, whose letters are wider. */
const accentedWide = 0.62;

/** How wide words are, of their size. */
function wideAs(text: string, bold: boolean): number {
  const letters = [...text.normalize("NFC")].map((letter) => {
    const own = wideOf.get(letter);
    if (own !== undefined) return own;
    const bare = wideOf.get(letter.normalize("NFD").charAt(0));
    return bare === undefined ? unknownWide : Math.max(accentedWide, bare);
  });
  const wide = letters.reduce((sum, one) => sum + one, 0);
  return bold ? wide : wide * regular;
}

/**
 * The size of type at which words fit into a room, both in a drawing's own units: the usual one, or less where
 * they are longer, as in another language; never below two thirds of it, which could not be read.
 */
export function fontToFit(
  text: string,
  room: number,
  usual: number,
  { bold = false }: { bold?: boolean } = {},
): number {
  const most = room / Math.max(0.1, wideAs(text, bold));
  return Math.max((usual * 2) / 3, Math.min(usual, most));
}
