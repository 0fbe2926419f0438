import { neverWords } from "./neverWords";
import {
  fixed,
  showDuration,
  showMass,
  showTemperature,
  showVolume,
  significant,
  words,
} from "@/core/units/format";
import type { CraftStop, PlanChange, Warning, WarningOf } from "@/core/plan/warning";
import type { Method } from "@/core/still/methods";
import type { UnitSystem } from "@/core/units/units";

/** What is wrong and what comes of it, and what to do about it. */
export interface WarningWords {
  message: string;
  remedy: string;
}

type Says = {
  [Code in Warning["code"]]: (warning: WarningOf<Code>, units: UnitSystem) => WarningWords;
};

const mass = (massG: number, units: UnitSystem) => words(showMass(massG, units));
const volume = (volumeMl: number, units: UnitSystem) => words(showVolume(volumeMl, units));
const degrees = (temperatureC: number, units: UnitSystem) =>
  words(showTemperature(temperatureC, units));
const height = (mm: number, units: UnitSystem) =>
  units === "metric" ? `${fixed(mm, 0)} mm` : `${fixed(mm / 25.4, 1)} in`;

const overflows: Record<Method, string> = {
  steam: "The water comes too near the basket: it would spatter into the plant and boil it.",
  hydro: "The pot is too full: it would boil over into the condenser.",
  cohobation: "The flask is too full: it would boil over into the condenser.",
  bowl: "The water would boil up into the bowl and spoil what is in it.",
};

const wrongReceiver: Record<WarningOf<"wrongReceiver">["layer"], string> = {
  floats: "This oil floats: the receiver for sinking oil would let it run out with the water.",
  sinks:
    "This oil sinks: a receiver that keeps the top layer would send it down the drain with the water.",
  hangs:
    "This oil hangs in the water and never makes a layer: a receiver with two arms would lose it.",
};

const dryRemedies: Record<
  WarningOf<"dryBeforeStop">["way"],
  (warning: WarningOf<"dryBeforeStop">, units: UnitSystem) => string
> = {
  water: ({ missingMl }, units) =>
    `Start with ${volume(missingMl, units)} more water, or load less plant.`,
  shorter: ({ minutes }) =>
    `No more water fits. Stop after ${Math.floor(minutes)} min, or load less plant.`,
  none: () => "No more water fits: load less plant at once.",
};

const says: Says = {
  noRoom: () => ({
    message:
      "This still has no room for a charge this way: its basket or vessel is missing or too low.",
    remedy: "Check the still's measures on the Bench, or choose the other method.",
  }),
  littleHeadspace: ({ freeMm, belongsMm, chargeG, fitsG, charges }, units) => ({
    message: `Only ${height(freeMm, units)} stay free above ${mass(chargeG, units)} where ${height(belongsMm, units)} belong: wet plant swells into the vapour path. With its headspace this still takes ${mass(Math.floor(fitsG), units)} at once.`,
    remedy: `Make ${charges} charges.`,
  }),
  overfull: ({ chargeG, fitsG, charges }, units) => ({
    message: `${mass(chargeG, units)} is more than fits: this still takes ${mass(Math.floor(fitsG), units)} at once. Packed fuller, steam stalls or plant blocks the vapour path.`,
    remedy: `Make ${charges} charges.`,
  }),
  tooMuchWater: ({ method, fitsMl }, units) => ({
    message: overflows[method],
    remedy: `Use ${volume(fitsMl, units)} at most.`,
  }),
  manyCharges: ({ charges }) => ({
    message: `${charges} charges are days of work for this still.`,
    remedy: "Distil what stays fresh, dry the rest, or use a larger still.",
  }),
  smallCharge: ({ share, fitsG }, units) => ({
    message: `The still is large for so little: it would take ${mass(fitsG, units)}, and is ${fixed(100 * share, 0)} % full.`,
    remedy:
      "Walls and tubes keep what little oil comes. A smaller still suits it, or a second harvest, or oil of several runs poured together.",
  }),
  bowlFull: ({ minutes }) => ({
    message: `The bowl is full after ${minutes} min: what comes then runs back into the pot.`,
    remedy: `Stop after ${minutes} min, or lift the bowl out with the heat off and empty it.`,
  }),
  scorches: ({ advised }) => ({
    message:
      "Fine powder sinks in the water, cakes on the hot floor and scorches: the whole oil smells of it.",
    remedy: `${advised} instead, or keep the powder off the floor in a bag.`,
  }),
  mats: ({ advised }) => ({
    message:
      "It will mat: steam cuts a channel and leaves the rest. The forecast counts a fifth less free oil.",
    remedy: advised
      ? `${advised}: that keeps ways open.`
      : "Let it swim instead, or layer it loosely.",
  }),
  pith: ({ advised }) => ({
    message: "Pith holds no oil, drinks water, gels and froths: half of the charge is ballast.",
    remedy: `${advised}.`,
  }),
  oldStock: ({ months, shareLost }) => ({
    message: `After ${Math.round(months)} months about ${Math.round(shareLost * 100)} % of its oil is gone, the lightest and brightest first. The forecast counts that.`,
    remedy: "Smell it when crushed: if little comes, use it for the bath and dry new.",
  }),
  froths: ({ plantName, canSteam }) => ({
    message: `${plantName} froths in water and can climb into the head.`,
    remedy: canSteam
      ? "Keep it over the steam, or heat slowly with the fill a fifth lower, as this plan does."
      : "Heat slowly to the boil, and keep the fill a fifth lower, as this plan does.",
  }),
  plantHazard: ({ hazard }) => ({
    message: hazard,
    remedy: "Bear it in mind before you load the still.",
  }),
  poisonousPlant: ({ plantName }) => ({
    message: `${plantName} is poisonous: its oil in a spoonful, its water in a glass.`,
    remedy: "Leave it, or say why you do it and where you keep it locked.",
  }),
  neverDistil: ({ plantName, why }) => ({
    message: `${plantName} is not distilled at home. ${neverWords[why]}`,
    remedy: "Leave it. If yours is another plant, say which.",
  }),
  oilSets: ({ plantName, setsBelowC, coldestC, warmC }, units) => ({
    message: `The oil of ${plantName.toLowerCase()} sets below about ${degrees(setsBelowC, units)}. Cooled to ${degrees(coldestC, units)} it can stop up the condenser, and a stopped still builds pressure.`,
    remedy: `Let the cooling water be ${degrees(warmC, units)} or warmer, and leave the ice out.`,
  }),
  tubTooWarm: ({ limitC, minutes, endC, iceKg }, units) => ({
    message: `The tub passes ${degrees(limitC, units)} ${Math.round(minutes)} min after the first drop and would end at ${degrees(Math.min(99, endC), units)}: distillate comes warm and oil leaves with the air.`,
    remedy:
      iceKg === undefined
        ? "Swap the tub's water before then for water that is warm enough for this oil."
        : `Start with ${mass(iceKg * 1000, units)} of ice in it, or swap its water before then.`,
  }),
  tapTooSlow: ({ litresPerMin, usualLitresPerMin }, units) => ({
    message: `This pace asks for ${volume(litresPerMin * 1000, units)} of water a minute; an ordinary tap gives about ${volume(usualLitresPerMin * 1000, units)}.`,
    remedy: "Run it gently, or let the water warm up more on its way.",
  }),
  muchIce: ({ iceKg }, units) => ({
    message: `The lid melts ${mass(iceKg * 1000, units)} of ice over this run.`,
    remedy: "Freeze it the night before in bags that fit the lid, and pour the melt off.",
  }),
  neverBoils: ({ boilC }, units) => ({
    message: `This heat never brings the still to ${degrees(boilC, units)}: what it gives, the still loses to the room.`,
    remedy: "Use more power, insulate the still, or check the heat source's figures.",
  }),
  rateBeyondHeat: ({ wishedMlPerMin, mostMlPerMin }) => ({
    message: `This heat gives ${significant(mostMlPerMin, 2)} mL a minute at most, not ${significant(wishedMlPerMin, 2)}: the plan reckons with what it gives.`,
    remedy: "Leave it so, or use more power.",
  }),
  dryBeforeStop: (warning, units) => ({
    message: warning.soaks
      ? "The plant soaks up the water: none is left above the dry line when the first drop comes."
      : warning.minutes < 1
        ? "The water stands at or under the dry line before the first drop comes."
        : `The pot reaches its dry line ${showDuration(Math.floor(warning.minutes))} after the first drop, before the run is done.`,
    remedy: dryRemedies[warning.way](warning, units),
  }),
  littleKnownOil: ({ namedShare }) => ({
    message: `Only ${Math.round(namedShare * 100)} % of this oil is named: the rest is taken to be like it.`,
    remedy: "Name more of its compounds, or trust its density and solubility less.",
  }),
  noOilToSee: ({ never, way }) => ({
    message: never
      ? "No oil will show: the hydrosol takes up all of it."
      : "Most likely no oil will show: the hydrosol takes up nearly all of it.",
    remedy:
      way === "none"
        ? "Distil it for its hydrosol, stop earlier, or charge more plant for the same water."
        : way === "flowsBack"
          ? "Let the hydrosol flow back: then only the pot's water drinks oil."
          : `Stop after ${way.minutes} min: less water drinks less oil. Or distil it for its hydrosol.`,
  }),
  neverPours: ({ layer, poursAtMm }, units) => ({
    message:
      poursAtMm <= 0
        ? "In these arms the water itself would leave by the oil's arm: the oil is never kept."
        : layer === "sinks"
          ? `These arms pour this oil only from ${height(poursAtMm, units)} on, which is more than they hold.`
          : `This oil is so near to water that two arms would pour it only from ${height(poursAtMm, units)} on: it never does.`,
    remedy: "Draw it off by hand, warm, before the layer leaves with the water.",
  }),
  oilSinks: () => ({
    message: "This oil is heavier than water: it gathers at the bottom.",
    remedy: "Use a receiver that draws from below, and throw no first water away.",
  }),
  oilHangs: () => ({
    message: "This oil is as heavy as water: it hangs in the hydrosol.",
    remedy: "Settle it warm or with salt, in a tall vessel, overnight.",
  }),
  stopsAtOnce: ({ usualMinutes }) => ({
    message: "By its stop this run would end with its first drop: nothing would be distilled.",
    remedy: `Ask for less in ten more minutes, or stop by the clock after the usual ${usualMinutes} min.`,
  }),
  wrongReceiver: ({ layer, another }) => ({
    message: wrongReceiver[layer],
    remedy: another
      ? "Put the other receiver under."
      : "Catch it all in a jar and part it there, after a night's rest.",
  }),
};

/** A warning as a person reads it, in their units. */
export function warningWords<Code extends Warning["code"]>(
  warning: WarningOf<Code>,
  units: UnitSystem,
): WarningWords {
  return (says[warning.code] as (warning: WarningOf<Code>, units: UnitSystem) => WarningWords)(
    warning,
    units,
  );
}

/** A remedy on its button, where there are two: "1.8 L of water". */
export function remedyLabel(change: PlanChange, units: UnitSystem): string {
  if (change.waterMl != null) return `${volume(change.waterMl, units)} of water`;
  if (change.minutes !== undefined) return `Stop after ${change.minutes} min`;
  if (change.charges !== undefined) return `${change.charges} charges`;
  return "Do that";
}

/** A stop of craft that somebody went past, in a few words. */
export const craftStopWords: Record<CraftStop, string> = {
  poisonousPlant: "Poisonous plant",
  neverDistil: "Plant that is not distilled at home",
  littleHeadspace: "Little headspace",
  overfull: "Packed fuller than usual",
  tooMuchWater: "More water than usual",
  oilSets: "Cooled below where the oil sets",
  wrongReceiver: "Another receiver than advised",
  stopsAtOnce: "Stopped at the first drop",
};
