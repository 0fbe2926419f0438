import { showVolume, words } from "@/core/units/format";
import { chargeLevels } from "@/core/plan/chargeLevels";
import { fillLimits, methodsOf } from "@/core/still/fillLimits";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { stillShape } from "@/logbook/still/stillFigures";
import { catchMl } from "@/logbook/still/catchMl";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { StillDrawing } from "@/ui/drawings/StillDrawing";

/* A middling herb, to have something to draw. */
const herb = { packingGPerL: 200, waterMlPerG: 5, froths: false };

/** The still with as much as it takes of a middling herb, to see that its measures are right. */
export function StillSketch({ still }: { still: Still }) {
  const { units } = useAppSelector(selectPreferences);
  const shape = stillShape(still);
  const method = methodsOf(shape)[0] ?? "steam";
  const limits = fillLimits(shape, { method, ...herb });
  const waterMl = Math.max(0, limits.waterMl);
  const levels = chargeLevels(shape, {
    method,
    waterMl,
    chargeG: limits.chargeG,
    packingGPerL: herb.packingGPerL,
  });
  return (
    <StillDrawing
      shape={shape}
      levels={levels}
      hydro={method !== "steam"}
      heatKind={still.heat.kind}
      condenser={still.condenser?.kind}
      head={still.head}
      trapKeeps={still.trapKeeps}
      jar={{ sizeMl: catchMl(still), hydrosolMl: catchMl(still) / 2, oilMl: 0 }}
      labels={{
        water: { shown: showVolume(waterMl, units), what: t`most water` },
        dryLine: { shown: showVolume(still.dryLineMl, units), what: t`dry line` },
        hydrosol: {
          shown: showVolume(catchMl(still), units),
          what: shape.bowl ? t`bowl` : t`jar`,
        },
      }}
      inWords={t`${still.name || t`The still`} to scale: it holds ${words(showVolume(still.potVolumeMl, units))}, dry line at ${words(showVolume(still.dryLineMl, units))}.`}
    />
  );
}
