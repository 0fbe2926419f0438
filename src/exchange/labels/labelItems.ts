import type { LabelText } from "@/words/labelWords";
import type { PlantMark } from "@/core/plant/plantMarks";
import type { Face } from "./labelFonts";

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
