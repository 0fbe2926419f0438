import type { LabelText } from "@/words/labelWords";
import type { Face, LabelFonts } from "./labelFonts";
import type { PlantMark } from "@/core";

export const labelDesigns = ["press", "sprig", "band", "ledger"] as const;
export type LabelDesign = (typeof labelDesigns)[number];

/** One thing drawn on a label, mm from its upper left corner. */
export type LabelItem =
  | {
      kind: "text";
      /** Which part of the label's text it is, to be told apart in what is made of it. */
      part: LabelPart;
      text: string;
      face: Face;
      size: number;
      /** Where its baseline begins. */
      x: number;
      y: number;
      width: number;
      colour: LabelColour;
    }
  | { kind: "line"; x1: number; y1: number; x2: number; y2: number; width: number }
  | { kind: "frame"; x: number; y: number; width: number; height: number; line: number }
  | { kind: "fill"; x: number; y: number; width: number; height: number; colour: LabelColour }
  | { kind: "mark"; mark: PlantMark; x: number; y: number; size: number; colour: LabelColour }
  | { kind: "qr"; x: number; y: number; size: number };

export type LabelColour = "ink" | "soft" | "substance" | "paper";
type LabelPart = keyof LabelText;

export interface LaidOut {
  items: LabelItem[];
  /** What there was no room for at a size that can be read. */
  leftOut: Goes[];
  /** The name had to be cut short. */
  shortened: boolean;
}

export interface LabelRequest {
  text: LabelText;
  design: LabelDesign;
  mark: PlantMark;
  widthMm: number;
  heightMm: number;
}

/* Five points: smaller is not read without a glass. A name is read from further away. */
const leastMm = 1.77;
const leastNameMm = 2.3;
const mostMm = 3.6;
/* A name stands out as far as there is room, times the body's size. */
const nameSizes = [1.9, 1.6, 1.3];
const leading = 1.22;
/* Above a line's baseline, and below it, share of its size. */
const above = 0.78;
const below = 0.24;
/* A code that a camera reads: 21 modules of a third of a millimetre and their quiet edge. */
export const qrModules = 21;
export const qrQuiet = 4;
const leastQrMm = 9.8;

/* What goes first where there is no room, the least missed first. The name and the code never go. */
const goes = [
  "mark",
  "madeOf",
  "botanical",
  "made",
  "volume",
  "longCautions",
  "qr",
  "bestBy",
  "cautions",
] as const;
export type Goes = (typeof goes)[number];

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

interface Block {
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

function setAt(
  { text, design, mark, widthMm, heightMm }: LabelRequest,
  fonts: LabelFonts,
  without: ReadonlySet<Goes>,
  { size, nameTimes }: { size: number; nameTimes: number },
): LabelItem[] | undefined {
  const edge = Math.min(2.4, 0.05 * Math.min(widthMm, heightMm) + 0.4);
  const tall = heightMm > widthMm * 1.25;
  const items: LabelItem[] = [];
  let box = { x: edge, y: edge, width: widthMm - 2 * edge, height: heightMm - 2 * edge };
  if (design === "press") {
    items.push({
      kind: "frame",
      x: edge * 0.5,
      y: edge * 0.5,
      width: widthMm - edge,
      height: heightMm - edge,
      line: 0.18,
    });
    box = shrink(box, 0.5);
  }
  const bandMm = 2.2;
  if (design === "band") {
    items.push({ kind: "fill", x: 0, y: 0, width: bandMm, height: heightMm, colour: "substance" });
    box = { ...box, x: box.x + bandMm, width: box.width - bandMm };
  }
  const withQr = !without.has("qr");
  const qr = Math.max(leastQrMm, Math.min(16, Math.min(widthMm, heightMm) * 0.34));
  if (withQr) {
    if (qr > box.height || qr > box.width) return undefined;
    items.push({
      kind: "qr",
      x: tall ? box.x + (box.width - qr) / 2 : box.x + box.width - qr,
      y: box.y + box.height - qr,
      size: qr,
    });
    if (tall) box = { ...box, height: box.height - qr - 0.6 };
    else box = { ...box, width: box.width - qr - 1 };
  }
  const centred = design === "press" && (tall || !withQr);
  const withMark = !without.has("mark");
  if (withMark) {
    const markMm = Math.min(14, Math.max(4.2, Math.min(widthMm, heightMm) * 0.26));
    const colour = design === "ledger" ? "soft" : "substance";
    if (design === "sprig" && !tall) {
      const large = Math.min(box.height, box.width * 0.24);
      items.push({
        kind: "mark",
        mark,
        x: box.x,
        y: box.y + (box.height - large) / 2,
        size: large,
        colour,
      });
      box = { ...box, x: box.x + large + 1.2, width: box.width - large - 1.2 };
    } else if (withQr && !tall) {
      /* Above the code, where nothing is written. */
      const room = box.height - qr - 0.6;
      if (room < 3.4) return undefined;
      const own = Math.min(markMm, room, qr);
      items.push({
        kind: "mark",
        mark,
        x: box.x + box.width + 1 + (qr - own) / 2,
        y: box.y,
        size: own,
        colour,
      });
    } else {
      items.push({
        kind: "mark",
        mark,
        x: centred ? box.x + (box.width - markMm) / 2 : box.x,
        y: box.y,
        size: markMm,
        colour,
      });
      box = { ...box, y: box.y + markMm + 0.6, height: box.height - markMm - 0.6 };
    }
  }
  if (box.width < 8 || box.height < 4) return undefined;
  const set = setText(blocksOf({ text, design, nameTimes }, without), fonts, box, size, centred);
  return set && [...items, ...set];
}

function blocksOf(
  { text, design, nameTimes }: Pick<LabelRequest, "text" | "design"> & { nameTimes: number },
  without: ReadonlySet<Goes>,
): Block[] {
  const body = { face: "body" as const, least: leastMm, times: 1, gap: 0.15 };
  const named: Block[] = [
    {
      part: "name",
      text: text.name,
      face: design === "ledger" ? "bold" : "title",
      times: design === "ledger" ? nameTimes * 0.8 : nameTimes,
      least: leastNameMm,
      colour: "ink",
      gap: 0,
    },
    { ...body, part: "kind", text: text.kind, times: 1.1, colour: "substance" },
  ];
  const rest: Block[] = [
    ...(text.botanical
      ? [{ ...body, part: "botanical" as const, text: text.botanical, colour: "soft" as const }]
      : []),
    ...(text.madeOf
      ? [
          {
            ...body,
            part: "madeOf" as const,
            text: text.madeOf,
            times: 0.9,
            colour: "ink" as const,
          },
        ]
      : []),
    { ...body, part: "volume", text: text.volume, face: "bold", colour: "ink", gap: 0.35 },
    { ...body, part: "made", text: text.made, colour: "ink" },
    { ...body, part: "bestBy", text: text.bestBy, colour: "ink" },
    { ...body, part: "code", text: text.code, face: "bold", times: 1.15, colour: "ink" },
    ...(text.cautions.length > 0
      ? [
          {
            ...body,
            part: "cautions" as const,
            text: sentence(without.has("longCautions") ? text.fewCautions : text.cautions),
            times: 0.88,
            colour: "soft" as const,
            gap: 0.4,
          },
        ]
      : []),
  ];
  return [...named, ...rest].filter(({ part }) => !without.has(part as Goes));
}

/** "Dilute before use. Not in pregnancy; keep from cats." */
function sentence([first = "", ...more]: readonly string[]): string {
  const rest = more.join("; ");
  const tail = rest ? `${rest.charAt(0).toUpperCase()}${rest.slice(1)}.` : "";
  return [first, tail].filter(Boolean).join(" ");
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

function setText(
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

/** Lines that break inside a word where they must. */
function breakAnywhere(text: string, width: (line: string) => number, most: number): string[] {
  const lines: string[] = [""];
  for (const letter of text) {
    const last = lines.at(-1)!;
    if (width(last + letter) <= most || last === "") lines[lines.length - 1] = last + letter;
    else lines.push(letter === " " ? "" : letter);
  }
  return lines;
}

function shrink({ x, y, width, height }: Box, by: number): Box {
  return { x: x + by, y: y + by, width: width - 2 * by, height: height - 2 * by };
}
