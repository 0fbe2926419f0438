/* The public face of the computation. What is not here may change. */
export { bestBy, keepingMonths, type Product, type StoragePlace } from "./shelf/bestBy";
export { boilingPointC } from "./water/saturation";
export { pressureAtAltitudePa } from "./water/atmosphere";
export {
  cylinderHeightMm,
  cylinderVolumeMl,
  potHeightMm,
  type Construction,
  type StillShape,
} from "./still/geometry";
export { defaultEfficiency, type HeatKind } from "./still/heatSource";
export { type Metal } from "./still/metal";
export { methodsOf, type Method } from "./still/fillLimits";
export { type StillFigures } from "./still/stillFigures";
export { forecastRun, type Forecast, type ForecastOptions } from "./forecast/forecastRun";
export { type ForecastRequest, type StopRule } from "./forecast/request";
export { layerMm } from "./separation/layer";
export { minutesToSettle, settledShare } from "./separation/settling";
export { oilProperties } from "./plant/oil";
export { plantById, plants } from "./plant/catalogue";
export { type Plant, type PlantState } from "./plant/plant";
export { planCharges, type ChargePlan, type PlanInput, type Site } from "./plan/planCharges";
export { type PlanChange, type Warning } from "./plan/warning";
export { type ChargeLevels } from "./plan/chargeLevels";
export { normalStream, type Percentiles } from "./statistics/chance";
export { parseNumber } from "./units/parseNumber";
export * from "./units/format";
export {
  fromCanonical,
  toCanonical,
  units,
  unitsFor,
  type NumberKind,
  type UnitName,
  type UnitSystem,
} from "./units/units";
export { waterDensity, waterViscosity } from "./water/properties";
export { yieldOf, type Yield } from "./yield/yield";
export { liveEstimate, type LiveEstimate } from "./run/liveEstimate";
export { nextCue, type Cue } from "./run/nextCue";
export { chargeLevels } from "./plan/chargeLevels";
export { compounds, type Compound } from "./plant/compounds";
