import type { Method } from "../still/fillLimits";
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

/** Something about a plan that the person should know before the heat goes on. */
export interface Warning {
  /** Stable name for tests and scripts. */
  code: string;
  /** error: do not light it like this. caution: think. note: good to know. */
  severity: "error" | "caution" | "note";
  /** What is wrong and what happens. */
  message: string;
  /** What to do about it. */
  remedy: string;
  /** The remedy as a change that one tap can make. */
  change?: PlanChange;
}
