import { forecastRun } from "@/core/forecast/forecastRun";
import { hydrosolToKeep } from "@/core/plan/hydrosolToKeep";
import { planCharges } from "@/core/plan/planCharges";
import type { Plant } from "@/core/plant/plant";
import { lessonOf } from "@/core/practice/lessons";
import { exercise } from "@/core/practice/exercise";
import { t } from "@/language/t";
import { newId, newRecord } from "@/records/base";
import type { Entry } from "@/records/entry";
import type { ExerciseRecord, ExerciseSpec } from "@/records/exercise";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { asRunPlan } from "../still/asRunPlan";
import { stillFigures } from "../still/stillFigures";
import type { NewEntry } from "../run/withEntry";
import { askOf } from "./exerciseAsk";

/* Enough for the plan's ranges. */
const playedRuns = 200;
/* A still that takes longer to its first drop is none to practise on, s. */
const longestWarming = 8 * 3600;

/** Why an exercise cannot be begun. */
export type CannotBegin = "tooMuchPlant" | "neverDrips" | "notPlanned";

/**
 * Sets an exercise up: its still, its run with a plan as any other's, lit and as far as it begins, and the exercise's own
 * record. Times lie so that the run is at that moment now.
 */
export function beginExercise(
  spec: ExerciseSpec,
  plant: Plant,
  { site, number, now }: { site: Setting["site"]; number: number; now: Date },
): { still: Still; run: Run; record: ExerciseRecord } | { cannot: CannotBegin } {
  const still: Still = { ...newRecord("still", now), ...spec.still };
  const planned = planOf(spec, plant, still, site);
  if ("cannot" in planned) return planned;
  const { plan, request } = planned;
  const played = exercise(askOf(spec, plant, request));
  const there = () =>
    spec.from === "lit" ||
    (spec.from === "boiling" ? played.boilingAt : played.firstDropAt) !== undefined;
  while (!there() && !played.over && played.second < longestWarming)
    played.advanceTo(played.second + 10);
  if (!there()) return { cannot: "neverDrips" };
  const litAt = now.getTime() - played.second * 1000;
  const entry = (what: NewEntry, second: number): Entry =>
    ({ id: newId(), at: new Date(litAt + second * 1000).toISOString(), ...what }) as Entry;
  const { boilingAt, firstDropAt } = played;
  const { runPowerW } = plan;
  /* Who begins at the first drop finds the heat turned down as the plan has it. */
  const turned =
    firstDropAt !== undefined && runPowerW !== undefined
      ? entry({ type: "heatChanged", powerW: runPowerW }, firstDropAt)
      : undefined;
  const run: Run = {
    ...newRecord("run", now),
    number,
    stillId: still.id,
    stillName: still.name,
    plantId: spec.plantId,
    state: spec.state,
    plan,
    checked: [],
    entries: [
      entry({ type: "lit" }, 0),
      ...(boilingAt === undefined ? [] : [entry({ type: "boiling" }, boilingAt)]),
      ...(firstDropAt === undefined ? [] : [entry({ type: "firstDrop" }, firstDropAt)]),
      ...(turned ? [turned] : []),
    ],
    /* It waits until somebody lets it go. */
    clock: { wallAt: now.toISOString(), runAt: now.toISOString(), speed: 0 },
  };
  return {
    still,
    run: {
      ...run,
      instrument: {
        id: `practice-${run.id}`,
        name: t`Practice probe and scale`,
        connectedAt: run.createdAt,
      },
    },
    record: {
      ...newRecord("exercise", now),
      spec,
      runId: run.id,
      acts: turned
        ? [
            {
              id: newId(),
              second: Math.round(firstDropAt!),
              code: "heat",
              amount: runPowerW!,
              of: turned.id,
            },
          ]
        : [],
    },
  };
}

function planOf(
  { stop = { perKg: 1 }, plantId: _, ...spec }: ExerciseSpec,
  plant: Plant,
  still: Still,
  site: Setting["site"],
): { plan: Run["plan"]; request: NonNullable<Run["plan"]["request"]> } | { cannot: CannotBegin } {
  try {
    const plan = planCharges({
      still: stillFigures(still),
      plant,
      state: spec.state,
      massG: spec.massG,
      method: spec.method,
      stop,
      keepPerKg:
        spec.method === "cohobation" ? undefined : hydrosolToKeep(plant.tissue, spec.state),
      site,
      charges: 1,
      pace: spec.lesson && lessonOf(spec.lesson).brisk ? "brisk" : "gentle",
      condenser: still.condenser,
    });
    if (plan.chargeG > plan.limits.chargeG * 1.001) return { cannot: "tooMuchPlant" };
    const { oil } = forecastRun(plan.request, { samples: playedRuns, seed: spec.seed });
    return { plan: asRunPlan({ plan, oil, still, charge: 1, charges: 1 }), request: plan.request };
  } catch (error) {
    if (error instanceof RangeError) return { cannot: "notPlanned" };
    throw error;
  }
}
