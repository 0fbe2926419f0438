import { fixed } from "@/core/units/format";
import { showDay } from "@/core/units/dates";
import { t } from "@/language/t";
import type { Still } from "@/records/still";

/** A still's calibration in a line. */
export function calibrationWords({ calibration, heat, lossWPerK }: Still): string {
  if (!calibration)
    return t`Not yet. The plan uses what is usual for this heat. A run with water alone measures it.`;
  return t`${showDay(new Date(calibration.on))}: ${fixed((heat.efficiency ?? 0) * 100, 0)} % reaches the pot, ${fixed(lossWPerK ?? 0, 1)} W/K goes to the room`;
}
