import { showIce, showMass, showTemperature, showVolume, words } from "@/core/units/format";
import { planCooling } from "@/core/cooling/condenser";
import type { UnitSystem } from "@/core/units/units";
import { usualTapC } from "@/core/water/properties";
import { t } from "@/language/t";
import type { Plant } from "@/core/plant/plant";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { lastInStill } from "@/logbook/still/lastInStill";
import { fuelFor } from "@/core/plan/fuel";
import { energyKWh } from "@/core/forecast/energy";
import { checklist, type CheckItem } from "./checklist";
import { plantInSentence } from "@/words/plantInSentence";

/** What there is to see on a run's own still, in the order of the hand. */
export function checksOfRun(
  run: Run,
  still: Still,
  plant: Plant | undefined,
  before: ReturnType<typeof lastInStill>,
  units: UnitSystem,
): CheckItem[] {
  return checklist({
    still,
    plan: run.plan,
    plant,
    water: words(showVolume(run.plan.waterMl, units)),
    dryLine: words(showVolume(run.plan.dryLineMl, units)),
    cooling: flowOf(run, still, units),
    ...(run.plan.iceKg ? { ice: words(showIce(run.plan.iceKg, units)) } : {}),
    ...(plant?.setsBelowC === undefined
      ? {}
      : { setsBelow: words(showTemperature(plant.setsBelowC, units)) }),
    ...besides(run, still, before, units),
  });
}

/* What was in the still before, and the gas that the run burns. */
function besides(
  { plan }: Run,
  { heat }: Still,
  before: ReturnType<typeof lastInStill>,
  units: UnitSystem,
) {
  const { gasKg } = fuelFor(energyKWh(plan, plan.forecast), heat.kind);
  return {
    ...(before
      ? { before: { name: plantInSentence(before.plant.name), clings: before.clings } }
      : {}),
    ...(gasKg === undefined ? {} : { gas: words(showMass(gasKg * 1000, units)) }),
  };
}

function flowOf({ plan }: Run, { condenser }: Still, units: UnitSystem): string {
  if (condenser?.kind !== "tap") return "";
  const { tap } = planCooling(condenser, {
    ...plan.forecast,
    coolingInC: plan.request?.site?.coolingInC ?? usualTapC,
  });
  return t`${words(showVolume((tap?.litresPerMin ?? 0) * 1000, units))} a minute`;
}
