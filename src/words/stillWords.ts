import { heatKinds, type Construction } from "@/core";
import { heatWords } from "./heatWords";
import { receiverKinds } from "./receiverWords";
import type { Still } from "@/records/still";

/** The kinds of still as a choice says them. */
export const constructions: { value: Construction; label: string }[] = [
  { value: "basketPot", label: "Pot with basket" },
  { value: "flask", label: "Flask, plant in water" },
  { value: "separateVessel", label: "Boiler and plant vessel" },
  { value: "cohobating", label: "Flask, hydrosol flows back" },
  { value: "bowl", label: "Bowl and lid" },
];

export const metals: { value: Still["metal"]; label: string }[] = [
  { value: "copper", label: "Copper" },
  { value: "stainless", label: "Steel" },
  { value: "glass", label: "Glass" },
  { value: "aluminium", label: "Aluminium" },
];

export const heats = heatKinds.map((value) => ({ value, label: heatWords[value] }));

export const heads: { value: NonNullable<Still["head"]>; label: string }[] = [
  { value: "dome", label: "Dome and pipe" },
  { value: "swanNeck", label: "Swan neck" },
  { value: "column", label: "Column" },
  { value: "packedColumn", label: "Packed column" },
];

export const condensers = [
  { value: "notSaid", label: "Not said" },
  { value: "tubCoil", label: "Coil in a tub" },
  { value: "tap", label: "Jacket on the tap" },
  { value: "recirculated", label: "Jacket, tub and pump" },
] as const;

export const receiverOptions = Object.entries(receiverKinds).map(([value, label]) => ({
  value,
  label,
}));
