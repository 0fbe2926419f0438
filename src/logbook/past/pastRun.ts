import { nanoid } from "nanoid";
import { forecastRun } from "@/core/forecast/forecastRun";
import type { StopRule } from "@/core/forecast/stopRules";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import type { PlanInput } from "@/core/plan/planInput";
import { type Guessed, stillTakes, weightOfVolume } from "@/core/plan/stillTakes";
import { newRecord } from "@/records/base";
import type { Entry, Separated } from "@/records/entry";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import { asRunPlan } from "../still/asRunPlan";
import type { NewEntry } from "../run/withEntry";
import { stillFigures } from "../still/stillFigures";
import type { PastTold } from "./readPastForm";

/** The records of a run that is told afterwards. */
export interface PastRun {
  run: Run;
  harvest: Harvest;
  result: Omit<Separated, "id" | "type">;
}

/* Enough for a range that nobody steers by. */
const samples = 200;
/* Where the still's heat is not known well enough to boil: what an ordinary hob gives. */
const usualHeat = { powerW: 2000, efficiency: 0.5 };

/** A past run with the day it had, its harvest, and what was measured; `number` is the run's. */
export function pastRun(
  told: PastTold,
  { number, site, now }: { number: number; site: Setting["site"]; now: Date },
): PastRun {
  const { plant, state, still, day } = told;
  const at = momentsOf(day);
  const { plan, guessed } = planOf(told, site);
  const made = newRecord("run", now);
  const harvest: Harvest = {
    ...newRecord("harvest", now),
    plantId: plant.id,
    state,
    massG: plan.chargeG,
    cutOn: day,
    ...(told.counted ? { counted: told.counted } : {}),
  };
  const oil = forecastRun(plan.request, { samples }).oil;
  const result = resultOf(told, at(told.heatOff ?? told.firstDrop ?? told.heatOn ?? noon));
  const run: Run = {
    ...made,
    told: told.runMinutes === undefined ? "afterwards" : "withoutClock",
    ...(told.stopped === "unknown" ? {} : { stopped: told.stopped }),
    number,
    stillId: still.id,
    stillName: still.name,
    harvestId: harvest.id,
    plantId: plant.id,
    state,
    checked: [],
    entries: entriesOf(told, at, result),
    plan: asRunPlan({
      plan,
      oil,
      still,
      charge: 1,
      charges: 1,
      ...(guessed ? { filled: "guessed" as const, chargeBetweenG: between(guessed) } : {}),
    }),
  };
  return { run, harvest, result };
}

const noon = 12 * 60;

function momentsOf(day: string): (minutes: number) => string {
  const midnight = new Date(`${day}T00:00:00`).getTime();
  return (minutes) => new Date(midnight + minutes * 60000).toISOString();
}

/* A still without a known size takes nothing: then the guess is a gram, and says so. */
const between = ({ low, high }: Guessed) => ({ low: Math.max(1, low), high: Math.max(1, high) });

/** The plan that such a run would have had: what is not told is as it usually is. Nothing refuses it. */
function planOf(
  told: PastTold,
  site: Setting["site"],
): { plan: ChargePlan; guessed: Guessed | undefined } {
  const { plant, state, still, method } = told;
  const figures = stillFigures(still);
  const common: Omit<PlanInput, "massG"> = {
    still: figures,
    plant,
    state,
    method,
    stop: stopOf(told),
    site,
    charges: 1,
    ...(told.waterMl === undefined ? {} : { waterMl: told.waterMl }),
  };
  const guessed =
    told.massG === undefined
      ? told.heapMl === undefined
        ? stillTakes(common)
        : weightOfVolume(told.heapMl, common)
      : undefined;
  const massG = told.massG ?? Math.max(1, guessed?.massG ?? 0);
  const plan = planCharges({ ...common, massG });
  if (plan.forecast.rateMlPerMin > 0) return { plan, guessed };
  const heat = { ...figures.heat, ...usualHeat };
  return { plan: planCharges({ ...common, massG, still: { ...figures, heat } }), guessed };
}

/** How long the still was on its distillate, as far as that is told. */
export function minutesTold(told: Pick<PastTold, "firstDrop" | "heatOff" | "runMinutes">) {
  if (told.firstDrop !== undefined && told.heatOff !== undefined)
    return told.heatOff - told.firstDrop;
  return told.runMinutes;
}

function stopOf(told: PastTold): StopRule {
  const minutes = minutesTold(told);
  if (minutes !== undefined && minutes >= 1) return { minutes };
  if (told.hydrosolMl !== undefined && told.hydrosolMl > 0)
    return { distillateMl: told.hydrosolMl };
  return { minutes: told.plant.usualMinutes };
}

function resultOf(told: PastTold, at: string): PastRun["result"] {
  const { oilMl, hydrosolMl, look, smell, note } = told;
  return {
    at,
    ...(oilMl === undefined ? {} : { oilMl }),
    ...(hydrosolMl === undefined ? {} : { hydrosolMl }),
    ...(look ? { look } : {}),
    ...(smell ? { smell } : {}),
    ...(note ? { note } : {}),
  };
}

/** Only what is told becomes an entry: what nobody knows is not in the log. */
function entriesOf(
  told: PastTold,
  at: (minutes: number) => string,
  { at: separatedAt, ...result }: PastRun["result"],
): Entry[] {
  const entries: Entry[] = [];
  const add = (moment: string, entry: NewEntry) =>
    entries.push({ ...entry, id: nanoid(), at: moment } as Entry);
  const { heatOn, firstDrop, heatOff, runMinutes, jars = 1 } = told;
  if (heatOn !== undefined) add(at(heatOn), { type: "lit" });
  const drop = firstDrop ?? (runMinutes === undefined ? undefined : noon);
  if (drop !== undefined) add(at(drop), { type: "firstDrop" });
  for (const { at: moment, ...reading } of told.readings)
    add(at(moment), { type: "reading", ...reading });
  const off = heatOff ?? (runMinutes === undefined ? undefined : noon + runMinutes);
  if (drop !== undefined && off !== undefined)
    for (let jar = 1; jar < jars; jar += 1)
      add(at(drop + ((off - drop) * jar) / jars), { type: "jarSwapped" });
  if (off !== undefined) add(at(off), { type: "heatOff" });
  add(off === undefined ? separatedAt : at(off), { type: "separated", ...result });
  return entries;
}
