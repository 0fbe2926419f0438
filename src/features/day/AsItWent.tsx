import { fixed, showDuration, showIce, showOil, words } from "@/core/units/format";
import type { DayNow } from "@/logbook/day/dayNow";
import { heatSources } from "@/core/still/heatSources";
import type { DayRecord } from "@/records/day";
import { useAppSelector, useUnits } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";

/** Of charges that are off the heat: as planned against as it went. */
export function AsItWent({ day, now }: { day: DayRecord; now: DayNow }) {
  const units = useUnits();
  const stills = useAppSelector((state) => state.still.entities);
  const off = now.charges.filter(({ state }) => state?.heatOffAt !== undefined);
  if (off.length === 0) return null;
  const hours = (pick: "planned" | "went") =>
    off.reduce((sum, { [pick]: { litMin, offMin } }) => sum + offMin - litMin, 0);
  const kWh = (pick: "planned" | "went") =>
    off.reduce((sum, { [pick]: { still, litMin, offMin } }) => {
      const heat = stills[still]?.heat;
      return heat && heatSources[heat.kind].fuel === "electricity"
        ? sum + (heat.powerW * (offMin - litMin)) / 60_000
        : sum;
    }, 0);
  const oilMl = off.reduce((sum, { state }) => sum + (state?.result?.oilMl ?? 0), 0);
  const iceKg = off.reduce(
    (sum, { planned }) =>
      sum + (day.charges.find(({ id }) => id === planned.id)?.on[planned.still]?.iceKg ?? 0),
    0,
  );
  const mostKWh = kWh("planned");
  return (
    <Card className="gap-3">
      <Txt variant="heading">As it went</Txt>
      <Facts
        facts={[
          ["Off the heat", `${off.length} of ${now.charges.length}`],
          [
            "On the heat",
            `${showDuration(hours("went"))}, planned ${showDuration(hours("planned"))}`,
          ],
          [
            "Electricity",
            mostKWh > 0
              ? `at most ${fixed(kWh("went"), 1)} kWh, planned ${fixed(mostKWh, 1)}`
              : undefined,
          ],
          ["Ice", iceKg > 0 ? `${words(showIce(iceKg, units))} by the plan` : undefined],
          [
            "Oil",
            oilMl > 0
              ? `${words(showOil(oilMl))}, ${words(showOil((oilMl * 60) / Math.max(1, hours("went"))))} an hour of heat`
              : undefined,
          ],
        ]}
      />
    </Card>
  );
}
