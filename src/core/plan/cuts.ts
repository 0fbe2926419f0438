import type { ChargePlan } from "./chargePlan";
import type { CutReason } from "./cutReasons";
import { notesOfRun } from "./notes";

/** Where a jar is swapped. */
export interface Cut {
  /** Distillate by then, mL. */
  ml: number;
  why: CutReason;
}

/** The first cut ends at this share of the hydrosol worth keeping: it holds most of the scent. */
const firstCutShare = 1 / 3;
/* Two swaps closer than this share of the run are one. */
const closest = 0.08;

/**
 * The jar swaps of a charge: its hydrosol by school (`firstCut`, `notes`, or all together), and where the
 * hydrosol worth keeping ends and a tail for the oil goes on. None where it flows back.
 * @param noteShares for `notes`: shares of the oil at which the jars are swapped, 0 to 1
 */
export function cutsOfPlan(
  { method, request, forecast, keepMl }: ChargePlan,
  school: string,
  noteShares: readonly number[],
): Cut[] {
  const end = forecast.distillateMl;
  if (method === "cohobation" || !(end > 0)) return [];
  const keep = Math.min(keepMl ?? end, end);
  const wanted: Cut[] = [];
  if (school === "firstCut") wanted.push({ ml: keep * firstCutShare, why: "firstCut" });
  if (school === "notes")
    for (const { fromMl } of notesOfRun(request, noteShares).jars.slice(1))
      wanted.push({ ml: fromMl, why: "notes" });
  wanted.push({ ml: keep, why: "keep" });
  const kept: Cut[] = [];
  for (const cut of wanted)
    if (
      cut.ml > 0 &&
      cut.ml < end * (1 - closest) &&
      kept.every(({ ml }) => Math.abs(ml - cut.ml) >= end * closest)
    )
      kept.push(cut);
  return kept.sort((a, b) => a.ml - b.ml);
}

/**
 * The next jar swap of a run, by the distillate when the jar in use was put under, mL. A swap past the
 * middle between two cuts was the later of them, made early by nose.
 */
export function nextCut(cuts: readonly Cut[], jarStartMl: number): Cut | undefined {
  return cuts.find(({ ml }, i) => ((cuts[i - 1]?.ml ?? 0) + ml) / 2 > jarStartMl);
}
