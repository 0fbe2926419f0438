import { yieldOf } from "@/core/yield/yield";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import type { SeparateValues } from "./separateForm";
import { YieldTable } from "./YieldTable";

/** The yield on every basis, once what was measured can be read. */
export function YieldSoFar({
  run,
  read,
}: {
  run: Run;
  read: Pick<SeparateValues, "oil" | "hydrosol" | "density"> | undefined;
}) {
  const harvest = useAppSelector((root) =>
    run.harvestId ? root.harvest.entities[run.harvestId] : undefined,
  );
  const { dropsPerMl, units } = useAppSelector(selectPreferences);
  if (read?.oil === undefined)
    return (
      <Card>
        <Txt variant="small">{t`Enter the oil, and the yield appears here.`}</Txt>
      </Card>
    );
  const { chargeG, moisture, forecast } = run.plan;
  return (
    <YieldTable
      units={units}
      result={yieldOf({
        chargeG,
        moisture,
        oilMl: read.oil,
        oilDensityGPerMl: read.density ?? forecast.oilDensityGPerMl,
        hydrosolMl: read.hydrosol,
        ...(dropsPerMl === undefined ? {} : { dropsPerMl }),
        pieces: harvest?.counted ? (harvest.counted.count * chargeG) / harvest.massG : undefined,
      })}
    />
  );
}
