import { layerOf } from "@/core/plant/oil";
import { showMass, showVolume, words } from "@/core/units/format";
import type { Plant } from "@/core/plant/plant";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { liveLevels } from "@/logbook/run/liveLevels";
import { stillShape } from "@/logbook/still/stillFigures";
import type { Separated } from "@/records/entry";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { Card } from "@/ui/primitives/Card";
import { lastWord } from "@/words/lastWord";

interface Props {
  run: Run;
  still: Still;
  plant: Plant | undefined;
  result: Separated | undefined;
  units: UnitSystem;
}

/** The still as it was charged, with what came of it in its jar. */
export function AsCharged({ run, still, plant, result, units }: Props) {
  const shape = stillShape(still);
  const { plan } = run;
  const levels = liveLevels(run, shape, plan.waterMl, plant);
  const hydrosolMl = result?.hydrosolMl ?? 0;
  const charge = showMass(plan.chargeG, units);
  const water = showVolume(plan.waterMl, units);
  const came = showVolume(hydrosolMl, units);
  return (
    <Card className="px-2 py-1">
      <StillDrawing
        shape={shape}
        levels={levels}
        hydro={plan.method !== "steam"}
        condenser={still.condenser?.kind}
        head={still.head}
        trapKeeps={still.trapKeeps}
        heatKind={still.heat.kind}
        jar={{
          sizeMl: plan.jarMl,
          hydrosolMl: Math.min(plan.jarMl, hydrosolMl),
          oilMl: result?.oilMl ?? 0,
          oilSinks: layerOf(result?.oilDensityGPerMl ?? plan.forecast.oilDensityGPerMl) === "sinks",
        }}
        labels={{
          charge: { shown: charge, what: lastWord(plant?.part ?? t`plant`) },
          water: { shown: water, what: t`water` },
          dryLine: { shown: showVolume(plan.dryLineMl, units), what: t`dry line` },
          ...(hydrosolMl > 0 ? { hydrosol: { shown: came, what: t`hydrosol` } } : {}),
        }}
        inWords={
          hydrosolMl > 0
            ? t`${still.name}, charged with ${words(charge)} and ${words(water)} of water; ${words(came)} of hydrosol came of it.`
            : t`${still.name}, charged with ${words(charge)} and ${words(water)} of water.`
        }
      />
    </Card>
  );
}
