import { keysOf } from "../keysOf";
import { condenserDutyJ, coolingWaterL, iceKg, distillateOutC } from "./duty";
import { heatUntil, iceToHoldKg, tubAfter } from "./tub";

/** What is true of one kind of condenser. */
interface CondenserRow {
  /** What carries the heat away: a tub of water, water from the tap, or ice alone. */
  by: "tub" | "tap" | "ice";
  /** How warm a tub may get, °C. */
  tubLimitC?: number;
  /** Its water flows, from the tap or by a pump. */
  flows: boolean;
  /** It stands apart from the still and can be chosen; an ice lid is the still's own. */
  chosen: boolean;
}

/**
 * What cools the vapour: a coil in a tub, a jacket on the tap, a jacket fed from a tub by a pump, or
 * ice on an inverted lid. Distillate leaves a coil some 5 K above its tub and a pumped jacket some
 * 8 K above it; at 40 °C oil begins to leave with the air. One row each.
 */
export const condensers = {
  tubCoil: { by: "tub", tubLimitC: 35, flows: false, chosen: true },
  tap: { by: "tap", flows: true, chosen: true },
  recirculated: { by: "tub", tubLimitC: 32, flows: true, chosen: true },
  iceLid: { by: "ice", flows: false, chosen: false },
} as const satisfies Record<string, CondenserRow>;

export type CondenserKind = keyof typeof condensers;
type CooledBy<By extends CondenserRow["by"]> = {
  [Kind in CondenserKind]: (typeof condensers)[Kind]["by"] extends By ? Kind : never;
}[CondenserKind];
/** The kinds that cool with a tub. */
export type TubKind = CooledBy<"tub">;

/** The kinds that are cooled so. */
function kindsBy<By extends CondenserRow["by"]>(by: By): [CooledBy<By>, ...CooledBy<By>[]] {
  return keysOf(condensers).filter((kind) => condensers[kind].by === by) as [
    CooledBy<By>,
    ...CooledBy<By>[],
  ];
}
export const tubKinds = kindsBy("tub");
export const tapKinds = kindsBy("tap");
export const iceKinds = kindsBy("ice");

/** A still's condenser with its tub, its tap or its ice. */
export type Condenser =
  | { kind: TubKind; tubL: number; iceKg: number }
  | { kind: CooledBy<"tap">; riseK: number }
  | { kind: CooledBy<"ice">; iceKg: number };

/** Cooling of one charge over its run. */
export interface CoolingPlan {
  kind: Condenser["kind"];
  /** Heat to carry away, J, and per minute. */
  dutyJ: number;
  dutyJPerMin: number;
  /** Tap water: flow for the allowed rise, L/min, and in all, L. */
  tap?: { litresPerMin: number; litres: number; inC: number; outC: number };
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
        inC: run.coolingInC,
        outC,
      },
      iceKg: 0,
    };
  }
  if (condenser.kind === "iceLid") return { ...common, iceKg: iceKg(dutyJ) };
  const tub = { litres: condenser.tubL, startC: run.coolingInC, iceKg: condenser.iceKg };
  const limitC = condensers[condenser.kind].tubLimitC;
  /* A tub is no hotter than it boils, however much more goes into it. */
  const boiled = (temperatureC: number) => Math.min(run.boilC, temperatureC);
  const end = tubAfter(tub, dutyJ);
  const until = dutyJPerMin > 0 ? heatUntil(tub, limitC) / dutyJPerMin : Infinity;
  const hold = iceToHoldKg(tub, dutyJ, limitC);
  return {
    ...common,
    tub: {
      limitC,
      endC: boiled(end.temperatureC),
      iceLeftKg: end.iceLeftKg,
      minutesToLimit: until < run.runMinutes ? until : null,
      iceToHoldKg: hold,
      curve: Array.from({ length: curvePoints + 1 }, (_, i) => ({
        minutes: (run.runMinutes * i) / curvePoints,
        temperatureC: boiled(tubAfter(tub, (dutyJ * i) / curvePoints).temperatureC),
      })),
    },
    iceKg: Math.max(condenser.iceKg, hold),
  };
}
