/** A trap for light oils lets the water out below, one for heavy oils above. */
export const trapKinds = ["floats", "sinks"] as const;
export type TrapKeeps = (typeof trapKinds)[number];
