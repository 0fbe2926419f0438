import { type KeepingRule, usualKeepingRule } from "@/core/shelf/bestBy";
import type { Setting } from "@/records/setting";

/** The person's keeping rule: the usual one with what they changed. */
export function keepingRuleOf({ keepingRule }: Pick<Setting, "keepingRule">): KeepingRule {
  return { ...usualKeepingRule, ...keepingRule };
}
