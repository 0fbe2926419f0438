import type { LabelText } from "@/words/labelWords";
import type { PlantMark } from "@/core/plant/plantMarks";
import { keysOf } from "@/core/keysOf";
import type { Face } from "./labelFonts";

/** What sets a design apart from the others. */
interface DesignRow {
  edge: "none" | "frame" | "band";
  /** Its words stand in the middle where nothing lies beside them. */
  isCentred: boolean;
  /** The plant's mark stands large at the left, not above. */
  isMarkLarge: boolean;
  markColour: LabelColour;
  nameFace: Face;
  /** The name's size beside that of other designs. */
  nameTimes: number;
}

const plain = {
  edge: "none",
  isCentred: false,
  isMarkLarge: false,
  markColour: "substance",
  nameFace: "title",
  nameTimes: 1,
} as const;

/** The designs of labels, one row each. */
export const designs = {
  press: { ...plain, edge: "frame", isCentred: true },
  sprig: { ...plain, isMarkLarge: true },
  band: { ...plain, edge: "band" },
  ledger: { ...plain, markColour: "soft", nameFace: "bold", nameTimes: 0.8 },
} as const satisfies Record<string, DesignRow>;

export type LabelDesign = keyof typeof designs;
export const labelDesigns = keysOf(designs);

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
export type LabelPart = keyof LabelText;

export interface LabelRequest {
  text: LabelText;
  design: LabelDesign;
  mark: PlantMark;
  widthMm: number;
  heightMm: number;
}

/** A place on a label, mm. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/* A code that a camera reads: 21 modules and their quiet edge. */
export const qrModules = 21;
export const qrQuiet = 4;
