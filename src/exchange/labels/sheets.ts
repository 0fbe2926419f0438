import { z } from "zod";

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
    { path: ["columns"], message: "The columns go beyond the paper: look at pitch and width." },
  )
  .refine(
    ({ top, rows, pitchY, height, pageHeight }) =>
      top + (rows - 1) * pitchY + height <= pageHeight + 0.05,
    { path: ["rows"], message: "The rows go beyond the paper: look at pitch and height." },
  )
  .refine(({ pitchX, width }) => pitchX >= width - 0.001, {
    path: ["pitchX"],
    message: "Labels lie over one another: the step across is less than a label's width.",
  })
  .refine(({ pitchY, height }) => pitchY >= height - 0.001, {
    path: ["pitchY"],
    message: "Labels lie over one another: the step down is less than a label's height.",
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
export type SheetName = keyof typeof sheets;
export const sheetNames = Object.keys(sheets) as SheetName[];
