import type { Separated } from "@/records/entry";
import type { RunState } from "./runState";

/** Whether each jar's oil is told by itself. */
function toldByJar({ jars = [] }: Pick<Separated, "jars">): boolean {
  return jars.length > 1 && jars.every(({ oilMl }) => oilMl !== undefined);
}

/**
 * Oil that was drawn off later and stays beside what is measured, mL. It is of no jar: where the jars were told one by
 * one and are so again, it counts beside them; in one figure of all the oil it is contained.
 */
export function besideJars(
  { result, drawnOff }: Pick<RunState, "result" | "drawnOff">,
  measured: Pick<Separated, "jars">,
): number {
  if (!result || !toldByJar(result) || !toldByJar(measured)) return 0;
  return drawnOff.reduce((sum, { oilMl }) => sum + oilMl, 0);
}
