import type { OwnFill } from "@/core/plan/planInput";
import type { PlantState } from "@/core/plant/plant";
import { safety } from "@/core/safety";
import { fillLimits } from "@/core/still/fillLimits";
import { isRound } from "@/core/still/geometry";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { runState } from "../run/runState";
import { stillShape } from "./stillFigures";

interface What {
  plantId: string;
  state: PlantState;
  preparation: string;
}

/**
 * How a person packs and fills a still with a plant as it is, from the runs that were done: the packing of the
 * last charge that filled it and was weighed, or that was more than the book's packing lets in; the fullest body
 * of plant in water. Undefined where no such run was.
 */
export function ownFill(runs: readonly Run[], still: Still, what: What): OwnFill | undefined {
  const shape = stillShape(still);
  const alike = runs.filter(
    (run) =>
      run.stillId === still.id &&
      run.plantId === what.plantId &&
      run.state === what.state &&
      run.plan.preparation === what.preparation &&
      wasDone(run),
  );
  /* With one gram a litre the most that fits is the litres that plant may take up. */
  const litres = fillLimits(shape, {
    method: "steam",
    packingGPerL: 1,
    waterMlPerG: 1,
    froths: false,
  }).chargeG;
  const full = alike
    .filter(({ plan }) => plan.method === "steam" && filledFull(plan))
    .sort((a, b) => a.number - b.number)
    .at(-1);
  const swimming = alike.filter(
    ({ plan }) => plan.method === "hydro" || plan.method === "cohobation",
  );
  const fillShare = Math.max(
    0,
    ...swimming.map(({ plan }) => (plan.waterMl + plan.chargeG) / shape.potVolumeMl),
  );
  const own: OwnFill = {
    ...(full && litres > 0 ? { packingGPerL: full.plan.chargeG / litres } : {}),
    ...(fillShare > (isRound(shape) ? safety.flaskFillShare : safety.potFillShare)
      ? { fillShare }
      : {}),
  };
  return Object.keys(own).length > 0 ? own : undefined;
}

/* Filled and weighed after all, or fuller than the book has it by the person's own word. */
function filledFull({ filled, reasons }: Run["plan"]): boolean {
  return filled === "weighed" || Boolean(reasons?.overfull ?? reasons?.littleHeadspace);
}

function wasDone({ entries }: Run): boolean {
  const { litAt, result } = runState(entries);
  return litAt !== undefined || result !== undefined;
}
