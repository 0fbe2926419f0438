/* The public face of the computation. What is not here may change. */
export {
  bestBy,
  keepingClasses,
  keepingMonths,
  usualKeepingRule,
  type Glass,
  type KeepingClass,
  type KeepingRule,
  type Product,
  type StoragePlace,
} from "./shelf/bestBy";
export { movedBestBy, type Move } from "./shelf/movedBestBy";
export {
  phStep,
  verdictOf,
  verdicts,
  type Noticed,
  type Sign,
  type Verdict,
} from "./shelf/verdict";
export { boilingPointC } from "./water/saturation";
export { pressureAtAltitudePa } from "./water/atmosphere";
export {
  cylinderHeightMm,
  cylinderVolumeMl,
  isRound,
  potHeightMm,
  type StillShape,
} from "./still/geometry";
export { heatKinds, heatSources, type HeatKind } from "./still/heatSources";
export { metalKinds, type Metal } from "./still/metal";
export { fillLimits, methodsOf } from "./still/fillLimits";
export { lossWPerK, vesselJPerK, type StillFigures } from "./still/stillFigures";
export { forecastInSteps, forecastRun, type ForecastOptions } from "./forecast/forecastRun";
export { type Forecast } from "./forecast/forecast";
export { type ForecastRequest } from "./forecast/request";
export {
  endings,
  stopRuleNames,
  type EndsBy,
  type StopRule,
  type StopRuleName,
} from "./forecast/stopRules";
export { keysOf } from "./keysOf";
export { safety } from "./safety";
export {
  constructionKinds,
  constructionOf,
  constructions,
  type Construction,
} from "./still/constructions";
export { craftStops, isCraftStop, type CraftStop } from "./plan/warning";
export { catchesIn, methods, type Catches, type Method } from "./still/methods";
export { layerMm } from "./separation/layer";
export { minutesToSettle, settledShare, type Settling } from "./separation/settling";
export { boilingTogether, mostTotal, oilProperties, type OilProperties } from "./plant/oil";
export {
  dryingRate,
  figuresAt,
  hoursUntil,
  moistureAfter,
  moistureOf,
  wiltingSigns,
  type WiltingSign,
} from "./plant/wilting";
export {
  dayOfYear,
  daysUntilOpen,
  harvestWindow,
  hasSeasons,
  type Garden,
  type Window,
} from "./calendar/harvestWindows";
export { warmFeed, type WarmFeed } from "./cooling/warmFeed";
export { markOf, plantMarks, type PlantMark } from "./plant/plantMarks";
export {
  cautions,
  mostOnSkin,
  mostOnSkinOf,
  usualSkinMost,
  type Care,
  type Caution,
  type Whose,
} from "./plant/cautions";
export { productCautionNames, productCautions, type ProductCaution } from "./plant/productCautions";
export { plantById, plants } from "./plant/catalogue";
export {
  plantStates,
  tissues,
  type Plant,
  type PlantState,
  type StateFigures,
  type Tissue,
} from "./plant/plant";
export { type ChargePlan } from "./plan/chargePlan";
export {
  notesAt,
  notesOfRun,
  usualCuts,
  type CutJar,
  type NoteBand,
  type Notes,
} from "./plan/notes";
export { planCharges } from "./plan/planCharges";
export { noteFamilies, type NoteFamily } from "./plant/noteFamilies";
export { type OwnFill, type PlanInput, type Site, type WaterRule } from "./plan/planInput";
export { stillTakes, weightOfVolume, type Guessed } from "./plan/stillTakes";
export { type PlanChange, type Warning, type WarningOf } from "./plan/warning";
export { massForWish, WishRefusal, type Wish, type WishProblem } from "./plan/massForWish";
export {
  stopAlone,
  stopChoices,
  tenMoreMinutes,
  type StopChoice,
  type TenMore,
} from "./plan/stopChoices";
export { fuelFor, type Prices } from "./plan/fuel";
export { gentleRateMlPerMin, type Pace } from "./plan/pace";
export { contentFromRun } from "./plan/ownRun";
export { schoolQuestions, type School, type SchoolQuestion } from "./plan/schools";
export {
  keptFromUm,
  minutesToPart,
  partedAfter,
  partingOf,
  visibleMm,
  type Arms,
  type Parting,
  type PartingRequest,
} from "./separation/parting";
export { brineDensity, brineViscosity, mostSaltGPerL } from "./separation/brine";
export { finerShare } from "./separation/settling";
export {
  heightOf,
  radiusAt,
  vesselShapes,
  volumeBelow,
  type Hollow,
  type VesselShape,
} from "./separation/vessel";
export {
  flowsThrough,
  insideOf,
  vesselKindRows,
  vesselKinds,
  type ToldVessel,
  type VesselKind,
} from "./separation/vesselKinds";
export {
  branchesOf,
  branches,
  clings,
  stepCodes,
  stepsFor,
  type Branch,
  type StepCode,
} from "./separation/steps";
export { shareOut } from "./yield/shareOut";
export { oilFlows, waterFlows, type OilFlows, type WaterFlows } from "./yield/flows";
export {
  explainRun,
  reasons,
  type Explained,
  type Reason,
  type RunToExplain,
} from "./yield/explain";
export { cutReasons, cutsOfPlan, nextCut, type Cut, type CutReason } from "./plan/cuts";
export { narrowedBy, type Narrowed, type Range } from "./statistics/ownRuns";
export {
  condensers,
  iceKinds,
  planCooling,
  tapKinds,
  tubKinds,
  type Condenser,
  type CondenserKind,
  type CoolingPlan,
  type TubKind,
} from "./cooling/condenser";
export {
  condenserDutyJ,
  coolingWaterL,
  distillateOutC,
  iceKg,
  usualCoolingOutC,
} from "./cooling/duty";
export {
  calibrate,
  CalibrationRefusal,
  type Calibration,
  type CalibrationProblem,
  type WaterRun,
} from "./still/calibrate";
export { minutesToHeat } from "./still/heatUp";
export {
  jarDiameterMm,
  receiverFit,
  receiverKinds,
  receivers,
  usualLipStepMm,
  widestShowingMm,
  type Receiver,
  type ReceiverFit,
  type ReceiverKind,
} from "./separation/receiver";
export { preparationOf, preparationsOf, type Preparation } from "./plant/preparation";
export { moonPhase, type MoonPhase } from "./calendar/moon";
export { dropsToMl, oilForDilution, percentToMlPerKg, usualDropsPerMl } from "./yield/convert";
export { latentHeat, waterHeatCapacity } from "./water/properties";
export { type ChargeLevels } from "./plan/chargeLevels";
export { normalStream, type Percentiles } from "./statistics/chance";
export { parseNumber } from "./units/parseNumber";
export { parseAmount, parseCounted } from "./units/parseAmount";
export { deviceLanguage, measuresInOunces, speak } from "./units/language";
export * from "./units/dates";
export * from "./units/format";
export {
  inUnit,
  meaningOf,
  readNumber,
  toInput,
  type NumberInput,
  type NumberRange,
  type ReadNumber,
} from "./units/numberInput";
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
export { fullShare, liveEstimate, type LiveEstimate } from "./run/liveEstimate";
export { cueCodes, cues, type Cue, type CueInput } from "./run/nextCue";
export { boilsWithItsOil, steamAtPower } from "./forecast/runModel";
export { rateAtPower } from "./forecast/simulate";
export { doubts, watchRun, type Doubt, type Seen, type WatchedForecast } from "./run/watchedRun";
export { playWatched } from "./run/playWatched";
export { thinned, type Series } from "./statistics/thin";
export { alarmCodes, alarms, type Alarm } from "./run/alarms";
export { virtualStill, type Channel, type Fault, type VirtualStill } from "./run/virtualStill";
export { tubNow, type TubNow } from "./cooling/tubNow";
export { chargeLevels } from "./plan/chargeLevels";
export { compounds, type Compound } from "./plant/compounds";
export { compoundVapourPressurePa } from "./plant/vapourPressure";
export { energyKWh } from "./forecast/energy";
export { usualWorthMl } from "./plan/usualWorth";
export { hydrosolToKeep, worthShareOf } from "./plan/hydrosolToKeep";
export { massInState } from "./plant/massInState";
export { dripRateMlPerMin, dropsForRate } from "./run/dripRate";
