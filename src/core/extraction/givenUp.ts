import { logPOf } from "../plant/logP";
import type { OilParts } from "../plant/oilParts";
import { saltedSolubility } from "../water/brine";
import { dissolve } from "./dissolve";

/**
 * Oil that a litre of hydrosol gives up when it is salted, or to a solvent, mL.
 * @param dissolved what all of it holds, g of each compound
 * @param litres how much hydrosol that is
 * @param saltGPerL salt in a litre; a solvent takes everything, where none is told
 */
export function givenUpMl(
  parts: OilParts,
  dissolved: ArrayLike<number>,
  litres: number,
  saltGPerL?: number,
): number {
  if (!(litres > 0)) return 0;
  const stays =
    saltGPerL === undefined
      ? new Float64Array(dissolved.length)
      : dissolve({ ...parts, compounds: inBrine(parts, saltGPerL) }, dissolved, litres, 1);
  let volumeMl = 0;
  for (let i = 0; i < dissolved.length; i += 1)
    volumeMl += (dissolved[i]! - stays[i]!) / parts.compounds[i]!.densityGPerMl;
  return volumeMl / litres;
}

function inBrine({ compounds }: OilParts, saltGPerL: number): OilParts["compounds"] {
  return compounds.map((compound) => ({
    ...compound,
    solubilityGPerL: compound.solubilityGPerL * saltedSolubility(logPOf(compound), saltGPerL),
  }));
}
