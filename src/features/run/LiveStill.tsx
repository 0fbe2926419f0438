import { layerOf } from "@/core/plant/oil";
import { memo } from "react";
import { t } from "@/language/t";
import { usePlantBook } from "@/store/plants";
import { showMass, showVolume, words } from "@/core/units/format";
import type { LiveEstimate } from "@/core/run/liveEstimate";
import type { UnitSystem } from "@/core/units/units";
import { potWaterMl } from "@/logbook/run/potWaterMl";
import { liveLevels } from "@/logbook/run/liveLevels";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { lastWord } from "@/words/lastWord";
import type { Still } from "@/records/still";
import { stillShape } from "@/logbook/still/stillFigures";
import { Card } from "@/ui/primitives/Card";
import { StillDrawing } from "@/ui/drawings/StillDrawing";

interface Props {
  run: Run;
  state: RunState;
  still: Still;
  live: LiveEstimate | undefined;
  oilMl: number;
  lit: boolean;
  units: UnitSystem;
}

/** The still as it stands right now: the pot sinking towards its dry line, the jar filling. */
export const LiveStill = memo(function LiveStill({
  run,
  state,
  still,
  live,
  oilMl,
  lit,
  units,
}: Props) {
  const plantBook = usePlantBook();
  const shape = stillShape(still);
  const plant = plantBook.byId(run.plantId);
  const waterMl = potWaterMl(run, state, live);
  const levels = liveLevels(run, shape, waterMl, plant);
  return (
    <Card className="px-2 py-1">
      <StillDrawing
        shape={shape}
        levels={levels}
        hydro={run.plan.method !== "steam"}
        condenser={still.condenser?.kind}
        head={still.head}
        trapKeeps={still.trapKeeps}
        heatKind={still.heat.kind}
        lit={lit}
        jar={{
          sizeMl: run.plan.jarMl,
          hydrosolMl: live?.inJarMl ?? 0,
          oilMl: live ? oilMl : 0,
          oilSinks: layerOf(run.plan.forecast.oilDensityGPerMl) === "sinks",
        }}
        labels={{
          charge: {
            shown: showMass(run.plan.chargeG, units),
            what: lastWord(plant?.part ?? t`plant`),
          },
          water: { shown: showVolume(waterMl, units), what: t`in the pot` },
          dryLine: { shown: showVolume(run.plan.dryLineMl, units), what: t`dry line` },
          hydrosol: { shown: showVolume(live?.inJarMl ?? 0, units), what: t`in the jar` },
        }}
        inWords={t`${still.name}: about ${words(showVolume(waterMl, units))} left in the pot, ${words(showVolume(live?.inJarMl ?? 0, units))} in the jar.`}
      />
    </Card>
  );
});
