import type { StateFigures } from "./plant";

/**
 * What a cut weighs in another state, g: water goes or comes, dry matter stays.
 * @param massG in the state it is in, 0 or more
 */
export function massInState(
  massG: number,
  from: Pick<StateFigures, "moisture">,
  to: Pick<StateFigures, "moisture">,
): number {
  return (massG * (1 - from.moisture)) / (1 - to.moisture);
}
