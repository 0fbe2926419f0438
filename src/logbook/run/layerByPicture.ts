import { measureLayer, type LayerMeasured } from "@/core/separation/layerOnPicture";
import type { Hollow } from "@/core/separation/vessel";

/** The lines that a person sets on a vessel's picture, as shares of its height from above. */
export interface SetLines {
  rimFar: number;
  mark: number;
  upper: number;
  meeting: number;
  bottom: number;
}
export type LineId = keyof SetLines;

/** Where the lines lie before anybody has set them: a vessel that fills most of its picture. */
export const firstLines: SetLines = {
  rimFar: 0.08,
  mark: 0.1,
  upper: 0.42,
  meeting: 0.5,
  bottom: 0.9,
};

/** Which lines are asked for: an oil that sinks lies on the bottom, and the rim's far edge is for whoever looks from above. */
export function linesAsked(layer: "floats" | "sinks" | "hangs", fromAbove: boolean): LineId[] {
  return [
    ...(fromAbove ? (["rimFar"] as const) : []),
    "mark",
    ...(layer === "sinks" ? [] : (["upper"] as const)),
    "meeting",
    "bottom",
  ];
}

/** Why lines tell no volume. */
export type WrongLines = "markBelow" | "upsideDown" | "belowBottom";

/** What lies in the layer, or which lines lie in the wrong order. */
export function layerByPicture(
  vessel: Hollow,
  set: SetLines,
  { markMm, sinks, fromAbove }: { markMm: number; sinks: boolean; fromAbove: boolean },
): LayerMeasured | WrongLines {
  const { rimFar, mark, bottom, meeting } = set;
  const [upper, lower] = sinks ? [meeting, bottom] : [set.upper, meeting];
  if (mark >= bottom) return "markBelow";
  if (lower > bottom) return "belowBottom";
  if (upper >= lower) return "upsideDown";
  const lines = { bottom, mark, lower, upper, ...(fromAbove ? { rimFar } : {}) };
  return measureLayer({ vessel, lines, markMm });
}
