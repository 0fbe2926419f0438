import { extraction } from "./usualRelease";
import { esters } from "./esters";
import { compounds, type Compound } from "./compounds";
import { boilingTogether, layerOf, partsOf, type Composition, type OilProperties } from "./oil";
import { compoundVapourPressurePa } from "./vapourPressure";

/** An oil taken apart, as the run needs it. Arrays go by compound, in one order. */
export interface OilParts {
  ids: readonly string[];
  /** Mass fractions as the oil is in the plant; they sum to 1. */
  shares: readonly number[];
  /** Vapour pressure at the boil, Pa. */
  pressuresPa: readonly number[];
  compounds: readonly Compound[];
  /** K: how much of a compound a gram of steam carries off, against what a gram of water holds of it, far from saturated. */
  overWater: readonly number[];
  /** Volatility against the oil's mean: `p / p̄`, and solubility likewise. */
  volatility: readonly number[];
  solubility: readonly number[];
  /** Esters: which part each becomes, by its place, and grams of that from a gram; place −1 for the others. */
  becomes: readonly number[];
  gramsFromGram: readonly number[];
  /** How fast each breaks against the quickest, 0 to 1. */
  breaks: readonly number[];
  /** Most oil that a gram of steam carries, g. */
  saturationRatio: number;
  /** Density of the whole, g/mL. */
  densityGPerMl: number;
}

/* Of water in itself; over a compound's own solubility in moles it is its activity coefficient. */
const molesInLitre = 55.5;
/* The least solubility that the mean counts, g/L: a wax must not pull it to nothing. */
const leastSolubility = 1e-6;

/**
 * Takes an oil apart at a still's boiling point. What an ester becomes is among the parts even where
 * the oil has none of it in the plant.
 * @throws RangeError as oilProperties
 */
export function oilParts(composition: Composition, boilC: number, pressurePa: number): OilParts {
  const named = partsOf(composition);
  const ids = named.map(({ compound }) => compound.id);
  const born = ids.flatMap((id) => esters[id]?.alcohol ?? []).filter((id) => !ids.includes(id));
  const all = [...ids, ...new Set(born)];
  const shares = all.map((_, i) => named[i]?.mass ?? 0);
  const substances = all.map((id) => compounds[id]!);
  const pressuresPa = substances.map((each) => compoundVapourPressurePa(each, boilC));
  const soluble = substances.map((each) => Math.max(leastSolubility, each.solubilityGPerL));
  return {
    ids: all,
    shares,
    pressuresPa,
    compounds: substances,
    overWater: substances.map(
      ({ molarMass, solubilityGPerL }, i) =>
        ((molesInLitre * molarMass) / solubilityGPerL) * (pressuresPa[i]! / pressurePa),
    ),
    volatility: againstMean(pressuresPa, shares),
    solubility: againstMean(soluble, shares),
    becomes: all.map((id) => all.indexOf(esters[id]?.alcohol ?? "")),
    gramsFromGram: substances.map((each) => {
      const alcohol = compounds[esters[each.id]?.alcohol ?? ""];
      return alcohol ? alcohol.molarMass / each.molarMass : 0;
    }),
    breaks: all.map((id) => {
      const ester = esters[id];
      return ester ? (ester.quick ? 1 : extraction.otherEsters) : 0;
    }),
    saturationRatio: boilingTogether(composition, pressurePa).saturationRatio,
    densityGPerMl:
      1 / substances.reduce((sum, each, i) => sum + shares[i]! / each.densityGPerMl, 0),
  };
}

/** Density and layer of an oil by the grams of its parts, some above 0. */
export function mixedOil(
  { compounds: substances }: OilParts,
  grams: ArrayLike<number>,
): Pick<OilProperties, "densityGPerMl" | "layer"> {
  let mass = 0;
  let volume = 0;
  substances.forEach(({ densityGPerMl }, i) => {
    mass += grams[i]!;
    volume += grams[i]! / densityGPerMl;
  });
  return { densityGPerMl: mass / volume, layer: layerOf(mass / volume) };
}

/** Values against their geometric mean, weighted by mass. */
function againstMean(values: readonly number[], shares: readonly number[]): number[] {
  const mean = Math.exp(values.reduce((sum, value, i) => sum + shares[i]! * Math.log(value), 0));
  return values.map((value) => value / mean);
}
