import { fixed, showDuration, showIce, showMass, showOil, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { DayNow } from "@/logbook/day/dayNow";
import { dayTotals } from "@/logbook/day/dayTotals";
import type { DayRecord } from "@/records/day";
import { useAppSelector, useUnits } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";

/** Of charges that are off the heat: as planned against as it went. */
export function AsItWent({ day, now }: { day: DayRecord; now: DayNow }) {
  const units = useUnits();
  const stills = useAppSelector((state) => state.still.entities);
  const { off, heatMin, mainsKWh, gasKg, iceKg, oilMl, measured, oilMlPerHour } = dayTotals(
    day,
    now,
    stills,
  );
  if (off === 0) return null;
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`As it went`}</Txt>
      <Facts
        facts={[
          [t`Off the heat`, t`${off} of ${now.charges.length}`],
          [
            t`On the heat`,
            t`${showDuration(heatMin.went)}, planned ${showDuration(heatMin.planned)}`,
          ],
          [
            t`Electricity`,
            mainsKWh.planned > 0
              ? t`at most ${fixed(mainsKWh.went, 1)} kWh, planned ${fixed(mainsKWh.planned, 1)} kWh`
              : undefined,
          ],
          [
            t`Gas`,
            gasKg.planned > 0
              ? t`at most ${words(showMass(1000 * gasKg.went, units))}, planned ${words(showMass(1000 * gasKg.planned, units))}`
              : undefined,
            figureWords.dayGas,
          ],
          [
            t`Ice`,
            iceKg.planned > 0 || iceKg.went > 0
              ? t`${words(showIce(iceKg.went, units))} noted, planned ${words(showIce(iceKg.planned, units))}`
              : undefined,
            figureWords.dayGas,
          ],
          [
            t`Visible oil`,
            measured > 0 ? t`${words(showOil(oilMl))} from ${measured} of ${off}` : undefined,
          ],
          [
            t`Oil by the hour`,
            oilMlPerHour === null ? undefined : t`${words(showOil(oilMlPerHour))} on the heat`,
          ],
        ]}
      />
    </Card>
  );
}
