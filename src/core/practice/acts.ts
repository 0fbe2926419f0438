/** What a person does at a practice still: with the cockpit's own buttons, with the senses, and with the hands. */
export const actCodes = [
  /* The cockpit's own: heat in W, ice in kg, water in mL. */
  "heat",
  "ice",
  "water",
  "jarSwapped",
  "heatOff",
  /* The senses. */
  "look",
  "smell",
  "listen",
  "feel",
  /* The hands. */
  "waterOn",
  "stir",
  "warmCooling",
  "seal",
  "tighten",
  "drain",
  "closeTap",
  "relight",
  "repack",
  "openLid",
  "stopHelper",
] as const;
export type ActCode = (typeof actCodes)[number];

/** Acts that carry a figure: W, kg, mL. */
export const measuredActs = ["heat", "ice", "water"] as const satisfies readonly ActCode[];

/** One act, and how much where it is measured. */
export interface Act {
  code: ActCode;
  amount?: number;
}

/** An act at a second of the run, counted from heat on. */
export interface TimedAct extends Act {
  second: number;
}
