import { extraction } from "./usualRelease";
import type { Tissue } from "./plant";

/** κ of the washing law for a tissue: glands on the surface are reached by far more steam. */
export function washingOf(tissue: Tissue): number {
  return tissue === "surfaceGlands" ? extraction.washingSurface : extraction.washing.usual;
}
