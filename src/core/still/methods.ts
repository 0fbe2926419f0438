/**
 * Steam through plant above the water; plant in the water; the same with the hydrosol flowing back;
 * a bowl in a covered pot, with ice on the lid.
 */
export const methods = ["steam", "hydro", "cohobation", "bowl"] as const;
export type Method = (typeof methods)[number];
