import { showDuration } from "@/core/units/format";
import type { SettlingTime } from "@/logbook/run/settlingTime";

/** What such a time comes to, in words. */
export function settlingWords({ minutes, share }: SettlingTime): string {
  return Number.isFinite(minutes)
    ? `${Math.round(share * 100)} % of the fine drops have separated ${showDuration(minutes)} after heat off`
    : "The oil hardly separates: it is as heavy as the water";
}
