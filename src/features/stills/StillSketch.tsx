import { showVolume, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { sketchOf } from "@/logbook/still/sketchOf";
import { useUnits } from "@/store/hooks";
import { StillDrawing } from "@/ui/drawings/StillDrawing";

/** The still with as much as it takes of a middling herb, to see that its measures are right. */
export function StillSketch({ still }: { still: Still }) {
  const units = useUnits();
  const { waterMl, ...sketch } = sketchOf(still);
  return (
    <StillDrawing
      {...sketch}
      heatKind={still.heat.kind}
      condenser={still.condenser?.kind}
      head={still.head}
      trapKeeps={still.trapKeeps}
      labels={{
        water: { shown: showVolume(waterMl, units), what: t`most water` },
        dryLine: { shown: showVolume(still.dryLineMl, units), what: t`dry line` },
        hydrosol: {
          shown: showVolume(sketch.jar.sizeMl, units),
          what: sketch.shape.bowl ? t`bowl` : t`jar`,
        },
      }}
      inWords={t`${still.name || t`The still`} to scale: it holds ${words(showVolume(still.potVolumeMl, units))}, dry line at ${words(showVolume(still.dryLineMl, units))}.`}
    />
  );
}
