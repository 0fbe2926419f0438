import type { Composition } from "../plant/oil";
import { densityBand, refractiveBand, type Band } from "./bands";
import { freezingBands, rotationBands } from "./rotations";

/** What was measured of an oil to tell what it is; what was not is left out. */
export interface Measured {
  densityGPerMl?: number | undefined;
  refractiveIndex?: number | undefined;
  /** Of the oil, before it is brought to 20 °C; absent: taken to be 20. */
  measuredAtC?: number | undefined;
  rotationDeg?: number | undefined;
  freezingC?: number | undefined;
  /** A chromatogram, mass fractions by compound. */
  shares?: Composition | undefined;
  /** Held against a standard of the same plant. */
  smell?: "same" | "weaker" | "other" | undefined;
}

export type IdentityFigure = "density" | "index" | "rotation" | "freezing";

/** A measured figure beside the band that it should lie in. */
export interface HeldAgainst {
  figure: IdentityFigure;
  /** Brought to 20 °C where that matters. */
  value: number;
  band: Band;
  lies: "below" | "in" | "above";
}

/** A compound whose measured share is far from the book's. */
export interface ShareOff {
  compound: string;
  measured: number;
  usual: number;
}

/** What an oil that is out of its bands could be. */
export type CouldBe =
  | "measuredWarm"
  | "waterIn"
  | "spirit"
  | "oxidised"
  | "terpenes"
  | "otherKind"
  | "carrierOil";

export interface Identity {
  held: HeldAgainst[];
  sharesOff: ShareOff[];
  /** Nothing measured lies out of its band, and enough was measured to say so. */
  verdict: "asItShould" | "out" | "tooLittle";
  could: CouldBe[];
}

/* An oil loses so much a degree: handbook means of essential oils. */
const densityPerC = 0.00075;
const indexPerC = 0.00045;
/* What a warm room does to a figure read without a thermometer. */
const warmByC = 10;
/* A compound that makes as much of an oil is one of its marks; as many times more or less is another oil. */
const markShare = 0.08;
const farTimes = 2.5;
/* What oxygen makes: as much more of it than usual speaks of age. */
const fromAir = ["pCymene", "caryophylleneOxide", "verbenone", "linaloolOxide"];
const airRise = 0.03;
/* Fatty oils lie here, and no essential oil turns light less than a degree with such an index and density. */
const fatty = { density: [0.9, 0.93], index: [1.463, 1.478] } as const;

/**
 * Holds what was measured of an oil against what its plant's oil should show, and says what it could be where it does
 * not: a hint, and no proof.
 * @param composition the plant's usual one, which the bands follow from
 */
export function judgeIdentity(
  plantId: string | undefined,
  composition: Composition,
  measured: Measured,
): Identity {
  const held = figuresHeld(plantId, composition, measured);
  const sharesOff = measured.shares ? offShares(composition, measured.shares) : [];
  const out = held.some(({ lies }) => lies !== "in");
  const wrong =
    out || sharesOff.length > 0 || measured.smell === "other" || isAged(composition, measured);
  const told = held.length + (measured.shares ? 2 : 0) + (measured.smell ? 0.5 : 0);
  return {
    held,
    sharesOff,
    verdict: wrong ? "out" : told >= 1 ? "asItShould" : "tooLittle",
    could: wrong ? couldBe(held, sharesOff, measured, composition) : [],
  };
}

function figuresHeld(
  plantId: string | undefined,
  composition: Composition,
  { densityGPerMl, refractiveIndex, measuredAtC = 20, rotationDeg, freezingC }: Measured,
): HeldAgainst[] {
  const warmer = measuredAtC - 20;
  const rows: [IdentityFigure, number | undefined, Band | undefined][] = [
    ["density", plus(densityGPerMl, densityPerC * warmer), densityBand(composition)],
    ["index", plus(refractiveIndex, indexPerC * warmer), refractiveBand(composition)],
    ["rotation", rotationDeg, plantId === undefined ? undefined : rotationBands[plantId]],
    ["freezing", freezingC, plantId === undefined ? undefined : freezingBands[plantId]],
  ];
  return rows.flatMap(([figure, value, band]) =>
    value === undefined || !band ? [] : [{ figure, value, band, lies: liesIn(value, band) }],
  );
}

function plus(value: number | undefined, more: number): number | undefined {
  return value === undefined ? undefined : value + more;
}

function liesIn(value: number, [low, high]: Band): HeldAgainst["lies"] {
  return value < low ? "below" : value > high ? "above" : "in";
}

/* Marks of the plant that are missing or too many, and what makes much of the measured oil and none of the plant's. */
function offShares(usual: Composition, measured: Composition): ShareOff[] {
  const names = new Set([...Object.keys(usual), ...Object.keys(measured)]);
  return [...names]
    .map((compound) => ({
      compound,
      measured: measured[compound] ?? 0,
      usual: usual[compound] ?? 0,
    }))
    .filter(({ measured: found, usual: should }) => {
      if (Math.max(found, should) < markShare) return false;
      return found > should * farTimes || found < should / farTimes;
    })
    .sort((a, b) => Math.abs(b.measured - b.usual) - Math.abs(a.measured - a.usual));
}

function couldBe(
  held: readonly HeldAgainst[],
  sharesOff: readonly ShareOff[],
  measured: Measured,
  usual: Composition,
): CouldBe[] {
  const of = (figure: IdentityFigure) => held.find((each) => each.figure === figure);
  const [density, index, rotation] = [of("density"), of("index"), of("rotation")];
  const found = new Set<CouldBe>();
  if (density?.lies === "below" && index?.lies === "below") found.add("spirit");
  const low = [density, index].some((each) => each?.lies === "below");
  const warmth = warmWouldDo(density, densityPerC) && warmWouldDo(index, indexPerC);
  if (low && warmth && measured.measuredAtC === undefined) found.add("measuredWarm");
  if (density?.lies === "above" && index && index.lies !== "above") found.add("waterIn");
  if (density?.lies === "above" && (!index || index.lies === "above")) found.add("oxidised");
  if (density && index && rotation?.lies !== "in" && isFatty(density, index))
    found.add("carrierOil");
  if (density?.lies === "below" && index?.lies !== "below") found.add("terpenes");
  if (rotation && rotation.lies !== "in") found.add("otherKind");
  if (of("freezing") && of("freezing")!.lies !== "in") found.add("otherKind");
  if (isAged(usual, measured)) found.add("oxidised");
  if (sharesOff.length > 0 || measured.smell === "other") found.add("otherKind");
  return [...found];
}

/* More of what air makes than a fresh oil has. */
function isAged(usual: Composition, { shares }: Measured): boolean {
  if (!shares) return false;
  return fromAir.some((id) => (shares[id] ?? 0) > (usual[id] ?? 0) + airRise);
}

/* Whether a figure lies in its band, or below it by no more than a warm room takes from it. */
function warmWouldDo(held: HeldAgainst | undefined, perC: number): boolean {
  if (!held || held.lies !== "below") return held === undefined || held.lies === "in";
  return held.band[0] - held.value <= perC * warmByC;
}

function isFatty(density: HeldAgainst, index: HeldAgainst): boolean {
  const between = (value: number, [low, high]: readonly [number, number]) =>
    value >= low && value <= high;
  const out = density.lies !== "in" || index.lies !== "in";
  return out && between(density.value, fatty.density) && between(index.value, fatty.index);
}
