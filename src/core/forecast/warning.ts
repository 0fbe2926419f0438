import type { PreparationName } from "../plant/preparation";
import type { WhyNever } from "../plant/neverDistil";
import type { Method } from "../still/methods";
import type { Pace } from "./pace";

/** What a plan's warning may change when it is tapped. Only the named fields change. */
export interface PlanChange {
  massG?: number;
  charges?: number;
  waterMl?: number | null;
  /** Stop by the clock, minutes from the first drop. */
  minutes?: number;
  method?: Method;
  preparation?: string;
  pace?: Pace;
  iceKg?: number;
  coolingInC?: number;
  /** Place in the list of the still's other receivers. */
  otherReceiver?: number;
}

/** What a warning is about, as a code with its numbers: masses g, volumes mL, lengths mm, °C, min. */
type Warned =
  | { code: "noRoom" }
  /** Too much for the free space above the charge, or for the basket itself. */
  | {
      code: "littleHeadspace";
      freeMm: number;
      belongsMm: number;
      chargeG: number;
      fitsG: number;
      charges: number;
    }
  /** A pot that locks, of which nobody has said that it stands open. */
  | { code: "shutPot" }
  | { code: "overfull"; chargeG: number; fitsG: number; charges: number }
  | { code: "tooMuchWater"; method: Method; fitsMl: number }
  | { code: "manyCharges"; charges: number }
  | { code: "smallCharge"; share: number; fitsG: number }
  | { code: "bowlFull"; minutes: number }
  /** `advised`: the preparation that avoids it, by its name; absent where it is taken already. */
  | { code: "scorches"; advised: PreparationName }
  | { code: "mats"; advised?: PreparationName }
  | { code: "pith"; advised: PreparationName }
  | { code: "oldStock"; months: number; shareLost: number }
  | { code: "froths"; plantName: string; canSteam: boolean }
  | { code: "plantHazard"; hazard: string }
  /** Its oil or water is a poison: one goes on by one's own word. */
  | { code: "poisonousPlant"; plantName: string }
  /** On the list of what is not distilled at home, by its name or kin. */
  | { code: "neverDistil"; plantName: string; why: WhyNever }
  | { code: "oilSets"; plantName: string; setsBelowC: number; coldestC: number; warmC: number }
  /** `iceKg`: what would hold the tub; absent where the oil sets in the cold. */
  | { code: "tubTooWarm"; limitC: number; minutes: number; endC: number; iceKg?: number }
  | { code: "tapTooSlow"; litresPerMin: number; usualLitresPerMin: number }
  | { code: "muchIce"; iceKg: number }
  | { code: "neverBoils"; boilC: number }
  /** Nearly all of the heat goes to the room: the first drop comes after so many minutes. */
  | { code: "barelyBoils"; minutes: number }
  /** More steam than such a charge and a home still's condenser bear: `mostMlPerMin` is the greatest sensible rate. */
  | { code: "tooMuchHeat"; rateMlPerMin: number; mostMlPerMin: number; massG: number }
  /** More heat than the condenser's tube gives to its water, or faster steam in it than it should be. */
  | {
      code: "beyondCondenser";
      rateMlPerMin: number;
      mostMlPerMin: number;
      by: "cooling" | "speed" | "seen";
    }
  /** A rate of one's own that the heat cannot give. */
  | { code: "rateBeyondHeat"; wishedMlPerMin: number; mostMlPerMin: number }
  /**
   * The water that stands free beside what the plant holds comes to the dry line before the stop; `soaks`: the
   * plant drinks it before anything is distilled. `way`: more water, or a shorter run where no more fits.
   */
  | {
      code: "dryBeforeStop";
      minutes: number;
      missingMl: number;
      soaks: boolean;
      way: "water" | "shorter" | "none";
      /** The other way out: a smaller charge. */
      other?: PlanChange;
    }
  | { code: "littleKnownOil"; namedShare: number }
  /** `way`: what would leave some to be seen; an earlier stop with its minutes. */
  /** `onTubesMl`: what settled and stays on the tubes; `seriesMl`: what all of the plan's charges show together. */
  | {
      code: "noOilToSee";
      never: boolean;
      way: "none" | "flowsBack" | { minutes: number };
      onTubesMl?: number;
      seriesMl?: number;
    }
  /** A two-arm receiver whose layer would have to be thicker than its arm allows; 0 or less: the water would leave by the oil's arm. */
  | { code: "neverPours"; layer: "floats" | "sinks" | "hangs"; poursAtMm: number }
  | { code: "oilSinks" }
  | { code: "oilHangs" }
  | { code: "stopsAtOnce"; usualMinutes: number }
  /** Water runs back from a trap that does not keep this oil. */
  | { code: "wrongTrap"; layer: "floats" | "sinks" | "hangs" }
  | { code: "wrongReceiver"; layer: "floats" | "sinks" | "hangs"; another: boolean };

/** Something about a plan that the person should know before the heat goes on. */
export type Warning = Warned & {
  /** error: do not light it like this. caution: think. note: good to know. */
  severity: "error" | "caution" | "note";
  /** The remedy as a change that one tap can make. */
  change?: PlanChange;
};

/**
 * Stops about craft, and about what the plant is. Practitioners differ, so a person may go on with a reason, which is
 * kept with the run.
 * Every other error is dangerous, or cannot be done at all.
 */
export const craftStops = [
  "littleHeadspace",
  "overfull",
  "tooMuchWater",
  "oilSets",
  "wrongReceiver",
  "wrongTrap",
  "stopsAtOnce",
  "poisonousPlant",
  "neverDistil",
] as const satisfies readonly Warning["code"][];
export type CraftStop = (typeof craftStops)[number];

/** Whether a stop may be gone past with a reason. */
export function isCraftStop(code: Warning["code"]): code is CraftStop {
  return (craftStops as readonly string[]).includes(code);
}

/** One kind of warning with its numbers. */
export type WarningOf<Code extends Warning["code"]> = Extract<Warning, { code: Code }>;
