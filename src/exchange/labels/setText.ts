import type { Face, LabelFonts } from "./labelFonts";
import type { Box, LabelColour, LabelItem, LabelPart } from "./labelItems";

/* Five points: smaller is not read without a glass. A name is read from further away. */
export const leastMm = 1.77;
export const leastNameMm = 2.3;
export const leading = 1.22;
/* Above a line's baseline, and below it, share of its size. */
export const above = 0.78;
const below = 0.24;

/** Words of one size and face. */
export interface Block {
  part: LabelPart;
  text: string;
  face: Face;
  /** Times the body's size. */
  times: number;
  least: number;
  colour: LabelColour;
  /** Air above it, times the body's size. */
  gap: number;
}

/** Blocks one below the other; undefined where they have no room in the box. */
export function setText(
  blocks: readonly Block[],
  fonts: LabelFonts,
  box: Box,
  bodyMm: number,
  centred: boolean,
): LabelItem[] | undefined {
  const lines: Extract<LabelItem, { kind: "text" }>[] = [];
  let y = box.y;
  for (const { part, text, face, times, least, colour, gap } of blocks) {
    const size = Math.max(least, bodyMm * times);
    const broken = breakLines(text, (line) => fonts.width(face, line, size), box.width);
    if (!broken) return undefined;
    if (lines.length > 0) y += gap * bodyMm;
    for (const line of broken) {
      const width = fonts.width(face, line, size);
      const baseline = y + size * above;
      if (baseline + size * below > box.y + box.height + 1e-9) return undefined;
      lines.push({
        kind: "text",
        part,
        text: line,
        face,
        size,
        x: centred ? box.x + (box.width - width) / 2 : box.x,
        y: baseline,
        width,
        colour,
      });
      y += size * leading;
    }
  }
  return lines;
}

/** A text in lines no wider than this; undefined where a single word is. */
function breakLines(
  text: string,
  width: (line: string) => number,
  most: number,
): string[] | undefined {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter(Boolean)) {
    if (width(word) > most) return undefined;
    const last = lines.at(-1);
    if (last !== undefined && width(`${last} ${word}`) <= most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/** Lines that break inside a word where they must. */
export function breakAnywhere(
  text: string,
  width: (line: string) => number,
  most: number,
): string[] {
  const lines: string[] = [""];
  for (const letter of text) {
    const last = lines.at(-1)!;
    if (width(last + letter) <= most || last === "") lines[lines.length - 1] = last + letter;
    else lines.push(letter === " " ? "" : letter);
  }
  return lines;
}
