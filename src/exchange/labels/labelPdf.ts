import fontkit from "@pdf-lib/fontkit";
import { PDFDocument, rgb, type PDFFont, type PDFPage, type RGB } from "@cantoo/pdf-lib";
import { t } from "@/language/t";
import type { FontFiles, LabelFonts } from "./labelFonts";
import { labelColours, type DrawnLabel } from "./labelSvg";
import { qrModules, qrQuiet, type LabelColour, type LabelItem } from "./labelItems";
import { plantMarks } from "@/core/plant/plantMarks";
import { qrRuns } from "./qr";
import type { SheetGrid } from "./sheets";

const pointsPerMm = 72 / 25.4;

export interface SheetOptions {
  /** Place of the first label on the first sheet, from 1: the ones before it are used up. */
  start?: number;
  /** How far all is moved, mm to the right and down, for a printer that feeds askew. */
  nudgeX?: number;
  nudgeY?: number;
  /** Short lines at the corners, to cut along. */
  cutMarks?: boolean;
}

/**
 * Labels on sheets as a PDF, as many sheets as they need, fonts embedded, true to size: print at 100 %.
 * @throws RangeError when the start is not a place of the sheet
 */
export async function labelPdf(
  labels: readonly DrawnLabel[],
  sheet: SheetGrid,
  fonts: LabelFonts,
  { start = 1, nudgeX = 0, nudgeY = 0, cutMarks = false }: SheetOptions = {},
): Promise<Uint8Array> {
  const perSheet = sheet.columns * sheet.rows;
  if (!Number.isInteger(start) || start < 1 || start > perSheet)
    throw new RangeError(`start must be a place from 1 to ${perSheet}, got ${start}`);
  const document = await PDFDocument.create();
  document.setTitle(t`Labels`);
  document.setCreator("Sereno");
  document.registerFontkit(fontkit as never);
  const embedded = await embedUsed(document, labels, fonts);
  let page: PDFPage | undefined;
  labels.forEach((label, i) => {
    const place = (start - 1 + i) % perSheet;
    if (!page || place === 0)
      page = document.addPage([sheet.pageWidth * pointsPerMm, sheet.pageHeight * pointsPerMm]);
    const x = sheet.left + (place % sheet.columns) * sheet.pitchX + nudgeX;
    const y = sheet.top + Math.floor(place / sheet.columns) * sheet.pitchY + nudgeY;
    const pen = penAt(page, x, y, sheet.pageHeight);
    drawLabel(pen, label, fonts, embedded);
    if (cutMarks) corners(pen, sheet);
  });
  if (labels.length === 0)
    document.addPage([sheet.pageWidth * pointsPerMm, sheet.pageHeight * pointsPerMm]);
  return document.save();
}

type Embedded = Partial<Record<keyof FontFiles, PDFFont>>;

/** Only the faces that are used, each whole: a printer's own program may set a letter anew. */
async function embedUsed(
  document: PDFDocument,
  labels: readonly DrawnLabel[],
  fonts: LabelFonts,
): Promise<Embedded> {
  const used = new Set(
    labels.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === "text" ? [fonts.fileOf(item.face, item.text)] : [])),
    ),
  );
  const embedded: Embedded = {};
  for (const file of used) embedded[file] = await document.embedFont(fonts.files[file]);
  return embedded;
}

/** Draws on a page in mm from a label's upper left corner. */
interface Pen {
  page: PDFPage;
  x: (mm: number) => number;
  y: (mm: number) => number;
  mm: (mm: number) => number;
}

function penAt(page: PDFPage, left: number, top: number, pageHeight: number): Pen {
  return {
    page,
    x: (mm) => (left + mm) * pointsPerMm,
    y: (mm) => (pageHeight - top - mm) * pointsPerMm,
    mm: (mm) => mm * pointsPerMm,
  };
}

function drawLabel(pen: Pen, label: DrawnLabel, fonts: LabelFonts, embedded: Embedded): void {
  const hex = labelColours(label.product);
  const colours = Object.fromEntries(
    Object.entries(hex).map(([name, value]) => [name, colourOf(value)]),
  ) as Record<LabelColour, RGB>;
  for (const item of label.items) drawItem(pen, item, label, colours, fonts, embedded);
}

function drawItem(
  pen: Pen,
  item: LabelItem,
  label: DrawnLabel,
  colours: Record<LabelColour, RGB>,
  fonts: LabelFonts,
  embedded: Embedded,
): void {
  const { page } = pen;
  switch (item.kind) {
    case "text": {
      const font = embedded[fonts.fileOf(item.face, item.text)];
      page.drawText(item.text, {
        x: pen.x(item.x),
        y: pen.y(item.y),
        size: pen.mm(item.size),
        ...(font ? { font } : {}),
        color: colours[item.colour],
      });
      return;
    }
    case "line":
      page.drawLine({
        start: { x: pen.x(item.x1), y: pen.y(item.y1) },
        end: { x: pen.x(item.x2), y: pen.y(item.y2) },
        thickness: pen.mm(item.width),
        color: colours.ink,
      });
      return;
    case "frame":
      page.drawRectangle({
        x: pen.x(item.x),
        y: pen.y(item.y + item.height),
        width: pen.mm(item.width),
        height: pen.mm(item.height),
        borderWidth: pen.mm(item.line),
        borderColor: colours.ink,
      });
      return;
    case "fill":
      page.drawRectangle({
        x: pen.x(item.x),
        y: pen.y(item.y + item.height),
        width: pen.mm(item.width),
        height: pen.mm(item.height),
        color: colours[item.colour],
      });
      return;
    case "mark": {
      const scale = pen.mm(item.size / 24);
      for (const path of plantMarks[item.mark])
        page.drawSvgPath(path, {
          x: pen.x(item.x),
          y: pen.y(item.y),
          scale,
          borderColor: colours[item.colour],
          borderWidth: 1.3,
          borderLineCap: 1,
        });
      return;
    }
    case "qr": {
      const module = item.size / (qrModules + 2 * qrQuiet);
      for (const { x, y, length } of qrRuns(label.code))
        page.drawRectangle({
          x: pen.x(item.x + (x + qrQuiet) * module),
          y: pen.y(item.y + (y + qrQuiet + 1) * module),
          width: pen.mm(length * module),
          height: pen.mm(module),
          color: colours.ink,
        });
    }
  }
}

/* Outside the label, so that nothing of it is left once it is cut. */
function corners(pen: Pen, { width, height }: SheetGrid): void {
  const [gap, long, thickness] = [0.3, 1.6, 0.12];
  for (const [x, dx] of [
    [0, -1],
    [width, 1],
  ] as const)
    for (const [y, dy] of [
      [0, -1],
      [height, 1],
    ] as const) {
      for (const [toX, toY] of [
        [dx, 0],
        [0, dy],
      ] as const)
        pen.page.drawLine({
          start: { x: pen.x(x + toX * gap), y: pen.y(y + toY * gap) },
          end: { x: pen.x(x + toX * (gap + long)), y: pen.y(y + toY * (gap + long)) },
          thickness: pen.mm(thickness),
          color: rgb(0.4, 0.4, 0.4),
        });
    }
}

function colourOf(hex: string): RGB {
  const part = (at: number) => Number.parseInt(hex.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
}
