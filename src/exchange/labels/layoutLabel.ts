import type { Face, LabelFonts } from "./labelFonts";
import {
  designs,
  qrModules,
  qrQuiet,
  type Box,
  type LabelItem,
  type LabelPart,
  type LabelRequest,
} from "./labelItems";
import { blocksOf, goes, type Goes } from "./labelBlocks";
import { above, breakAnywhere, leading, leastMm, leastNameMm, setText } from "./setText";

export interface LaidOut {
  items: LabelItem[];
  /** What there was no room for at a size that can be read. */
  leftOut: Goes[];
  /** The name had to be cut short. */
  shortened: boolean;
}

const mostMm = 3.6;
/* A name stands out as far as there is room, times the body's size. */
const nameSizes = [1.9, 1.6, 1.3];
/* Modules of a third of a millimetre. */
const leastQrMm = (qrModules + 2 * qrQuiet) * 0.338;

/**
 * Sets a label: as large as it fits, each text down to a size that can be read; what then has no room is
 * left out, the least missed first, and told.
 */
export function layoutLabel(request: LabelRequest, fonts: LabelFonts): LaidOut {
  const wanted = goes.filter(
    (part) => part === "mark" || part === "qr" || part === "longCautions" || part in request.text,
  );
  for (let dropped = 0; dropped <= wanted.length; dropped += 1) {
    const without = new Set<Goes>(wanted.slice(0, dropped));
    const items = fit(request, fonts, without);
    if (items) {
      /* What went before something larger went may have room again, the most missed first. */
      let [best, left] = [items, without];
      for (const part of [...without].reverse()) {
        const again = new Set([...left].filter((each) => each !== part));
        const more = fit(request, fonts, again);
        if (more) [best, left] = [more, again];
      }
      return { items: best, leftOut: [...left], shortened: false };
    }
  }
  return { ...bare(request, fonts), leftOut: [...wanted] };
}

/** The label at the largest size at which all of it has room; undefined where it has none. */
function fit(
  request: LabelRequest,
  fonts: LabelFonts,
  without: ReadonlySet<Goes>,
): LabelItem[] | undefined {
  const most = Math.min(mostMm, request.heightMm / 7);
  for (let size = Math.max(leastMm, most); size >= leastMm - 1e-9; size -= 0.06) {
    for (const nameTimes of nameSizes) {
      const items = setAt(request, fonts, without, { size, nameTimes });
      if (items) return items;
    }
  }
  return undefined;
}

/** What is drawn beside the words, and the room that is left for them. */
interface Placed {
  items: LabelItem[];
  box: Box;
}

function setAt(
  request: LabelRequest,
  fonts: LabelFonts,
  without: ReadonlySet<Goes>,
  { size, nameTimes }: { size: number; nameTimes: number },
): LabelItem[] | undefined {
  const paper = onPaper(request);
  const coded = without.has("qr") ? paper : withQr(paper, request);
  const marked = coded && (without.has("mark") ? coded : withMark(coded, request, without));
  if (!marked || marked.box.width < 8 || marked.box.height < 4) return undefined;
  const centred = isCentred(request, without);
  const blocks = blocksOf({ ...request, nameTimes }, without);
  const set = setText(blocks, fonts, marked.box, size, centred);
  return set && [...marked.items, ...set];
}

function isTall({ widthMm, heightMm }: LabelRequest): boolean {
  return heightMm > widthMm * 1.25;
}

function isCentred(request: LabelRequest, without: ReadonlySet<Goes>): boolean {
  return designs[request.design].isCentred && (isTall(request) || without.has("qr"));
}

/** The design's frame or band, and what is inside. */
function onPaper({ design, widthMm, heightMm }: LabelRequest): Placed {
  const edge = Math.min(2.4, 0.05 * Math.min(widthMm, heightMm) + 0.4);
  const inside = shrink({ x: 0, y: 0, width: widthMm, height: heightMm }, edge);
  const { edge: kind } = designs[design];
  if (kind === "frame") {
    const frame = shrink({ x: 0, y: 0, width: widthMm, height: heightMm }, edge / 2);
    return { items: [{ kind: "frame", ...frame, line: 0.18 }], box: shrink(inside, 0.5) };
  }
  if (kind === "none") return { items: [], box: inside };
  const bandMm = 2.2;
  const band = { x: 0, y: 0, width: bandMm, height: heightMm };
  return {
    items: [{ kind: "fill", ...band, colour: "substance" }],
    box: { ...inside, x: inside.x + bandMm, width: inside.width - bandMm },
  };
}

/** The code to scan: below on a tall label, else in the corner, with the words to its left. */
function withQr({ items, box }: Placed, request: LabelRequest): Placed | undefined {
  const size = qrSize(request);
  if (size > box.height || size > box.width) return undefined;
  const tall = isTall(request);
  const x = tall ? box.x + (box.width - size) / 2 : box.x + box.width - size;
  return {
    items: [...items, { kind: "qr", x, y: box.y + box.height - size, size }],
    box: tall
      ? { ...box, height: box.height - size - 0.6 }
      : { ...box, width: box.width - size - 1 },
  };
}

function qrSize({ widthMm, heightMm }: LabelRequest): number {
  return Math.max(leastQrMm, Math.min(16, Math.min(widthMm, heightMm) * 0.34));
}

/** The plant's mark: large at the left, above the code where nothing is written, or above the name. */
function withMark(
  { items, box }: Placed,
  request: LabelRequest,
  without: ReadonlySet<Goes>,
): Placed | undefined {
  const { design, mark, widthMm, heightMm } = request;
  const { markColour: colour, isMarkLarge } = designs[design];
  const drawn = (x: number, y: number, size: number): LabelItem[] => [
    ...items,
    { kind: "mark", mark, x, y, size, colour },
  ];
  const usual = Math.min(14, Math.max(4.2, Math.min(widthMm, heightMm) * 0.26));
  if (isMarkLarge && !isTall(request)) {
    const size = Math.min(box.height, box.width * 0.24);
    return {
      items: drawn(box.x, box.y + (box.height - size) / 2, size),
      box: { ...box, x: box.x + size + 1.2, width: box.width - size - 1.2 },
    };
  }
  if (!without.has("qr") && !isTall(request)) {
    const qr = qrSize(request);
    const room = box.height - qr - 0.6;
    const size = Math.min(usual, room, qr);
    if (room < 3.4) return undefined;
    return { items: drawn(box.x + box.width + 1 + (qr - size) / 2, box.y, size), box };
  }
  const x = isCentred(request, without) ? box.x + (box.width - usual) / 2 : box.x;
  return {
    items: drawn(x, box.y, usual),
    box: { ...box, y: box.y + usual + 0.6, height: box.height - usual - 0.6 },
  };
}

/** Where even that has no room: the code, and of the name as much as there is room for. */
function bare(
  { text, widthMm, heightMm }: LabelRequest,
  fonts: LabelFonts,
): Pick<LaidOut, "items" | "shortened"> {
  const box = shrink({ x: 0, y: 0, width: widthMm, height: heightMm }, 0.7);
  const size = leastNameMm;
  const line = (part: LabelPart, words: string, face: Face, row: number): LabelItem => ({
    kind: "text",
    part,
    text: words,
    face,
    size,
    x: box.x,
    y: box.y + size * above + row * size * leading,
    width: fonts.width(face, words, size),
    colour: "ink",
  });
  const rows = Math.max(1, Math.floor((box.height - size) / (size * leading)));
  let name = text.name;
  const cut = () => (name === text.name ? name : `${name.trimEnd()}…`);
  const broken = () =>
    breakAnywhere(cut(), (words) => fonts.width("title", words, size), box.width);
  while (name.length > 1 && broken().length > rows) name = name.slice(0, -1);
  const lines = broken();
  return {
    items: [
      ...lines.map((words, row) => line("name", words, "title", row)),
      line("code", text.code, "bold", lines.length),
    ],
    shortened: name !== text.name,
  };
}

function shrink({ x, y, width, height }: Box, by: number): Box {
  return { x: x + by, y: y + by, width: width - 2 * by, height: height - 2 * by };
}
