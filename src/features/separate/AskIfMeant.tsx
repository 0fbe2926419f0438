import { fixed, showDensity, showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { Notice } from "@/ui/primitives/Notice";

interface Props {
  oilMl: number;
  hydrosolMl: number;
  densityGPerMl?: number;
  expectedDensityGPerMl: number;
  chargeG: number;
  /** All the water there was, mL. */
  waterMl: number;
  units: UnitSystem;
  /** Takes the oil for a thousandth of what was typed. */
  onOil: (oilMl: number) => void;
}

/* No plant holds more than a fifth of its mass in oil; half of that is asked about. */
const mostMlPerG = 0.1;
/* Water that stays in an oil shows from about here. */
const wetBy = 0.03;

/** What can hardly be meant is asked about, with what may have been meant as a tap; nothing is refused. */
export function AskIfMeant({
  oilMl,
  hydrosolMl,
  densityGPerMl,
  expectedDensityGPerMl,
  chargeG,
  waterMl,
  units,
  onOil,
}: Props) {
  const thousandth = words(showOil(oilMl / 1000));
  return (
    <>
      {oilMl > chargeG * mostMlPerG ? (
        <Notice
          severity="caution"
          message={t`${words(showVolume(oilMl, units))} of oil? That is more than such a charge can hold.`}
          remedy={t`Did you mean ${thousandth}?`}
          action={{ label: t`It is ${thousandth}`, onPress: () => onOil(oilMl / 1000) }}
        />
      ) : null}
      {hydrosolMl > waterMl + chargeG ? (
        <Notice
          severity="caution"
          message={t`${words(showVolume(hydrosolMl, units))} of hydrosol? There was not so much water in pot and plant.`}
          remedy={t`Look at the unit beside the number.`}
        />
      ) : null}
      {densityGPerMl !== undefined && densityGPerMl > expectedDensityGPerMl + wetBy ? (
        <Notice
          severity="note"
          message={t`The density is ${words(showDensity(densityGPerMl, units))}, where such an oil has about ${fixed(expectedDensityGPerMl, 3)}. Water is still in it, or its weight is off.`}
          remedy={t`Dry it with a pinch of salt and weigh it again.`}
        />
      ) : null}
    </>
  );
}
