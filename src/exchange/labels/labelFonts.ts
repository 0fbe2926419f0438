import fontkit from "@pdf-lib/fontkit";

/** The faces a label is set in. */
export type Face = "title" | "body" | "bold";

/** The files of the faces; the wide one has the letters that the others lack, and is fetched when needed. */
export interface FontFiles {
  title: Uint8Array;
  body: Uint8Array;
  bold: Uint8Array;
  wide: Uint8Array;
}

interface Font {
  unitsPerEm: number;
  ascent: number;
  descent: number;
  hasGlyphForCodePoint: (codePoint: number) => boolean;
  layout: (text: string) => {
    advanceWidth: number;
    glyphs: { path: { toSVG: () => string }; advanceWidth: number }[];
    positions: { xAdvance: number; xOffset: number; yOffset: number }[];
  };
}

/** Fonts that measure text and draw it as outlines, the same on screen, in a picture and on paper. */
export interface LabelFonts {
  files: FontFiles;
  /** The file a text is set in: its own face's, or the wide one where that lacks a letter. */
  fileOf: (face: Face, text: string) => keyof FontFiles;
  /** Width of a text at a size, in the unit of the size. */
  width: (face: Face, text: string, size: number) => number;
  /** Outlines of a text with its start at 0, its baseline at 0, y downwards. */
  outlines: (face: Face, text: string, size: number) => { d: string; x: number; y: number }[];
}

/** Opens the font files. */
export function openLabelFonts(files: FontFiles): LabelFonts {
  const create = (file: Uint8Array) => fontkit.create(file as never) as unknown as Font;
  const fonts = {
    title: create(files.title),
    body: create(files.body),
    bold: create(files.bold),
    wide: create(files.wide),
  };
  const has = (font: Font, text: string) =>
    [...text].every((letter) => font.hasGlyphForCodePoint(letter.codePointAt(0)!));
  const fileOf = (face: Face, text: string): keyof FontFiles =>
    has(fonts[face], text) ? face : "wide";
  const widths = new Map<string, number>();
  return {
    files,
    fileOf,
    width(face, text, size) {
      const key = `${face}/${text}`;
      let perEm = widths.get(key);
      if (perEm === undefined) {
        const font = fonts[fileOf(face, text)];
        perEm = font.layout(text).advanceWidth / font.unitsPerEm;
        widths.set(key, perEm);
      }
      return perEm * size;
    },
    outlines(face, text, size) {
      const font = fonts[fileOf(face, text)];
      const scale = size / font.unitsPerEm;
      const { glyphs, positions } = font.layout(text);
      let x = 0;
      return glyphs.flatMap((glyph, i) => {
        const { xAdvance, xOffset, yOffset } = positions[i]!;
        const at = { x: (x + xOffset) * scale, y: -yOffset * scale };
        x += xAdvance;
        const d = glyph.path.toSVG();
        return d ? [{ d, ...at }] : [];
      });
    },
  };
}
