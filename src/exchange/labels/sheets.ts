import { z } from "zod";
import { t } from "@/language/t";

/** A sheet of labels: the paper and the grid on it, mm. */
export const sheetSchema = z
  .object({
    pageWidth: z.number().min(20).max(1000),
    pageHeight: z.number().min(20).max(1000),
    columns: z.int().min(1).max(30),
    rows: z.int().min(1).max(60),
    width: z.number().min(10).max(500),
    height: z.number().min(8).max(500),
    /** Upper left corner of the first label. */
    left: z.number().min(0).max(500),
    top: z.number().min(0).max(500),
    /** From one label's edge to the next one's. */
    pitchX: z.number().min(8).max(500),
    pitchY: z.number().min(8).max(500),
  })
  .refine(
    ({ left, columns, pitchX, width, pageWidth }) =>
      left + (columns - 1) * pitchX + width <= pageWidth + 0.05,
    { path: ["columns"], message: t`The columns go beyond the paper: look at pitch and width.` },
  )
  .refine(
    ({ top, rows, pitchY, height, pageHeight }) =>
      top + (rows - 1) * pitchY + height <= pageHeight + 0.05,
    { path: ["rows"], message: t`The rows go beyond the paper: look at pitch and height.` },
  )
  .refine(({ pitchX, width }) => pitchX >= width - 0.001, {
    path: ["pitchX"],
    message: t`Labels lie over one another: the step across is less than a label's width.`,
  })
  .refine(({ pitchY, height }) => pitchY >= height - 0.001, {
    path: ["pitchY"],
    message: t`Labels lie over one another: the step down is less than a label's height.`,
  });
export type SheetGrid = z.infer<typeof sheetSchema>;

const a4 = { pageWidth: 210, pageHeight: 297 };
const letter = { pageWidth: 215.9, pageHeight: 279.4 };

/** A grid in the middle of its paper. */
function centred(
  page: { pageWidth: number; pageHeight: number },
  [columns, rows]: [number, number],
  [width, height]: [number, number],
  [gapX, gapY]: [number, number] = [0, 0],
): SheetGrid {
  const [pitchX, pitchY] = [width + gapX, height + gapY];
  return {
    ...page,
    columns,
    rows,
    width,
    height,
    pitchX,
    pitchY,
    left: (page.pageWidth - (columns - 1) * pitchX - width) / 2,
    top: (page.pageHeight - (rows - 1) * pitchY - height) / 2,
  };
}

/** Common sheets, by paper and number of labels; the last two are cut out by hand. */
export const sheets = {
  "a4-65": centred(a4, [5, 13], [38.1, 21.2], [2.5, 0]),
  "a4-40": centred(a4, [4, 10], [48.5, 25.4]),
  "a4-24": centred(a4, [3, 8], [63.5, 33.9], [2.5, 0]),
  "a4-21": centred(a4, [3, 7], [63.5, 38.1], [2.5, 0]),
  "a4-14": centred(a4, [2, 7], [99.1, 38.1], [2.5, 0]),
  "a4-8": centred(a4, [2, 4], [99.1, 67.7], [2.5, 0]),
  "letter-80": centred(letter, [4, 20], [44.5, 12.7], [7.6, 0]),
  "letter-30": centred(letter, [3, 10], [66.7, 25.4], [3.1, 0]),
  "letter-10": centred(letter, [2, 5], [101.6, 50.8], [4.8, 0]),
  "a4-tags": centred(a4, [5, 4], [32, 62], [4, 4]),
  "letter-tags": centred(letter, [5, 4], [32, 60], [4, 4]),
} satisfies Record<string, SheetGrid>;
/* A label round a bottle leaves a gap to see through; on a flat one it covers the face. */
const wrap = { round: 0.8, flat: 0.92 };
const leastLabel = { width: 20, height: 12 };
const mostLabel = { width: 150, height: 110 };
const gapMm = 4;

/**
 * A sheet of labels that fit a bottle of a size, as many as there is room for, to be cut out.
 * @param sizeMl what the bottle holds, above 0
 */
export function fittedSheet(
  sizeMl: number,
  shape: keyof typeof wrap,
  paper: "a4" | "letter",
): SheetGrid {
  const page = paper === "a4" ? a4 : letter;
  /* An ordinary bottle's body is 1.55 times as high as wide; a flat one's face is wider than it is deep. */
  const across = Math.cbrt((sizeMl * 1000 * 4) / (Math.PI * 1.55));
  const around = shape === "round" ? across * Math.PI * wrap.round : across * 1.35 * wrap.flat;
  const between = (value: number, of: "width" | "height") =>
    Math.round(Math.min(mostLabel[of], Math.max(leastLabel[of], value)) * 10) / 10;
  const [width, height] = [between(around, "width"), between(across * 0.95, "height")];
  const count = (pageMm: number, labelMm: number, most: number) =>
    Math.min(most, Math.max(1, Math.floor((pageMm - 2 * gapMm + gapMm) / (labelMm + gapMm))));
  return centred(
    page,
    [count(page.pageWidth, width, 30), count(page.pageHeight, height, 60)],
    [width, height],
    [gapMm, gapMm],
  );
}

export type SheetName = keyof typeof sheets;
export const sheetNames = Object.keys(sheets) as SheetName[];
