import { fixed, showIce, showVolume, words } from "@/core/units/format";
import { condenserDutyJ, coolingWaterL, distillateOutC, iceKg } from "@/core/cooling/duty";
import { ownUnits, unitsFor } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { t } from "@/language/t";
import { Question, useAsked, type Asking } from "./Question";

/** Ice, or tub water, for so much distillate. */
export function Ice({ units, site }: Asking) {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const { fields, values } = useAsked({
    distillate: {
      label: t`Distillate`,
      name: t`Distillate`,
      min: 0,
      max: 1e6,
      above: true,
      choices: unitsFor("volume", units),
      start: 1000,
    },
    rise: {
      label: t`Tub may warm by`,
      name: t`The rise`,
      min: 1,
      max: 80,
      choices: ownUnits("rise", units),
      start: 30,
    },
  });
  const dutyJ = values && condenserDutyJ(values.distillate, boilC, distillateOutC);
  return (
    <Question
      title={t`How much ice for that?`}
      answer={dutyJ === undefined ? undefined : t`${words(showIce(iceKg(dutyJ), units))} of ice`}
      detail={
        dutyJ === undefined || !values
          ? undefined
          : t`Or ${words(showVolume(coolingWaterL(dutyJ, 0, values.rise) * 1000, units))} of tub water. It carries ${fixed(dutyJ / 1e6, 1)} MJ.`
      }
    >
      {fields}
    </Question>
  );
}
