import { fixed, showMass, showTemperature, showVolume, words } from "@/core/units/format";
import type { WishProblem } from "@/core/plan/massForWish";
import type { CalibrationProblem } from "@/core/still/calibrate";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

type Says<Problem extends { code: string }> = {
  [Code in Problem["code"]]: (
    problem: Extract<Problem, { code: Code }>,
    units: UnitSystem,
  ) => string;
};

const wish: Says<WishProblem> = {
  notAnAmount: ({ volumeMl }) => t`${volumeMl} mL is not an amount.`,
  hydrosolFlowsBack: () => t`With return no hydrosol is kept. Choose plant in the water.`,
  noRoom: () => t`This still has no room for a charge this way.`,
  noOilShows: () =>
    t`Even a full charge gives no visible oil this way. Choose with return, stop earlier, or enter hydrosol instead.`,
  noDistillate: () => t`No distillate comes this way. Check the heat.`,
  tooManyCharges: ({ most }) =>
    t`That is more than ${most} charges of this still. Enter less, or use a larger still.`,
  tooLittlePlant: ({ leastG }, units) =>
    t`That takes less than ${words(showMass(leastG, units))} of plant. Enter more.`,
};

/** Why a wish cannot be fulfilled, and what to do. */
export function wishWords(problem: WishProblem, units: UnitSystem): string {
  return wish[problem.code](problem as never, units);
}

const calibration: Says<CalibrationProblem> = {
  startNotBelowBoil: ({ startC, boilC }, units) =>
    t`The start: ${words(showTemperature(startC, units))} is not below the boil at ${words(showTemperature(boilC, units))}.`,
  boilsTooLate: ({ minutesToBoil, slowestMinutes }) =>
    t`The time to boil: ${fixed(minutesToBoil, 0)} min is longer than the ${fixed(slowestMinutes, 0)} min that this drip rate allows even without any loss. Was the heat turned up after the boil, or the water more than said?`,
  takesMorePower: ({ minutesToBoil, rateMlPerMin, powerW }, units) =>
    t`The time to boil: to boil in ${fixed(minutesToBoil, 0)} min and then give ${words(showVolume(rateMlPerMin, units))} a minute takes more than ${fixed(powerW, 0)} W. Check the power, or count the drips again at the same heat.`,
  dripsTakeMore: ({ rateMlPerMin, neededW, powerW }, units) =>
    t`The drip rate: ${words(showVolume(rateMlPerMin, units))} a minute takes ${fixed(neededW, 0)} W, more than the ${fixed(powerW, 0)} W that are said to go in. Check the power.`,
};

/** Which reading of a run with water cannot be, and what to do. */
export function calibrationProblemWords(problem: CalibrationProblem, units: UnitSystem): string {
  return calibration[problem.code](problem as never, units);
}
