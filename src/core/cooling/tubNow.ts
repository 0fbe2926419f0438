import { condensers, type Condenser } from "./condenser";
import { condenserDutyJ, distillateOutC } from "./duty";
import { heatUntil, tubAfter } from "./tub";

/** A tub while the still runs. */
export interface TubNow {
  temperatureC: number;
  iceLeftKg: number;
  limitC: number;
  /** Minutes until its limit at this rate; 0 or less when it is there. */
  minutesToLimit: number;
  /** Whether the temperature was read, or follows from the distillate. */
  measured: boolean;
}

interface Tubbed {
  condenser: Extract<Condenser, { tubL: number }>;
  /** At the start. */
  startC: number;
  iceAddedKg: number;
  boilC: number;
  distillateMl: number;
  rateMlPerMin: number;
  /** The last reading of the tub, the distillate then, and the ice put in since. */
  read?: { temperatureC: number; distillateMl: number; iceSinceKg: number };
}

/**
 * The tub's temperature from what has been distilled, carried on from its last reading where there is
 * one. Well mixed, without loss to the room.
 */
export function tubNow(run: Tubbed): TubNow {
  const { condenser, boilC, distillateMl, rateMlPerMin, read } = run;
  const limitC = condensers[condenser.kind].tubLimitC;
  const duty = (volumeMl: number) => condenserDutyJ(Math.max(0, volumeMl), boilC, distillateOutC);
  const tub = read
    ? { litres: condenser.tubL, startC: read.temperatureC, iceKg: read.iceSinceKg }
    : { litres: condenser.tubL, startC: run.startC, iceKg: condenser.iceKg + run.iceAddedKg };
  const taken = duty(read ? distillateMl - read.distillateMl : distillateMl);
  const { temperatureC, iceLeftKg } = tubAfter(tub, taken);
  const perMinute = duty(rateMlPerMin);
  return {
    temperatureC,
    iceLeftKg,
    limitC,
    minutesToLimit:
      temperatureC >= limitC
        ? 0
        : perMinute > 0
          ? (heatUntil(tub, limitC) - taken) / perMinute
          : Infinity,
    measured: read !== undefined,
  };
}

/** Whether a tub stays under its limit for so many minutes more. */
export function coldEnough({ minutesToLimit }: TubNow, minutes: number): boolean {
  return minutesToLimit > minutes;
}
