import type {
  CouldBe,
  HeldAgainst,
  Identity,
  IdentityFigure,
  ShareOff,
} from "@/core/care/identity";
import { compounds } from "@/core/plant/compounds";
import {
  roundTemperature,
  fixed,
  plainNumber,
  showDensity,
  showTemperature,
  words,
} from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

export const identityFigureWords: Record<IdentityFigure, string> = {
  density: t`Density`,
  index: t`Refractive index`,
  rotation: t`Optical rotation`,
  freezing: t`Freezing point`,
};

/** "0.914 g/mL: too high, usual is 0.866 to 0.894 g/mL". */
export function heldWords(
  { figure, value, band: [low, high], lies }: HeldAgainst,
  units: UnitSystem,
): string {
  const say = (each: number) => {
    if (figure === "freezing") return words(showTemperature(each, units));
    if (figure === "density") return words(showDensity(each, units));
    return figure === "rotation" ? `${fixed(each, 1).replace("-", "−")}°` : fixed(each, 4);
  };
  const from = figure === "density" ? showDensity(low, units).text : say(low);
  const usual = t`${from} to ${say(high)}`;
  return lies === "in"
    ? t`${say(value)}, within ${usual}`
    : lies === "below"
      ? t`${say(value)}: too low, usual is ${usual}`
      : t`${say(value)}: too high, usual is ${usual}`;
}

/** "Linalool: 3 %, usual is 34 %". */
export function shareOffWords({ compound, measured, usual }: ShareOff): string {
  const percent = (share: number) => `${plainNumber(Number((share * 100).toPrecision(2)))} %`;
  const name = compounds[compound]?.name ?? compound;
  const part = name.charAt(0).toUpperCase() + name.slice(1);
  if (usual <= 0) return t`${part}: ${percent(measured)}, usual is none`;
  return measured > 0
    ? t`${part}: ${percent(measured)}, usual is ${percent(usual)}`
    : t`${part}: none, usual is ${percent(usual)}`;
}

export const verdictOfIdentity: Record<Identity["verdict"], string> = {
  asItShould: t`It is as this oil should be, by what was measured.`,
  out: t`It is not as this oil should be.`,
  tooLittle: t`Not enough was measured to say.`,
};

/** What it could be, and how to tell. */
export function couldBeWords(could: CouldBe, units: UnitSystem): string {
  return could === "measuredWarm"
    ? t`Measured warm: bring oil and glass to ${roomWords(units)} and measure again.`
    : hints[could];
}

/** What handbooks take a room to be, in the person's units. */
export function roomWords(units: UnitSystem): string {
  return roundTemperature(handbookC, units);
}

const handbookC = 20;
const hints: Record<Exclude<CouldBe, "measuredWarm">, string> = {
  waterIn: t`Water in it: let it stand cold, draw the oil off, dry it with salt, measure again.`,
  spirit: t`Spirit in it: shake some with water. What shrinks was spirit.`,
  oxidised: t`Old: air has changed it. Smell for varnish, and keep it off skin.`,
  terpenes: t`Let down with cheap terpenes, or a first part of a run.`,
  otherKind: t`Another kind or another plant: look at the plant, or ask for its chromatogram.`,
  carrierOil: t`Let down with a fatty oil: a drop on paper leaves a greasy spot that stays.`,
};
