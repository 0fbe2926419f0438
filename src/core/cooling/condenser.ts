import { condenserDutyJ, coolingWaterL, iceKg, distillateOutC } from "./duty";
import { heatUntil, iceToHoldKg, tubAfter } from "./tub";

/**
 * What cools the vapour: a coil in a tub, a jacket on the tap, a jacket fed from a tub by a pump, or
 * ice on an inverted lid.
 */
export type Condenser =
  | { kind: "tubCoil" | "recirculated"; tubL: number; iceKg: number }
  | { kind: "tap"; riseK: number }
  | { kind: "iceLid"; iceKg: number };

/** Cooling of one charge over its run. */
export interface CoolingPlan {
  kind: Condenser["kind"];
  /** Heat to carry away, J, and per minute. */
  dutyJ: number;
  dutyJPerMin: number;
  /** Tap water: flow for the allowed rise, L/min, and in all, L. */
  tap?: { litresPerMin: number; litres: number; outC: number };
  /** Tub: at the end, when it passes its limit (minutes from the first drop, null: never), ice that would hold it. */
  tub?: {
    limitC: number;
    endC: number;
    iceLeftKg: number;
    minutesToLimit: number | null;
    iceToHoldKg: number;
    curve: { minutes: number; temperatureC: number }[];
  };
  /** Ice to make the night before, kg. */
  iceKg: number;
}

/**
 * How warm a tub may get. Distillate leaves a coil some 5 K above its tub and a pumped jacket some
 * 8 K above it; at 40 °C oil begins to leave with the air.
 */
export const tubLimitC = { tubCoil: 35, recirculated: 32 };
const curvePoints = 24;

/** What a charge's distillate asks of a condenser. */
export function planCooling(
  condenser: Condenser,
  run: { distillateMl: number; runMinutes: number; boilC: number; coolingInC: number },
): CoolingPlan {
  const dutyJ = condenserDutyJ(run.distillateMl, run.boilC, distillateOutC);
  const dutyJPerMin = run.runMinutes > 0 ? dutyJ / run.runMinutes : 0;
  const common = { kind: condenser.kind, dutyJ, dutyJPerMin };
  if (condenser.kind === "tap") {
    const outC = run.coolingInC + condenser.riseK;
    return {
      ...common,
      tap: {
        litresPerMin: coolingWaterL(dutyJPerMin, run.coolingInC, outC),
        litres: coolingWaterL(dutyJ, run.coolingInC, outC),
        outC,
      },
      iceKg: 0,
    };
  }
  if (condenser.kind === "iceLid") return { ...common, iceKg: iceKg(dutyJ) };
  const tub = { litres: condenser.tubL, startC: run.coolingInC, iceKg: condenser.iceKg };
  const limitC = tubLimitC[condenser.kind];
  const end = tubAfter(tub, dutyJ);
  const until = dutyJPerMin > 0 ? heatUntil(tub, limitC) / dutyJPerMin : Infinity;
  const hold = iceToHoldKg(tub, dutyJ, limitC);
  return {
    ...common,
    tub: {
      limitC,
      endC: end.temperatureC,
      iceLeftKg: end.iceLeftKg,
      minutesToLimit: until < run.runMinutes ? until : null,
      iceToHoldKg: hold,
      curve: Array.from({ length: curvePoints + 1 }, (_, i) => ({
        minutes: (run.runMinutes * i) / curvePoints,
        temperatureC: tubAfter(tub, (dutyJ * i) / curvePoints).temperatureC,
      })),
    },
    iceKg: Math.max(condenser.iceKg, hold),
  };
}
