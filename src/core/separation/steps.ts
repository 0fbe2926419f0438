import { keysOf } from "../keysOf";
import { visibleMm, type Parting } from "./parting";
import { vesselKindRows, type VesselKind } from "./vesselKinds";

/** What there is to do when oil and hydrosol are parted by hand, one thing at a time. */
export const stepCodes = [
  "close",
  "wait",
  "openSlowly",
  "slowToDrops",
  "stopAtLine",
  "drawOilBelow",
  "secondRest",
  "narrowMeasure",
  "skim",
  "pushOut",
  "pourOver",
  "dyeTest",
  "collectHead",
  "readLower",
  "rinse",
  "dry",
] as const;
export type StepCode = (typeof stepCodes)[number];

/* Ways on when something is not as it should be, and which of them are asked at which step. */
const branchesAt = {
  noLayer: ["wait", "secondRest", "dyeTest"],
  cloudy: ["wait", "slowToDrops", "secondRest"],
  layerBelow: ["wait", "openSlowly", "skim", "pourOver"],
  lace: ["wait", "slowToDrops", "stopAtLine", "drawOilBelow"],
  hasSet: ["close", "wait", "openSlowly", "narrowMeasure", "collectHead"],
  pouredOut: ["stopAtLine", "drawOilBelow", "openSlowly", "skim", "pourOver"],
} as const satisfies Record<string, readonly StepCode[]>;
export type Branch = keyof typeof branchesAt;
const branches = keysOf(branchesAt);

/** What may go otherwise at a step. */
export function branchesOf(step: StepCode): Branch[] {
  return branches.filter((branch) => (branchesAt[branch] as readonly StepCode[]).includes(step));
}

/**
 * The steps for a vessel and an oil, in their order. Where no layer shows it is first made sure that
 * there is oil at all.
 */
export function stepsFor(
  kind: VesselKind,
  { layer, layerMm }: Pick<Parting, "layer" | "layerMm">,
): StepCode[] {
  const { tap, arms }: { tap: boolean; arms?: string } = vesselKindRows[kind];
  const unseen: StepCode[] = layerMm < visibleMm ? ["dyeTest"] : [];
  const ends: StepCode[] = ["readLower", "rinse", "dry"];
  if (kind === "headReceiver") return ["close", "wait", ...unseen, "collectHead", ...ends];
  if (kind === "syringe") return ["wait", ...unseen, "pushOut", "narrowMeasure", ...ends];
  if (arms) return ["wait", ...unseen, "pourOver", "secondRest", "narrowMeasure", ...ends];
  if (!tap) return ["wait", ...unseen, "skim", "secondRest", "narrowMeasure", ...ends];
  const draw: StepCode[] =
    layer === "sinks"
      ? ["openSlowly", "drawOilBelow"]
      : ["openSlowly", "slowToDrops", "stopAtLine"];
  return ["close", "wait", ...unseen, ...draw, "secondRest", "narrowMeasure", ...ends];
}

/* A film that clings where oil has been, and what stays in a tap or on a lip, mL: estimates. */
const filmMm = 0.003;
const inTapMl = 0.05;
const onLipMl = 0.1;

/** What drawing oil off in a vessel leaves on its glass, mL; a film where it stood, a drop in the way out. */
export function clings(
  kind: VesselKind,
  {
    diameterMm,
    layerMm,
    columnMm,
    oilMl,
  }: { diameterMm: number; layerMm: number; columnMm: number; oilMl: number },
): number {
  const { tap } = vesselKindRows[kind];
  /* Drained from below, a floating layer sweeps the whole wall. */
  const swept = tap ? columnMm + layerMm : layerMm;
  const film = (Math.PI * diameterMm * swept * filmMm) / 1000;
  return Math.min(oilMl, film + (tap ? inTapMl : onLipMl));
}
