import { gravity, standardPressurePa } from "../physicalConstants";
import { dissolve } from "../extraction/dissolve";
import { logPOf } from "../plant/logP";
import type { Composition } from "../plant/oil";
import { oilParts } from "../plant/oilParts";
import { brineDensity, brineViscosity, saltedSolubility } from "../water/brine";
import { oilDensityAt, warmedDensity } from "./oilAtWarmth";
import { minutesToSettle, settledShare, type Settling } from "./settling";
import { heightOf, volumeBelow, type Hollow } from "./vessel";

/** A two-arm receiver's arms: for an oil that floats, or turned about for one that sinks. */
export interface Arms {
  keeps: "floats" | "sinks";
  /** How far the oil's lip and the water's are apart in height, mm, above 0. */
  stepMm: number;
  /** Length of the arm in which the layer gathers, mm; for an oil that sinks the water lip's height above the bottom. */
  armMm: number;
}

/** Oil and hydrosol in a vessel, at a temperature, with or without salt. */
export interface PartingRequest {
  /** What the oil is made of; else its density near 20 °C is enough for all but what dissolves. */
  oil: { composition: Composition } | { densityGPerMl: number };
  oilMl: number;
  hydrosolMl: number;
  vessel: Hollow & { arms?: Arms };
  temperatureC: number;
  saltGPerL: number;
}

/** How an oil parts from its hydrosol in a vessel. */
export interface Parting {
  layer: "floats" | "sinks" | "hangs";
  /** Water less oil, kg/m³; below 0 the oil sinks. */
  differenceKgPerM3: number;
  oilDensityGPerMl: number;
  layerMm: number;
  /** The layer can be seen and drawn off: it does not hang, and is a millimetre thick. */
  shows: boolean;
  /** Height of hydrosol through which the drops travel, mm; at most the vessel's own. */
  columnMm: number;
  settling: Settling;
  /** Only with arms: the layer at which oil pours, mm and mL, and whether that ever is in this arm. */
  pours?: { atMm: number; ever: boolean; atMl: number };
  /** What water that is still free of oil takes up of this one, g; undefined for an unknown oil. */
  dissolvedG?: number;
  /** What is filled into the vessel at once, mL, and in how many fillings it takes all of it. */
  holdsMl: number;
  fillings: number;
}

/* Within so much of water nothing separates in a home still's time, kg/m³; a hair more for rounding. */
const hangingKgPerM3 = 10 + 1e-6;
/* Under a millimetre a layer is a shimmer: nobody can draw it off. */
export const visibleMm = 1;
/* A funnel is filled to so much of what it holds, or there is no room to turn it; a straight vessel to the brim. */
const filledShare = { tube: 1, cone: 0.85, pear: 0.8 };
/* An arm fills with oil to this share at most before the layer leaves with the water. */
const armShare = 0.8;
/* Only vapour pressures hang on where the still stands; what dissolves does not. */
const anyBoil = { boilC: 100, pressurePa: standardPressurePa };

/**
 * How oil and hydrosol part in a vessel: which layer, how thick, how soon, whether arms would pour it.
 * @throws RangeError as oilProperties
 */
export function partingOf(request: PartingRequest): Parting {
  const { oil, oilMl, hydrosolMl, vessel, temperatureC, saltGPerL } = request;
  const oilDensityGPerMl =
    "composition" in oil
      ? oilDensityAt(oil.composition, temperatureC)
      : warmedDensity(oil.densityGPerMl, temperatureC);
  const water = brineDensity(temperatureC, saltGPerL);
  const differenceKgPerM3 = (water - oilDensityGPerMl) * 1000;
  const hangs = Math.abs(differenceKgPerM3) <= hangingKgPerM3;
  const layer = hangs ? "hangs" : differenceKgPerM3 > 0 ? "floats" : "sinks";
  const holdsMl = filledShare[vessel.shape] * volumeBelow(vessel, vessel.heightMm);
  const fillings = Math.max(1, Math.ceil((oilMl + hydrosolMl) / holdsMl - 1e-9));
  const inVesselMl = Math.min(hydrosolMl, Math.max(0, holdsMl - oilMl));
  const columnMm = Math.max(
    1,
    Math.min(
      vessel.heightMm,
      layer === "sinks"
        ? heightOf(vessel, inVesselMl + oilMl) - heightOf(vessel, oilMl)
        : heightOf(vessel, inVesselMl),
    ),
  );
  const layerMm =
    layer === "sinks"
      ? heightOf(vessel, oilMl)
      : heightOf(vessel, inVesselMl + oilMl) - heightOf(vessel, inVesselMl);
  const pouring = (hollow: Hollow, arms: Arms) => {
    const pours = poursFrom(arms, layer, water, oilDensityGPerMl);
    return { ...pours, atMl: pours.ever ? volumeBelow(hollow, pours.atMm) : Infinity };
  };
  return {
    layer,
    differenceKgPerM3,
    oilDensityGPerMl,
    layerMm,
    shows: !hangs && layerMm >= visibleMm,
    columnMm,
    settling: {
      columnMm,
      densityDifference: differenceKgPerM3,
      viscosityMPaS: brineViscosity(temperatureC, saltGPerL),
    },
    ...(vessel.arms ? { pours: pouring(vessel, vessel.arms) } : {}),
    ...("composition" in oil ? { dissolvedG: dissolvedIn(oil.composition, request) } : {}),
    holdsMl,
    fillings,
  };
}

/**
 * Layer at which a two-arm receiver pours its oil, mm, by the balance of its arms; Infinity for an oil that it does
 * not keep. An oil that floats pours over a lip one step above the water's: the lighter it is, the thinner its layer.
 * One that sinks pours through an arm from the bottom whose lip is one step below the water's: a larger step keeps
 * less of it, until the water itself would leave there, and nothing is kept. In practice it pours where the layer is
 * above 0 and at most four fifths of the arm.
 */
export function poursFrom(
  { keeps, stepMm, armMm }: Arms,
  layer: Parting["layer"],
  waterGPerMl: number,
  oilGPerMl: number,
): { atMm: number; ever: boolean } {
  if (layer !== keeps) return { atMm: Infinity, ever: false };
  const atMm =
    keeps === "floats"
      ? (stepMm * waterGPerMl) / (waterGPerMl - oilGPerMl)
      : armMm - (stepMm * oilGPerMl) / (oilGPerMl - waterGPerMl);
  return { atMm, ever: atMm > 0 && atMm <= armShare * armMm };
}

function dissolvedIn(
  composition: Composition,
  { oilMl, hydrosolMl, temperatureC, saltGPerL }: PartingRequest,
): number {
  const parts = oilParts(composition, anyBoil.boilC, anyBoil.pressurePa);
  const oilG = oilMl * oilDensityAt(composition, temperatureC);
  const salted = {
    ...parts,
    compounds: parts.compounds.map((compound) => ({
      ...compound,
      solubilityGPerL: compound.solubilityGPerL * saltedSolubility(logPOf(compound), saltGPerL),
    })),
  };
  return dissolve(
    salted,
    parts.shares.map((share) => share * oilG),
    hydrosolMl / 1000,
    1,
  ).reduce((sum, grams) => sum + grams, 0);
}

/** Share of the fine drops that is in the layer after so many minutes, 0 to 1. */
export function partedAfter({ settling }: Pick<Parting, "settling">, minutes: number): number {
  return settledShare(settling, minutes);
}

/** Minutes until a share of the fine drops is in the layer; Infinity where the oil hangs for good. */
export function minutesToPart({ settling }: Pick<Parting, "settling">, share: number): number {
  return minutesToSettle(settling, share);
}

/**
 * Finest drop that a receiver keeps while water flows through it, µm: `d = √(18 µ Q / (A g Δρ))`.
 * @param mlPerMin what flows through it
 * @param diameterMm across where it flows up or down
 */
export function keptFromUm(
  { densityDifference, viscosityMPaS }: Settling,
  mlPerMin: number,
  diameterMm: number,
): number {
  const metresPerSecond = mlPerMin / 60e6 / (Math.PI * (diameterMm / 2000) ** 2);
  return (
    1e6 *
    Math.sqrt(
      (18 * (viscosityMPaS / 1000) * metresPerSecond) / (gravity * Math.abs(densityDifference)),
    )
  );
}
