import type { Composition } from "@/core/plant/oil";
import type { Check } from "@/records/check";

/** What an oil is made of by the latest chromatogram of it; undefined where there is none. */
export function measuredShares(lotId: string, checks: readonly Check[]): Composition | undefined {
  let latest: Check | undefined;
  for (const check of checks)
    if (check.lotId === lotId && check.shares && check.at >= (latest?.at ?? "")) latest = check;
  return latest?.shares;
}
