import { showDuration } from "@/core/units/format";
import { t } from "@/language/t";
import type { SettlingTime } from "@/logbook/run/settlingTime";

/** What such a time comes to, in words. */
export function settlingWords({ minutes, share }: SettlingTime): string {
  return Number.isFinite(minutes)
    ? t`${Math.round(share * 100)} % of the fine drops have separated ${showDuration(minutes)} after heat off`
    : t`The oil hardly separates: it is as heavy as the water`;
}
