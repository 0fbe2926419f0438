import { fixed, showDuration, showIce, showMass, showOil, words } from "@/core/units/format";
import type { DayNow } from "@/logbook/day/dayNow";
import { dayTotals } from "@/logbook/day/dayTotals";
import type { DayRecord } from "@/records/day";
import { useAppSelector, useUnits } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";

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
      <Txt variant="heading">As it went</Txt>
      <Facts
        facts={[
          ["Off the heat", `${off} of ${now.charges.length}`],
          [
            "On the heat",
            `${showDuration(heatMin.went)}, planned ${showDuration(heatMin.planned)}`,
          ],
          [
            "Electricity",
            mainsKWh.planned > 0
              ? `at most ${fixed(mainsKWh.went, 1)} kWh, planned ${fixed(mainsKWh.planned, 1)} kWh`
              : undefined,
          ],
          [
            "Gas",
            gasKg.planned > 0
              ? `at most ${words(showMass(1000 * gasKg.went, units))}, planned ${words(showMass(1000 * gasKg.planned, units))}`
              : undefined,
          ],
          [
            "Ice",
            iceKg.planned > 0 || iceKg.went > 0
              ? `${words(showIce(iceKg.went, units))} noted, planned ${words(showIce(iceKg.planned, units))}`
              : undefined,
          ],
          [
            "Visible oil",
            measured > 0 ? `${words(showOil(oilMl))} from ${measured} of ${off}` : undefined,
          ],
          [
            "Oil by the hour",
            oilMlPerHour === null ? undefined : `${words(showOil(oilMlPerHour))} on the heat`,
          ],
        ]}
      />
    </Card>
  );
}
