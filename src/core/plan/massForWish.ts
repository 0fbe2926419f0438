import { middleRun } from "../forecast/forecastRun";
import { loadCharges } from "./loadCharges";
import type { PlanInput } from "./planInput";

/** How much of a product a person wants in all, mL. */
export interface Wish {
  what: "oil" | "hydrosol";
  volumeMl: number;
}

/* Less plant than this is no charge: a pinch lies below what a kitchen scale shows. */
const leastG = 0.1;
/* More charges than this are not a plan any more. */
const mostCharges = 500;

/**
 * Plant it takes for a wish in the middle run, g, and the equal charges it is shared out over.
 * Oil counts as it is seen, hydrosol as it comes over.
 * @throws RangeError naming the wish and a remedy when this still cannot fulfil it this way
 */
export function massForWish(
  input: Omit<PlanInput, "massG" | "charges">,
  { what, volumeMl }: Wish,
): { massG: number; charges: number } {
  if (!(volumeMl > 0 && Number.isFinite(volumeMl)))
    throw new RangeError(`I want: ${volumeMl} mL is not an amount.`);
  if (what === "hydrosol" && input.method === "cohobation")
    throw new RangeError("I want: hydrosol flows back in cohobation. Choose plant in the water.");
  const load = (massG: number) => loadCharges({ ...input, massG, charges: 1 });
  const fullG = load(1).limits.chargeG;
  if (!(fullG > 0)) throw new RangeError("I want: this still has no room for a charge this way.");
  const comes = (chargeG: number) => {
    const { visibleMl, distillateMl } = middleRun(load(chargeG).filled);
    return what === "oil" ? visibleMl : distillateMl;
  };
  const most = comes(fullG);
  if (!(most > 0)) {
    throw new RangeError(
      what === "oil"
        ? "I want: no oil shows from a full charge this way. Let the hydrosol flow back, stop earlier, or wish for hydrosol."
        : "I want: no distillate comes this way. Check the heat.",
    );
  }
  const charges = Math.ceil(volumeMl / most - 1e-9);
  if (charges > mostCharges)
    throw new RangeError(
      `I want: that is more than ${mostCharges} charges of this still. Wish for less, or use a larger still.`,
    );
  /* By the clock alone any pinch of plant fills the jar: then one to one is what people mean. */
  if (what === "hydrosol" && input.stop.perKg === undefined) {
    const fitting = Math.max(charges, Math.ceil(volumeMl / fullG - 1e-9));
    return enough(Math.min(volumeMl, fullG * fitting), fitting);
  }
  const each = volumeMl / charges;
  let [low, high] = [0, fullG];
  for (let step = 0; step < 24; step += 1) {
    const middle = (low + high) / 2;
    if (comes(middle) >= each) high = middle;
    else low = middle;
  }
  return enough(high * charges, charges);
}

function enough(massG: number, charges: number) {
  if (massG < leastG)
    throw new RangeError("I want: that takes less than a tenth of a gram of plant. Wish for more.");
  return { massG, charges };
}
