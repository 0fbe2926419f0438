import type { Still } from "./still";

type Figures = Omit<Still, "kind" | "id" | "version" | "createdAt" | "updatedAt" | "deletedAt">;

/**
 * Two stills to begin with, of common make. Masses follow from about 1.2 mm copper and 0.8 mm steel;
 * the element's dry line is a hand's breadth of water over a flat coil.
 */
export const readyMadeStills: readonly Figures[] = [
  {
    name: "Copper pot, 12 L",
    construction: "basketPot",
    metal: "copper",
    potVolumeMl: 12000,
    potDiameterMm: 250,
    basket: { floorMm: 105, volumeMl: 6200, diameterMm: 235 },
    dryLineMl: 700,
    emptyMassG: 4600,
    heat: { kind: "gas", powerW: 3000 },
    holdUpMl: 0.15,
    jarMl: 1000,
  },
  {
    name: "Steel pot, 25 L",
    construction: "basketPot",
    metal: "stainless",
    potVolumeMl: 25000,
    potDiameterMm: 300,
    basket: { floorMm: 125, volumeMl: 14500, diameterMm: 285 },
    dryLineMl: 2600,
    emptyMassG: 8200,
    heat: { kind: "element", powerW: 2000 },
    holdUpMl: 0.3,
    jarMl: 2000,
  },
];
