import { middleRun } from "../forecast/forecastRun";
import { firstWhere } from "../numeric/firstWhere";
import { Refusal } from "../refusal";
import { loadCharges } from "./loadCharges";
import type { PlanInput } from "./planInput";

/** How much of a product a person wants in all, mL. */
export interface Wish {
  what: "oil" | "hydrosol";
  volumeMl: number;
}

/** Why a wish cannot be fulfilled. */
export type WishProblem =
  | { code: "notAnAmount"; volumeMl: number }
  | { code: "hydrosolFlowsBack" }
  | { code: "noRoom" }
  | { code: "noOilShows" }
  | { code: "noDistillate" }
  | { code: "tooManyCharges"; most: number }
  | { code: "tooLittlePlant"; leastG: number };

export class WishRefusal extends Refusal<WishProblem> {}

/* Less plant than this is no charge: a pinch lies below what a kitchen scale shows. */
const leastG = 0.1;
/* More charges than this are not a plan any more. */
const mostCharges = 500;

/**
 * Plant it takes for a wish in the middle run, g, and the equal charges it is shared out over.
 * Oil counts as it is seen, hydrosol as it comes over.
 * @throws WishRefusal when this still cannot fulfil it this way
 */
export function massForWish(
  input: Omit<PlanInput, "massG" | "charges">,
  { what, volumeMl }: Wish,
): { massG: number; charges: number } {
  if (!(volumeMl > 0 && Number.isFinite(volumeMl)))
    throw new WishRefusal({ code: "notAnAmount", volumeMl });
  if (what === "hydrosol" && input.method === "cohobation")
    throw new WishRefusal({ code: "hydrosolFlowsBack" });
  const load = (massG: number) => loadCharges({ ...input, massG, charges: 1 });
  const fullG = load(1).limits.chargeG;
  if (!(fullG > 0)) throw new WishRefusal({ code: "noRoom" });
  const comes = (chargeG: number) => {
    const { visibleMl, distillateMl } = middleRun(load(chargeG).filled);
    if (what === "oil") return visibleMl;
    return input.keepFirst
      ? Math.min(distillateMl, (input.keepPerKg ?? Infinity) * chargeG)
      : distillateMl;
  };
  const most = comes(fullG);
  if (!(most > 0)) {
    throw new WishRefusal({ code: what === "oil" ? "noOilShows" : "noDistillate" });
  }
  /* Of oil the tubes keep their share once, and not with every charge. */
  const keptMl = what === "oil" ? (load(fullG).filled.still.holdUpMl ?? 0) : 0;
  const charges = Math.ceil((volumeMl + keptMl) / (most + keptMl) - 1e-9);
  if (charges > mostCharges) throw new WishRefusal({ code: "tooManyCharges", most: mostCharges });
  /* By the clock alone any pinch of plant fills the jar: then one to one is what people mean. */
  if (what === "hydrosol" && input.stop.perKg === undefined && !input.keepFirst) {
    const fitting = Math.max(charges, Math.ceil(volumeMl / fullG - 1e-9));
    return enough(Math.min(volumeMl, fullG * fitting), fitting);
  }
  const each = (volumeMl + keptMl) / charges - keptMl;
  const massG = firstWhere([0, fullG], (charge) => comes(charge) >= each, { halvings: 24 });
  return enough(massG * charges, charges);
}

function enough(massG: number, charges: number) {
  if (massG < leastG) throw new WishRefusal({ code: "tooLittlePlant", leastG });
  return { massG, charges };
}
