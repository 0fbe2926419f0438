import { usualKeepingRule } from "@/core/shelf/bestBy";
import type { Stock } from "@/logbook/shelf/shelf";

/** A shelf on which nothing stands, by the usual rule. */
export const emptyStock: Stock = {
  bottles: [],
  lots: [],
  uses: [],
  checks: [],
  rule: usualKeepingRule,
};

/** Near the sea, a mild room. */
export const sampleSite = { altitudeM: 0, airC: 18, waterC: 14, coolingInC: 14 };
