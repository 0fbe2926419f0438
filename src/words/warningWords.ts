import { neverWords } from "./neverWords";
import {
  fixed,
  showDuration,
  showFlow,
  showIce,
  showLength,
  showMass,
  showMostVolume,
  showOil,
  showTemperature,
  showVolume,
  words,
} from "@/core/units/format";
import type { CraftStop, PlanChange, Warning, WarningOf } from "@/core/plan/warning";
import type { Method } from "@/core/still/methods";
import { methodWords } from "./methodWords";
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
const height = (mm: number, units: UnitSystem) => words(showLength(mm, units));

const overflows: Record<Method, string> = {
  steam: "The water is too near the basket. It would splash into the plant and boil it.",
  hydro: "The pot is too full. It would boil over into the condenser.",
  cohobation: "The flask is too full. It would boil over into the condenser.",
  bowl: "The water would boil up into the bowl and spoil what is in it.",
};

const wrongReceiver: Record<WarningOf<"wrongReceiver">["layer"], string> = {
  floats: "This oil floats. The receiver for sinking oil would let it run out with the water.",
  sinks: "This oil sinks. A receiver that keeps the top layer would lose it with the water.",
  hangs:
    "This oil hangs in the water and never makes a layer. A receiver with two arms would lose it.",
};

const wrongTrap: Record<WarningOf<"wrongTrap">["layer"], string> = {
  floats: "This oil floats. A trap for heavy oils lets it run back into the pot.",
  sinks: "This oil sinks. A trap for light oils lets it run back into the pot.",
  hangs: "This oil hangs in the water. It runs back from any trap.",
};

const beyondCondenser: Record<
  WarningOf<"beyondCondenser">["by"],
  (drives: string, most: string) => string
> = {
  cooling: (drives, most) =>
    `This heat drives ${drives}. The condenser's tube turns at most ${most} to drops. The rest leaves as vapour, with its oil.`,
  speed: (drives) =>
    `At ${drives} the steam is too fast for so narrow a tube. It carries drops over and builds pressure.`,
  seen: (drives, most) =>
    `This heat drives ${drives}. On this still the outlet grew warm at ${most} before, though the cooling was in order.`,
};

const dryRemedies: Record<
  WarningOf<"dryBeforeStop">["way"],
  (warning: WarningOf<"dryBeforeStop">, units: UnitSystem) => string
> = {
  water: ({ missingMl }, units) =>
    `Start with ${volume(missingMl, units)} more water, or load less plant.`,
  shorter: ({ minutes }) =>
    `No more water fits. Stop after ${Math.floor(minutes)} min, or load less plant.`,
  none: () => "No more water fits. Load less plant at once.",
};

const says: Says = {
  noRoom: () => ({
    message:
      "This still has no room for a charge this way. Its basket or vessel is missing or too low.",
    remedy: "Check the still's measures on the Bench, or choose another method.",
  }),
  littleHeadspace: ({ freeMm, belongsMm, chargeG, fitsG, charges }, units) => ({
    message: `Only ${height(freeMm, units)} stay free above ${mass(chargeG, units)}; it should be ${height(belongsMm, units)}. Wet plant swells and can block the vapour path. This still takes ${mass(Math.floor(fitsG), units)} at once.`,
    remedy: `Make ${charges} charges.`,
  }),
  overfull: ({ chargeG, fitsG, charges }, units) => ({
    message: `${mass(chargeG, units)} is more than fits. This still takes ${mass(Math.floor(fitsG), units)} at once. Packed fuller, the steam stalls or plant blocks the vapour path.`,
    remedy: `Make ${charges} charges.`,
  }),
  tooMuchWater: ({ method, fitsMl }, units) => ({
    message: overflows[method],
    remedy: `Use ${words(showMostVolume(fitsMl, units))} at most.`,
  }),
  manyCharges: ({ charges }) => ({
    message: `${charges} charges are days of work for this still.`,
    remedy: "Distil what stays fresh, dry the rest, or use a larger still.",
  }),
  smallCharge: ({ share, fitsG }, units) => ({
    message: `The still is too large for so little: ${fixed(100 * share, 0)} % full, where ${mass(fitsG, units)} fit. Its walls and tubes keep much of the oil.`,
    remedy:
      "Use a smaller still, wait for a second harvest, or pour the oil of several runs together.",
  }),
  bowlFull: ({ minutes }) => ({
    message: `The bowl is full after ${minutes} min. What comes then runs back into the pot.`,
    remedy: `Stop after ${minutes} min, or lift the bowl out with the heat off and empty it.`,
  }),
  scorches: ({ advised }) => ({
    message:
      "Fine powder sinks in the water and burns on the hot floor. The whole oil smells of it.",
    remedy: `${advised} instead, or keep the powder off the floor in a bag.`,
  }),
  mats: ({ advised }) => ({
    message:
      "The charge will mat. Steam finds one channel and misses the rest; the plan counts a fifth less free oil.",
    remedy: advised
      ? `${advised}: it keeps paths open for the steam.`
      : "Put the plant in the water instead, or layer it loosely.",
  }),
  pith: ({ advised }) => ({
    message: "The white pith holds no oil. It soaks up water and froths.",
    remedy: `${advised}.`,
  }),
  oldStock: ({ months, shareLost }) => ({
    message: `After ${Math.round(months)} months about ${Math.round(shareLost * 100)} % of its oil is gone, the freshest notes first. The plan counts that.`,
    remedy: "Crush some and smell it. If there is little scent, dry new plant.",
  }),
  froths: ({ plantName, canSteam }) => ({
    message: `${plantName} froths in water and can climb into the head.`,
    remedy: canSteam
      ? "Distil it over steam, or heat slowly. This plan fills a fifth less."
      : "Heat slowly to the boil. This plan fills a fifth less.",
  }),
  plantHazard: ({ hazard }) => ({
    message: hazard,
    remedy: "",
  }),
  poisonousPlant: ({ plantName }) => ({
    message: `${plantName} is poisonous: a spoonful of its oil, a glass of its water.`,
    remedy: "Leave it, or enter why you do it and where you lock it away.",
  }),
  neverDistil: ({ plantName, why }) => ({
    message: `${plantName} is not distilled at home. ${neverWords[why]}`,
    remedy: "Leave it. If yours is another plant, enter which.",
  }),
  oilSets: ({ plantName, setsBelowC, coldestC, warmC }, units) => ({
    message: `The oil of ${plantName.toLowerCase()} sets below about ${degrees(setsBelowC, units)}. At ${degrees(coldestC, units)} it can block the condenser, and a blocked still builds pressure.`,
    remedy: `Keep the cooling water at ${degrees(warmC, units)} or warmer, without ice.`,
  }),
  tubTooWarm: ({ limitC, minutes, endC, iceKg }, units) => ({
    message: `The tub gets warmer than ${degrees(limitC, units)} ${showDuration(minutes)} after the first drop and ends at ${degrees(Math.min(99, endC), units)}. The distillate comes warm, and oil is lost to the air.`,
    remedy:
      iceKg === undefined
        ? "Change the tub's water before then, for water that is warm enough for this oil."
        : `Start with ${words(showIce(iceKg, units))} of ice in the tub, or change its water before then.`,
  }),
  tapTooSlow: ({ litresPerMin, usualLitresPerMin }, units) => ({
    message: `This flow needs ${volume(litresPerMin * 1000, units)} of cooling water a minute. An ordinary tap gives about ${volume(usualLitresPerMin * 1000, units)}.`,
    remedy: "Distil gently, or let the cooling water get warmer.",
  }),
  muchIce: ({ iceKg }, units) => ({
    message: `The lid melts ${words(showIce(iceKg, units))} of ice over this run.`,
    remedy: "Freeze it the night before in bags that fit the lid. Pour the melted water off.",
  }),
  neverBoils: ({ boilC }, units) => ({
    message: `This heat never brings the water to the boil at ${degrees(boilC, units)}. The still loses as much to the room.`,
    remedy: "Use more power, insulate the still, or check the heat source's figures.",
  }),
  barelyBoils: ({ minutes }) => ({
    message: `At this heat the first drop comes after ${showDuration(minutes)}. Nearly all of the heat goes to the room.`,
    remedy: "Use more power, wrap the still, or take less water.",
  }),
  tooMuchHeat: ({ rateMlPerMin, mostMlPerMin, massG }, units) => ({
    message: `This heat drives ${words(showFlow(rateMlPerMin, units))} through ${mass(massG, units)} of plant. That carries plant over, and vapour leaves a small condenser unseen.`,
    remedy: `Stay below ${words(showFlow(mostMlPerMin, units))}: turn the heat down once the first drop has come.`,
  }),
  shutPot: () => ({
    message:
      "This pot can lock. Nothing is planned under pressure: a pot that is shut bursts, and hotter steam spoils the oil.",
    remedy: "Take its weight off, open the way to the condenser, and say so in the still's form.",
  }),
  beyondCondenser: ({ rateMlPerMin, mostMlPerMin, by }, units) => ({
    message: beyondCondenser[by](
      words(showFlow(rateMlPerMin, units)),
      words(showFlow(mostMlPerMin, units)),
    ),
    remedy: `Stay below ${words(showFlow(mostMlPerMin, units))}: turn the heat down once the first drop has come.`,
  }),
  rateBeyondHeat: ({ wishedMlPerMin, mostMlPerMin }, units) => ({
    message: `This heat gives ${words(showFlow(mostMlPerMin, units))} at most, not ${words(showFlow(wishedMlPerMin, units))}. The plan counts with what it gives.`,
    remedy: "Leave it, or use more power.",
  }),
  dryBeforeStop: (warning, units) => ({
    message: warning.soaks
      ? "The plant soaks up the water. None is left above the dry line when the first drop comes."
      : warning.minutes < 1
        ? "The water is down to the dry line before the first drop comes."
        : `The pot reaches its dry line ${showDuration(Math.floor(warning.minutes))} after the first drop, before the run is done.`,
    remedy: dryRemedies[warning.way](warning, units),
  }),
  littleKnownOil: ({ namedShare }) => ({
    message: `Only ${Math.round(namedShare * 100)} % of this oil's compounds are entered. The rest is assumed to be like them.`,
    remedy: "Enter more of them, or trust its density and solubility less.",
  }),
  noOilToSee: ({ never, way, onTubesMl, seriesMl }) => ({
    message:
      seriesMl !== undefined
        ? `One charge shows no oil: it stays on the tubes. All of them together show about ${words(showOil(seriesMl))}.`
        : onTubesMl !== undefined
          ? `${never ? "No" : "Probably no"} visible oil: the ${words(showOil(onTubesMl))} that separate stay on the tubes.`
          : never
            ? "No visible oil: all of it dissolves in the hydrosol."
            : "Probably no visible oil: nearly all of it dissolves in the hydrosol.",
    remedy:
      way === "none"
        ? "Distil it for its hydrosol, stop earlier, or use more plant for the same water."
        : way === "flowsBack"
          ? "Let the hydrosol flow back. Then only the water in the pot dissolves oil."
          : `Stop after ${way.minutes} min: less water dissolves less oil. Or distil it for its hydrosol.`,
  }),
  neverPours: ({ layer, poursAtMm }, units) => ({
    message:
      poursAtMm <= 0
        ? "In this receiver the water leaves by the oil's arm. It never keeps the oil."
        : layer === "sinks"
          ? `This receiver pours this oil only from a layer of ${height(poursAtMm, units)}, which is more than it holds.`
          : `This oil is nearly as heavy as water. Two arms would pour it only from a layer of ${height(poursAtMm, units)}, so never.`,
    remedy: "Draw it off by hand, warm, before it leaves with the water.",
  }),
  oilSinks: () => ({
    message: "This oil is heavier than water. It gathers at the bottom.",
    remedy: "Use a receiver that draws from below, and keep the first water too.",
  }),
  oilHangs: () => ({
    message: "This oil is as heavy as water. It hangs in the hydrosol.",
    remedy: "Let it settle overnight in a tall vessel, warm or with salt.",
  }),
  stopsAtOnce: ({ usualMinutes }) => ({
    message: "This run would stop at its first drop. Nothing would be distilled.",
    remedy: `Enter less oil for ten more minutes, or stop by the clock after the usual ${usualMinutes} min.`,
  }),
  wrongTrap: ({ layer }) => ({
    message: wrongTrap[layer],
    remedy:
      layer === "hangs"
        ? "Distil without the water running back, and let the jar settle."
        : "Use the other trap (Bench, your still), or distil without the water running back.",
  }),
  wrongReceiver: ({ layer, another }) => ({
    message: wrongReceiver[layer],
    remedy: another
      ? "Use the other receiver."
      : "Catch it all in a jar. Separate it there after a night.",
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

/** A remedy on its button: what a tap does. */
export function remedyLabel(change: PlanChange, units: UnitSystem): string {
  if (change.massG !== undefined) return `Load ${mass(change.massG, units)}`;
  if (change.charges !== undefined) return `Make ${change.charges} charges`;
  if (change.waterMl === null) return "Use the calculated water";
  if (change.waterMl !== undefined) return `Use ${volume(change.waterMl, units)} of water`;
  if (change.minutes !== undefined) return `Stop after ${change.minutes} min`;
  if (change.method !== undefined) return `Choose: ${methodWords[change.method]}`;
  if (change.preparation !== undefined) return "Change the preparation";
  if (change.pace !== undefined) return change.pace === "gentle" ? "Go gently" : "Go briskly";
  if (change.iceKg !== undefined)
    return change.iceKg > 0
      ? `Add ${words(showIce(change.iceKg, units))} of ice`
      : "Leave the ice out";
  if (change.coolingInC !== undefined)
    return `Cool with water at ${degrees(change.coolingInC, units)}`;
  return "Use the other receiver";
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
  wrongTrap: "Another trap than advised",
  stopsAtOnce: "Stopped at the first drop",
};
