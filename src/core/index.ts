/* The public face of the computation, for scripts and the server; the app imports each file by its own path. */
export { forecastRun } from "./forecast/forecastRun";
export { plants } from "./plant/catalogue";
export { minutesToPart, partedAfter, partingOf } from "./separation/parting";
export { playWatched } from "./run/playWatched";
export type { Fault } from "./practice/faults";
export { virtualStill, type VirtualStill } from "./practice/virtualStill";
export { compounds } from "./plant/compounds";
export { compoundVapourPressurePa } from "./plant/vapourPressure";
export { productCare } from "./care/productCare";
export { planDay } from "./day/planDay";
export { blameFor, impossible } from "./day/blame";
