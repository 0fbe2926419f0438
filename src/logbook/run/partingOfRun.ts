import { oilProperties } from "@/core/plant/oil";
import { type Parting, partingOf } from "@/core/separation/parting";
import { type ToldVessel, insideOf, vesselKindRows } from "@/core/separation/vesselKinds";
import { t } from "@/language/t";
import { notesOfPlan } from "./notesOfPlan";
import type { PlantBook } from "../plant/plantBook";
import type { Run } from "@/records/run";
import type { Vessel } from "@/records/vessel";
import type { RunState } from "./runState";

/** A vessel that stands at hand, with its name. */
export interface AtHand extends ToldVessel {
  id: string;
  name: string;
}

/* What stands in every kitchen, where the person has told none of their own. */
const usual: readonly AtHand[] = [
  { id: "usual-jar", name: t`Wide jar`, vessel: "jar", ...vesselKindRows.jar.usual },
  {
    id: "usual-funnel",
    name: t`Funnel`,
    vessel: "funnel",
    ...vesselKindRows.funnel.usual,
  },
  { id: "usual-tube", name: t`Narrow tube`, vessel: "tube", ...vesselKindRows.tube.usual },
];

/** The person's vessels; the usual ones where they have none. */
export function vesselsAtHand(vessels: readonly Vessel[]): readonly AtHand[] {
  return vessels.length > 0 ? vessels : usual;
}

/* Water that stands in the receiver where the hydrosol flows back, mL: its arm. */
const armMl = 30;

/** What a run has to part: measured where it was, else as its plan has it for the time that it ran, mL. */
export function toPart(run: Run, state: RunState) {
  const { forecast, method } = run.plan;
  const returns = method === "cohobation";
  const cameMl = returns ? armMl : distillateOf(run, state);
  const share = returns ? 1 : Math.min(1, notesOfPlan(run.plan)?.shareAt(cameMl) ?? 1);
  const settledMl = share * forecast.visibleMl.p50;
  const atOnceMl = share * (forecast.visibleAtOnceMl?.p50 ?? usualAtOnce * forecast.visibleMl.p50);
  return {
    oilMl: state.result?.oilMl ?? Math.max(leastOilMl, settledMl),
    fineMl: Math.max(0, settledMl - atOnceMl),
    hydrosolMl: state.result?.hydrosolMl ?? cameMl,
  };
}

/* A plan from before it told both: so much of the oil shows at once. */
const usualAtOnce = 0.85;
/* A trace, so that a vessel can be drawn and held against another. */
const leastOilMl = 0.01;

/** Distillate by heat off: as read last, and at the plan's rate from there on. */
function distillateOf(
  { plan: { forecast } }: Run,
  { lastDistillate, firstDropAt, heatOffAt }: RunState,
): number {
  const from =
    lastDistillate ?? (firstDropAt === undefined ? undefined : { at: firstDropAt, volumeMl: 0 });
  if (!from || heatOffAt === undefined) return forecast.distillateMl;
  const minutes = Math.max(0, heatOffAt - from.at) / 60000;
  return from.volumeMl + minutes * forecast.rateMlPerMin;
}

/** How a run's oil parts from its hydrosol in a vessel, so warm and with so much salt. */
export function partingOfRun(
  run: Run,
  state: RunState,
  vessel: ToldVessel,
  { temperatureC, saltGPerL }: { temperatureC: number; saltGPerL: number },
  book: PlantBook,
): Parting {
  const composition = book.byId(run.plantId)?.composition;
  const { oilMl, hydrosolMl } = toPart(run, state);
  const { oilDensityGPerMl } = run.plan.forecast;
  const measured = state.result?.oilDensityGPerMl;
  return partingOf({
    oil:
      measured === undefined && composition && readable(composition)
        ? { composition }
        : { densityGPerMl: measured ?? oilDensityGPerMl },
    oilMl,
    hydrosolMl,
    vessel: insideOf(vessel),
    temperatureC,
    saltGPerL,
  });
}

/* A composition from another Sereno's file may name what this one does not know. */
function readable(composition: Parameters<typeof oilProperties>[0]): boolean {
  try {
    oilProperties(composition);
    return true;
  } catch {
    return false;
  }
}
