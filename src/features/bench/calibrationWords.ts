import { format } from "date-fns/format";
import type { Still } from "@/records/still";

/** A still's calibration in a line. */
export function calibrationWords({ calibration, heat, lossWPerK }: Still): string {
  if (!calibration)
    return "Not yet: the plan reckons with what is usual for this heat. A clean run with water settles it.";
  return `${format(new Date(calibration.on), "d MMM yyyy")}: ${((heat.efficiency ?? 0) * 100).toFixed(0)} % reaches the pot, ${(lossWPerK ?? 0).toFixed(1)} W/K goes to the room`;
}
