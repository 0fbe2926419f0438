import { t } from "@/language/t";
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
import type { CraftStop, PlanChange, Warning, WarningOf } from "@/core/forecast/warning";
import type { Method } from "@/core/still/methods";
import { methodWords } from "./methodWords";
import type { UnitSystem } from "@/core/units/units";
import { preparationText } from "./preparationWords";
import { plantInSentence } from "./plantInSentence";

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
  steam: t`The water is too near the basket. It would splash into the plant and boil it.`,
  hydro: t`The pot is too full. It would boil over into the condenser.`,
  cohobation: t`The flask is too full. It would boil over into the condenser.`,
  bowl: t`The water would boil up into the bowl and spoil what is in it.`,
};

const wrongReceiver: Record<WarningOf<"wrongReceiver">["layer"], string> = {
  floats: t`This oil floats. The receiver for sinking oil would let it run out with the water.`,
  sinks: t`This oil sinks. A receiver that keeps the top layer would lose it with the water.`,
  hangs: t`This oil hangs in the water and never makes a layer. A receiver with two arms would lose it.`,
};

const wrongTrap: Record<WarningOf<"wrongTrap">["layer"], string> = {
  floats: t`This oil floats. A trap for heavy oils lets it run back into the pot.`,
  sinks: t`This oil sinks. A trap for light oils lets it run back into the pot.`,
  hangs: t`This oil hangs in the water. It runs back from any trap.`,
};

const beyondCondenser: Record<
  WarningOf<"beyondCondenser">["by"],
  (drives: string, most: string) => string
> = {
  cooling: (drives, most) =>
    t`This heat drives ${drives}. The condenser's tube turns at most ${most} to drops. The rest leaves as vapour, with its oil.`,
  speed: (drives) =>
    t`At ${drives} the steam is too fast for so narrow a tube. It carries drops over and builds pressure.`,
  seen: (drives, most) =>
    t`This heat drives ${drives}. On this still the outlet grew warm at ${most} before, though the cooling was in order.`,
};

const dryRemedies: Record<
  WarningOf<"dryBeforeStop">["way"],
  (warning: WarningOf<"dryBeforeStop">, units: UnitSystem) => string
> = {
  water: ({ missingMl }, units) =>
    t`Start with ${volume(missingMl, units)} more water, or load less plant.`,
  shorter: ({ minutes }) =>
    t`No more water fits. Stop after ${Math.floor(minutes)} min, or load less plant.`,
  none: () => t`No more water fits. Load less plant at once.`,
};

const says: Says = {
  noRoom: () => ({
    message: t`This still has no room for a charge this way. Its basket or vessel is missing or too low.`,
    remedy: t`Check the still's measures on the Bench, or choose another method.`,
  }),
  littleHeadspace: ({ freeMm, belongsMm, chargeG, fitsG, charges }, units) => ({
    message: t`Only ${height(freeMm, units)} stay free above ${mass(chargeG, units)}; it should be ${height(belongsMm, units)}. Wet plant swells and can block the vapour path. This still takes ${mass(Math.floor(fitsG), units)} at once.`,
    remedy: t`Make ${charges} charges.`,
  }),
  overfull: ({ chargeG, fitsG, charges }, units) => ({
    message: t`${mass(chargeG, units)} is more than fits. This still takes ${mass(Math.floor(fitsG), units)} at once. Packed fuller, the steam stalls or plant blocks the vapour path.`,
    remedy: t`Make ${charges} charges.`,
  }),
  tooMuchWater: ({ method, fitsMl }, units) => ({
    message: overflows[method],
    remedy: t`Use ${words(showMostVolume(fitsMl, units))} at most.`,
  }),
  manyCharges: ({ charges }) => ({
    message: t`${charges} charges are days of work for this still.`,
    remedy: t`Distil what stays fresh, dry the rest, or use a larger still.`,
  }),
  smallCharge: ({ share, fitsG }, units) => ({
    message: t`The still is too large for so little: ${fixed(100 * share, 0)} % full, where ${mass(fitsG, units)} fit. Its walls and tubes keep much of the oil.`,
    remedy: t`Use a smaller still, wait for a second harvest, or pour the oil of several runs together.`,
  }),
  bowlFull: ({ minutes }) => ({
    message: t`The bowl is full after ${minutes} min. What comes then runs back into the pot.`,
    remedy: t`Stop after ${minutes} min, or lift the bowl out with the heat off and empty it.`,
  }),
  scorches: ({ advised }) => ({
    message: t`Fine powder sinks in the water and burns on the hot floor. The whole oil smells of it.`,
    remedy: t`${preparationText(advised).label} instead, or keep the powder off the floor in a bag.`,
  }),
  mats: ({ advised }) => ({
    message: t`The charge will mat. Steam finds one channel and misses the rest; the plan counts a fifth less free oil.`,
    remedy: advised
      ? t`${preparationText(advised).label}: it keeps paths open for the steam.`
      : t`Put the plant in the water instead, or layer it loosely.`,
  }),
  pith: ({ advised }) => ({
    message: t`The white pith holds no oil. It soaks up water and froths.`,
    remedy: t`${preparationText(advised).label}.`,
  }),
  oldStock: ({ months, shareLost }) => ({
    message: t`After ${Math.round(months)} months about ${Math.round(shareLost * 100)} % of its oil is gone, the freshest notes first. The plan counts that.`,
    remedy: t`Crush some and smell it. If there is little scent, dry new plant.`,
  }),
  froths: ({ plantName, canSteam }) => ({
    message: t`${plantName} froths in water and can climb into the head.`,
    remedy: canSteam
      ? t`Distil it over steam, or heat slowly. This plan fills a fifth less.`
      : t`Heat slowly to the boil. This plan fills a fifth less.`,
  }),
  plantHazard: ({ hazard }) => ({
    message: hazard,
    remedy: "",
  }),
  poisonousPlant: ({ plantName }) => ({
    message: t`${plantName} is poisonous: a spoonful of its oil, a glass of its water.`,
    remedy: t`Leave it, or enter why you do it and where you lock it away.`,
  }),
  neverDistil: ({ plantName, why }) => ({
    message: t`${plantName} is not distilled at home. ${neverWords[why]}`,
    remedy: t`Leave it. If yours is another plant, enter which.`,
  }),
  oilSets: ({ plantName, setsBelowC, coldestC, warmC }, units) => ({
    message: t`The oil of ${plantInSentence(plantName)} sets below about ${degrees(setsBelowC, units)}. At ${degrees(coldestC, units)} it can block the condenser, and a blocked still builds pressure.`,
    remedy: t`Keep the cooling water at ${degrees(warmC, units)} or warmer, without ice.`,
  }),
  tubTooWarm: ({ limitC, minutes, endC, iceKg }, units) => ({
    message: t`The tub gets warmer than ${degrees(limitC, units)} ${showDuration(minutes)} after the first drop and ends at ${degrees(Math.min(99, endC), units)}. The distillate comes warm, and oil is lost to the air.`,
    remedy:
      iceKg === undefined
        ? t`Change the tub's water before then, for water that is warm enough for this oil.`
        : t`Start with ${words(showIce(iceKg, units))} of ice in the tub, or change its water before then.`,
  }),
  tapTooSlow: ({ litresPerMin, usualLitresPerMin }, units) => ({
    message: t`This flow needs ${volume(litresPerMin * 1000, units)} of cooling water a minute. An ordinary tap gives about ${volume(usualLitresPerMin * 1000, units)}.`,
    remedy: t`Distil gently, or let the cooling water get warmer.`,
  }),
  muchIce: ({ iceKg }, units) => ({
    message: t`The lid melts ${words(showIce(iceKg, units))} of ice over this run.`,
    remedy: t`Freeze it the night before in bags that fit the lid. Pour the melted water off.`,
  }),
  neverBoils: ({ boilC }, units) => ({
    message: t`This heat never brings the water to the boil at ${degrees(boilC, units)}. The still loses as much to the room.`,
    remedy: t`Use more power, insulate the still, or check the heat source's figures.`,
  }),
  barelyBoils: ({ minutes }) => ({
    message: t`At this heat the first drop comes after ${showDuration(minutes)}. Nearly all of the heat goes to the room.`,
    remedy: t`Use more power, wrap the still, or take less water.`,
  }),
  tooMuchHeat: ({ rateMlPerMin, mostMlPerMin, massG }, units) => ({
    message: t`This heat drives ${words(showFlow(rateMlPerMin, units))} through ${mass(massG, units)} of plant. That carries plant over, and vapour leaves a small condenser unseen.`,
    remedy: t`Stay below ${words(showFlow(mostMlPerMin, units))}: turn the heat down once the first drop has come.`,
  }),
  shutPot: () => ({
    message: t`This pot can lock. Nothing is planned under pressure: a pot that is shut bursts, and hotter steam spoils the oil.`,
    remedy: t`Take its weight off, open the way to the condenser, and say so in the still's form.`,
  }),
  beyondCondenser: ({ rateMlPerMin, mostMlPerMin, by }, units) => ({
    message: beyondCondenser[by](
      words(showFlow(rateMlPerMin, units)),
      words(showFlow(mostMlPerMin, units)),
    ),
    remedy: t`Stay below ${words(showFlow(mostMlPerMin, units))}: turn the heat down once the first drop has come.`,
  }),
  rateBeyondHeat: ({ wishedMlPerMin, mostMlPerMin }, units) => ({
    message: t`This heat gives ${words(showFlow(mostMlPerMin, units))} at most, not ${words(showFlow(wishedMlPerMin, units))}. The plan counts with what it gives.`,
    remedy: t`Leave it, or use more power.`,
  }),
  dryBeforeStop: (warning, units) => ({
    message: warning.soaks
      ? t`The plant soaks up the water. None is left above the dry line when the first drop comes.`
      : warning.minutes < 1
        ? t`The water is down to the dry line before the first drop comes.`
        : t`The pot reaches its dry line ${showDuration(Math.floor(warning.minutes))} after the first drop, before the run is done.`,
    remedy: dryRemedies[warning.way](warning, units),
  }),
  littleKnownOil: ({ namedShare }) => ({
    message: t`Only ${Math.round(namedShare * 100)} % of this oil's compounds are entered. The rest is assumed to be like them.`,
    remedy: t`Enter more of them, or trust its density and solubility less.`,
  }),
  noOilToSee: ({ never, way, onTubesMl, seriesMl }) => ({
    message:
      seriesMl !== undefined
        ? t`One charge shows no oil: it stays on the tubes. All of them together show about ${words(showOil(seriesMl))}.`
        : onTubesMl !== undefined
          ? never
            ? t`No visible oil: the ${words(showOil(onTubesMl))} that separate stay on the tubes.`
            : t`Probably no visible oil: the ${words(showOil(onTubesMl))} that separate stay on the tubes.`
          : never
            ? t`No visible oil: all of it dissolves in the hydrosol.`
            : t`Probably no visible oil: nearly all of it dissolves in the hydrosol.`,
    remedy:
      way === "none"
        ? t`Distil it for its hydrosol, stop earlier, or use more plant for the same water.`
        : way === "flowsBack"
          ? t`Let the hydrosol flow back. Then only the water in the pot dissolves oil.`
          : t`Stop after ${way.minutes} min: less water dissolves less oil. Or distil it for its hydrosol.`,
  }),
  neverPours: ({ layer, poursAtMm }, units) => ({
    message:
      poursAtMm <= 0
        ? t`In this receiver the water leaves by the oil's arm. It never keeps the oil.`
        : layer === "sinks"
          ? t`This receiver pours this oil only from a layer of ${height(poursAtMm, units)}, which is more than it holds.`
          : t`This oil is nearly as heavy as water. Two arms would pour it only from a layer of ${height(poursAtMm, units)}, so never.`,
    remedy: t`Draw it off by hand, warm, before it leaves with the water.`,
  }),
  oilSinks: () => ({
    message: t`This oil is heavier than water. It gathers at the bottom.`,
    remedy: t`Use a receiver that draws from below, and keep the first water too.`,
  }),
  oilHangs: () => ({
    message: t`This oil is as heavy as water. It hangs in the hydrosol.`,
    remedy: t`Let it settle overnight in a tall vessel, warm or with salt.`,
  }),
  stopsAtOnce: ({ usualMinutes }) => ({
    message: t`This run would stop at its first drop. Nothing would be distilled.`,
    remedy: t`Enter less oil for ten more minutes, or stop by the clock after the usual ${usualMinutes} min.`,
  }),
  wrongTrap: ({ layer }) => ({
    message: wrongTrap[layer],
    remedy:
      layer === "hangs"
        ? t`Distil without the water running back, and let the jar settle.`
        : t`Use the other trap (Bench, your still), or distil without the water running back.`,
  }),
  wrongReceiver: ({ layer, another }) => ({
    message: wrongReceiver[layer],
    remedy: another
      ? t`Use the other receiver.`
      : t`Catch it all in a jar. Separate it there after a night.`,
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
  if (change.massG !== undefined) return t`Load ${mass(change.massG, units)}`;
  if (change.charges !== undefined) return t`Make ${change.charges} charges`;
  if (change.waterMl === null) return t`Use the calculated water`;
  if (change.waterMl !== undefined) return t`Use ${volume(change.waterMl, units)} of water`;
  if (change.minutes !== undefined) return t`Stop after ${change.minutes} min`;
  if (change.method !== undefined) return t`Choose: ${methodWords[change.method]}`;
  if (change.preparation !== undefined) return t`Change the preparation`;
  if (change.pace !== undefined) return change.pace === "gentle" ? t`Go gently` : t`Go briskly`;
  if (change.iceKg !== undefined)
    return change.iceKg > 0
      ? t`Add ${words(showIce(change.iceKg, units))} of ice`
      : t`Leave the ice out`;
  if (change.coolingInC !== undefined)
    return t`Cool with water at ${degrees(change.coolingInC, units)}`;
  return t`Use the other receiver`;
}

/** A stop of craft that somebody went past, in a few words. */
export const craftStopWords: Record<CraftStop, string> = {
  poisonousPlant: t`Poisonous plant`,
  neverDistil: t`Plant that is not distilled at home`,
  littleHeadspace: t`Little headspace`,
  overfull: t`Packed fuller than usual`,
  tooMuchWater: t`More water than usual`,
  oilSets: t`Cooled below where the oil sets`,
  wrongReceiver: t`Another receiver than advised`,
  wrongTrap: t`Another trap than advised`,
  stopsAtOnce: t`Stopped at the first drop`,
};
