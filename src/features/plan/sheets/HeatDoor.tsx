import { showMoney } from "@/core/units/money";
import { useRouter } from "expo-router";
import { greatestThrough } from "@/core/plan/coolingWarnings";
import { fuelFor } from "@/core/plan/fuel";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { heatSources } from "@/core/still/heatSources";
import {
  fixed,
  showDuration,
  showFlow,
  showMass,
  showTemperature,
  words,
} from "@/core/units/format";
import { type UnitName, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { choiceWords } from "@/words/choiceWords";
import { fuelWords } from "@/words/heatWords";
import { durationRange } from "../planRanges";
import type { DoorProps } from "./doorProps";
import { WayById } from "./WayById";

/** When the first drop comes and how fast it flows from there: the heat, and how it is turned down. */
export function HeatDoor(props: DoorProps) {
  const { plan, work, still } = props;
  const { draft, read, units, change } = work;
  const router = useRouter();
  return (
    <>
      {plan ? <Times {...props} plan={plan} /> : null}
      <NumberField
        heavy
        label={t`Flow after the first drop`}
        value={{ text: draft.rateText, unit: draft.rateUnit as UnitName }}
        choices={unitsFor("flow", units)}
        placeholder={choiceWords.pace.schools[draft.pace].name}
        problem={read.problems.rate}
        onChange={({ text, unit }) => change({ rateText: text, rateUnit: unit })}
      />
      <WayById id="pace" {...props} />
      <Button
        look="quiet"
        size="small"
        label={still.calibration ? t`Calibrate again` : t`Calibrate with water for better times`}
        onPress={() => router.push(`/bench/stills/${still.id}/calibrate`)}
      />
    </>
  );
}

function Times({ plan, work, still, state }: DoorProps & { plan: ChargePlan }) {
  const { units, preferences } = work;
  const { forecast, charges } = plan;
  const ranges = state.ranges?.ranges;
  const fuel = fuelFor(forecast.energyKWh * charges, still.heat.kind, preferences.prices);
  return (
    <>
      <Txt>
        {ranges
          ? t`The first drop comes after ${showDuration(forecast.minutesToFirstDrop ?? 0)}, likely ${durationRange(ranges.minutesToFirstDrop)}.`
          : t`The first drop comes after ${showDuration(forecast.minutesToFirstDrop ?? 0)}.`}
      </Txt>
      <Txt>{t`Water boils at ${words(showTemperature(forecast.boilC, units))} where you are. The still heats with ${still.heat.powerW} W; the plan then lets ${words(showFlow(forecast.rateMlPerMin, units))} flow.`}</Txt>
      {still.tube && plan.cooling ? (
        <Txt>{t`This condenser's tube takes up to ${words(showFlow(greatestThrough(still.tube, plan.cooling, forecast.boilC).mlPerMin, units))}.`}</Txt>
      ) : null}
      <Txt>
        {[
          `${fuelWords[heatSources[still.heat.kind].fuel]}: ${fuel.gasKg === undefined ? t`${fixed(fuel.kWh, 2)} kWh` : words(showMass(fuel.gasKg * 1000, units))}`,
          fuel.cost === undefined ? undefined : showMoney(fuel.cost, preferences.prices?.currency),
        ]
          .filter(Boolean)
          .join(", ")}
      </Txt>
    </>
  );
}
