import { keysOf } from "../keysOf";

/** A run's course as a stop rule looks at it. Minutes are from the first drop. */
export interface Course {
  massG: number;
  /** When so much distillate has come, mL; Infinity where it never does. */
  minutesTo(distillateMl: number): number;
  /** From when on ten more minutes bring less oil than this, mL. */
  worthlessFrom(oilMl: number): number;
}

interface StopRuleRow {
  /** When the rule ends a run, minutes from the first drop. */
  endsAt(limit: number, run: Course): number;
  /** Its end hangs on time and water alone: the dry line may be reached before it. */
  plain: boolean;
}

/** The rules by which a run may stop, one row each: the name, and when such a limit is reached. */
export const stopRules = {
  /** Minutes from the first drop. */
  minutes: { endsAt: (limit) => limit, plain: true },
  /** Distillate, mL. */
  distillateMl: { endsAt: (limit, run) => run.minutesTo(limit), plain: true },
  /** Distillate per mass of plant, L/kg: 1 is the usual one to one. */
  perKg: { endsAt: (limit, run) => run.minutesTo(limit * run.massG), plain: true },
  /** Ten more minutes bring less oil than this, mL. */
  worthMlPer10Min: { endsAt: (limit, run) => run.worthlessFrom(limit), plain: false },
} as const satisfies Record<string, StopRuleRow>;

export type StopRuleName = keyof typeof stopRules;
export const stopRuleNames = keysOf(stopRules);

/** When the heat goes off: whichever of the named limits comes first, and always the dry line. */
export type StopRule = { [Name in StopRuleName]?: number };

/** What may end a run: a rule, or the water above the dry line. */
export type EndsBy = StopRuleName | "reserve";
export const endings = [...stopRuleNames, "reserve"] as [EndsBy, ...EndsBy[]];

/** When each named rule alone would end a run, minutes from the first drop. */
export function stopTimes(rule: StopRule, run: Course): Partial<Record<StopRuleName, number>> {
  const times: Partial<Record<StopRuleName, number>> = {};
  for (const name of stopRuleNames) {
    const limit = rule[name];
    if (limit !== undefined) times[name] = stopRules[name].endsAt(limit, run);
  }
  return times;
}

/** The rules that hang on time and water alone. */
export function plainRules(rule: StopRule): StopRule {
  const named = stopRuleNames.filter((name) => stopRules[name].plain && rule[name] !== undefined);
  return Object.fromEntries(named.map((name) => [name, rule[name]]));
}
