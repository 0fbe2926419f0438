import { keysOf } from "../keysOf";

/** What is true of one way of distilling. */
interface MethodRow {
  /**
   * Where the distillate ends: in a jar under the outlet, which is swapped; in a trap that keeps the oil and
   * sends the water back, so that the pot does not run dry by distilling; in a bowl under an iced lid.
   */
  catches: "jar" | "trap" | "bowl";
}

/**
 * Steam through plant above the water; plant in the water; the same with the hydrosol flowing back;
 * a bowl in a covered pot, with ice on the lid. One row each.
 */
const methodRows = {
  steam: { catches: "jar" },
  hydro: { catches: "jar" },
  cohobation: { catches: "trap" },
  bowl: { catches: "bowl" },
} as const satisfies Record<string, MethodRow>;

export type Method = keyof typeof methodRows;
export const methods = keysOf(methodRows);
export type Catches = MethodRow["catches"];

/** Where a way of distilling catches what comes over. */
export function catchesIn(method: Method): Catches {
  return methodRows[method].catches;
}
