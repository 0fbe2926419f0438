import { format } from "date-fns/format";
import type { Phase } from "@/records/runState";

export const phaseWords: Record<Phase, string> = {
  ready: "Ready",
  heating: "Heating up",
  warming: "Warming the charge",
  distilling: "Distilling",
  settling: "Let it settle",
  done: "Done",
};

/** The clock time of a moment, with the day where it is not today. */
export function timeOf(moment: string | number, now = Date.now()): string {
  const date = new Date(moment);
  return format(date, "yyyyMMdd") === format(now, "yyyyMMdd")
    ? format(date, "HH:mm")
    : format(date, "d MMM HH:mm");
}
