import { type UnitName, type UnitSystem, fromCanonical } from "@/core/units/units";
import { harvestLeftG } from "../harvest/harvestLeft";
import { harvestDraft } from "../harvest/harvestDraft";
import { againLike, plain } from "./draftOfRun";
import type { PlantBook } from "../plant/plantBook";
import type { Harvest } from "@/records/harvest";
import { canonicalUnits, emptyDraft, type PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { keptEqual } from "../trial/keptEqual";
import { chargeOf, type TrialCharge } from "../trial/sidesBeside";
import type { NextCharge } from "../trial/trialPlace";

interface Known {
  runs: readonly Run[];
  harvests: readonly Harvest[];
  book: PlantBook;
  units: UnitSystem;
}

/* What must stay equal and would follow the charge's weight is told as the other charge has it. */
function keptAsIn(
  { waterMl, rateMlPerMin, minutes }: TrialCharge,
  trial: Trial,
  { waterUnit }: PlanDraft,
): Partial<PlanDraft> {
  const kept = new Set(keptEqual(trial));
  return {
    ...(kept.has("water") && waterMl > 0
      ? { waterText: plain(fromCanonical(waterMl, waterUnit as UnitName)) }
      : {}),
    ...(kept.has("heat")
      ? { rateText: plain(rateMlPerMin), rateUnit: canonicalUnits.rateUnit }
      : {}),
    ...(kept.has("minutes")
      ? { stopBy: "clock" as const, minutesText: String(Math.max(1, Math.round(minutes))) }
      : {}),
  };
}

/**
 * What stands in the plan's fields for a trial's next charge: as the other half was planned, or the latest
 * run of its side, of half of what lies there.
 */
export function trialDraft(
  trial: Trial,
  { side, pair, like }: NextCharge & { side: "a" | "b" },
  { runs, harvests, book, units }: Known,
): PlanDraft {
  const inTrial = trial.runs.flatMap(
    (each) => runs.find(({ id }) => id === each.runId && each.side === side) ?? [],
  );
  const model = like ?? inTrial.at(-1) ?? runs.find(({ plantId }) => plantId === trial.plantId);
  const plantId = model?.plantId ?? trial.plantId ?? "";
  const lying = harvests
    .map((harvest) => ({ harvest, leftG: harvestLeftG(harvest, runs) }))
    .filter(({ harvest, leftG }) => leftG > 0 && harvest.plantId === plantId)
    .sort(
      (a, b) => Number(b.harvest.id === like?.harvestId) - Number(a.harvest.id === like?.harvestId),
    )
    .at(0);
  const other = like ?? runs.find(({ id }) => trial.runs.some(({ runId }) => runId === id));
  const draft = model ? againLike(model, units) : { ...emptyDraft(units), plantId };
  return {
    ...draft,
    /* Half of what lies there, or all that the first half left. */
    ...(lying ? harvestDraft(lying.harvest, like ? lying.leftG : lying.leftG / 2, runs, book) : {}),
    ...(other ? keptAsIn(chargeOf(other), trial, draft) : {}),
    trialId: trial.id,
    trialSide: side,
    trialPair: pair === undefined ? "" : String(pair),
  };
}
