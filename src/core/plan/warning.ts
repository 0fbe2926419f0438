/** What a plan's warning may change when it is tapped. Only the named fields change. */
export interface PlanChange {
  massG?: number;
  charges?: number;
  waterMl?: number | null;
  minutes?: number;
  method?: "steam" | "hydro";
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
