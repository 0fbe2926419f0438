import { firstWhere } from "../numeric/firstWhere";
import { roomWaterDensity } from "../water/properties";
import { boilingPointC, saturationPressurePa } from "../water/saturation";
import { compounds, type Compound } from "./compounds";
import { compoundVapourPressurePa } from "./vapourPressure";

/** Mass fractions by compound id; what is not named is taken to be like the rest. */
export type Composition = Readonly<Record<string, number>>;

/** What follows from an oil's composition. */
export interface OilProperties {
  /** g/mL near 20 °C */
  densityGPerMl: number;
  /** What a litre of water dissolves of it, g/L. */
  solubilityGPerL: number;
  /** Whether the oil lies on the water, under it, or hangs in it. */
  layer: "floats" | "sinks" | "hangs";
}

/** Most that an oil's shares may sum to. Published analyses are rounded: a hundredth or two over the whole is no mistake. */
export const mostTotal = 1.02;
/* Within 10 kg/m³ of water nothing separates in a home still's time; a hair more for rounding. */
const hangingBand = 0.01 + 1e-9;

/**
 * Density, solubility and layer of an oil. Density by adding the parts' volumes; solubility as
 * `Σ x S` over mole fractions (Raoult), S being each compound's own.
 * @throws RangeError when a compound is unknown, a fraction is negative, or they sum to 0 or more than 1
 */
export function oilProperties(composition: Composition): OilProperties {
  const parts = partsOf(composition);
  const volume = parts.reduce((sum, { compound, mass }) => sum + mass / compound.densityGPerMl, 0);
  const solubilityGPerL = parts.reduce(
    (sum, { compound, mole }) => sum + mole * compound.solubilityGPerL,
    0,
  );
  const densityGPerMl = 1 / volume;
  return { densityGPerMl, solubilityGPerL, layer: layerOf(densityGPerMl) };
}

/** Whether an oil of such a density lies on the water, under it, or hangs in it. */
export function layerOf(densityGPerMl: number): OilProperties["layer"] {
  const step = densityGPerMl - roomWaterDensity;
  return Math.abs(step) <= hangingBand ? "hangs" : step < 0 ? "floats" : "sinks";
}

/** Where an oil and water boil together. */
export interface BoilingTogether {
  temperatureC: number;
  /** Most oil a gram of steam can carry, g/g. */
  saturationRatio: number;
}

/**
 * Temperature at which water and an oil boil side by side under a pressure, and the mass of oil per
 * mass of water in that vapour: `p_w + Σ x p = P` and `Σ x p M / (p_w M_w)`.
 * @param pressurePa air pressure, Pa
 * @throws RangeError as oilProperties
 */
export function boilingTogether(composition: Composition, pressurePa: number): BoilingTogether {
  const before = last.get(composition);
  if (before?.pressurePa === pressurePa) return before.found;
  const found = solveTogether(composition, pressurePa);
  last.set(composition, { pressurePa, found });
  return found;
}

/* A plan asks the same oil at the same pressure dozens of times; the search is most of its work. */
const last = new WeakMap<Composition, { pressurePa: number; found: BoilingTogether }>();

function solveTogether(composition: Composition, pressurePa: number): BoilingTogether {
  const parts = partsOf(composition);
  const oilPressure = (temperatureC: number) =>
    parts.reduce(
      (sum, { compound, mole }) => sum + mole * compoundVapourPressurePa(compound, temperatureC),
      0,
    );
  const temperatureC = firstWhere(
    [20, boilingPointC(pressurePa)],
    (t) => saturationPressurePa(t) + oilPressure(t) >= pressurePa,
  );
  const carried = parts.reduce(
    (sum, { compound, mole }) =>
      sum + mole * compoundVapourPressurePa(compound, temperatureC) * compound.molarMass,
    0,
  );
  return { temperatureC, saturationRatio: carried / (saturationPressurePa(temperatureC) * 18.015) };
}

export function partsOf(
  composition: Composition,
): { compound: Compound; mass: number; mole: number }[] {
  const named = Object.entries(composition).map(([id, fraction]) => {
    const compound = compounds[id];
    if (!compound) throw new RangeError(`composition: no compound is called ${id}`);
    if (!(fraction >= 0))
      throw new RangeError(`composition.${id} must be 0 or more, got ${fraction}`);
    return { compound, fraction };
  });
  const total = named.reduce((sum, { fraction }) => sum + fraction, 0);
  if (!(total > 0))
    throw new RangeError("composition must name at least one compound with a share above 0");
  if (total > mostTotal)
    throw new RangeError(
      `composition: its shares sum to ${total.toFixed(2)}; as mass fractions they cannot be more than 1`,
    );
  const moles = named.reduce(
    (sum, { compound, fraction }) => sum + fraction / compound.molarMass,
    0,
  );
  return named.map(({ compound, fraction }) => ({
    compound,
    mass: fraction / total,
    mole: fraction / compound.molarMass / moles,
  }));
}
