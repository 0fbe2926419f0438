import { showIce, showMass, showVolume, words } from "@/core/units/format";
import type { Plant } from "@/core/plant/plant";
import { fullShare } from "@/core/run/liveEstimate";
import { heatSources } from "@/core/still/heatSources";
import type { UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import type { Run } from "@/records/run";
import { cutsOf } from "@/logbook/run/cutsOf";
import type { Still } from "@/records/still";
import { inState } from "@/words/stateWords";
import { plantInSentence } from "@/words/plantInSentence";

const mostJars = 12;

/** What to carry to the still, with its number and size. */
export function packingList(
  { plan, stillName, state }: Pick<Run, "plan" | "stillName" | "state">,
  still: Still | undefined,
  plant: Plant | undefined,
  units: UnitSystem,
): string[] {
  const bowl = plan.method === "bowl";
  const hydrosolMl = plan.method === "cohobation" ? 0 : plan.forecast.distillateMl;
  /* Between two swaps that the plan names, as many jars as it takes. */
  const edges = [0, ...cutsOf(plan).map(({ ml }) => ml), Math.max(hydrosolMl, 1)];
  const jars = edges
    .slice(1)
    .reduce(
      (sum, to, i) => sum + Math.max(1, Math.ceil((to - edges[i]!) / (plan.jarMl * fullShare.jar))),
      0,
    );
  const cuts = edges.length - 2;
  const cleanJars = plural(jars, { one: "# clean jar", other: "# clean jars" });
  /* Nobody swaps so many jars: a field batch runs into one large vessel. */
  const vessel =
    jars > mostJars
      ? t`A clean churn or drum of ${words(showVolume(Math.ceil((hydrosolMl * 1.2) / 5000) * 5000, units))} instead of ${jars} jars`
      : t`${cleanJars} of ${words(showVolume(plan.jarMl, units))}`;
  const vessels = cuts
    ? t`${vessel}, for ${plural(cuts, { one: "# cut", other: "# cuts" })}`
    : vessel;
  const plantName = plant ? plantInSentence(plant.name) : t`plant`;
  const list = [
    t`${words(showMass(plan.chargeG, units))} of ${inState[state]} ${plantName}, ${plant?.part ?? ""}`,
    t`${words(showVolume(plan.waterMl, units))} of water for ${stillName}, and a kettle of hot water to top it up`,
  ];
  if ((plan.iceKg ?? 0) > 0) list.push(t`${words(showIce(plan.iceKg ?? 0, units))} of ice`);
  if (!bowl) list.push(vessels);
  const receiver = still?.receivers?.[0];
  if (receiver) list.push(t`The receiver: ${words(showVolume(receiver.volumeMl, units))}`);
  list.push(
    t`A narrow measure, a funnel, a dropper, labels and a pen`,
    t`Thermometer, gloves, cloths, a paste of flour and water for leaks`,
  );
  if (still && heatSources[still.heat.kind].fuel === "gas")
    list.push(t`A scale for the gas cylinder, soapy water for its joints, a lighter`);
  return list;
}
