import { View } from "react-native";
import type { ChargePlan } from "@/core/plan/chargePlan";
import {
  showDuration,
  showOil,
  showRange,
  words,
  yieldRange,
  yieldUnit,
} from "@/core/units/format";
import { t } from "@/language/t";
import { settlingTime } from "@/logbook/run/settlingTime";
import { Fan } from "@/ui/charts/Fan";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { settlingWords } from "@/words/settlingWords";
import type { PlanWork } from "../usePlanDraft";
import type { DoorProps } from "./doorProps";
import { WayById } from "./WayById";

/** How the oil comes over the run, how sure it is, where the rest stays, and what the person's own runs say. */
export function OilDoor(props: DoorProps) {
  const { plan, state } = props;
  if (!plan) return null;
  return (
    <>
      {state.ranges ? <OverTime {...props} plan={plan} /> : <Waiting state={state} />}
      <WayById id="freshness" {...props} />
    </>
  );
}

function Waiting({ state }: Pick<DoorProps, "state">) {
  const { progress, problem, stopped, toggle } = state;
  if (problem)
    return (
      <Txt role="alert">{t`The likely range could not be calculated: ${problem}. Change a number to try again.`}</Txt>
    );
  return (
    <>
      <View
        role="progressbar"
        aria-label={t`Calculating a thousand runs`}
        aria-valuenow={Math.round(progress * 100)}
        className="h-[10px] overflow-hidden rounded-full bg-oil-wash"
      >
        <View className="h-full bg-oil" style={{ width: `${progress * 100}%` }} />
      </View>
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={stopped ? t`Calculate a thousand runs` : t`Stop calculating`}
          onPress={toggle}
        />
      </View>
    </>
  );
}

function OverTime({ plan, state, work }: DoorProps & { plan: ChargePlan }) {
  const { preferences, units } = work;
  const { forecast, figures } = plan;
  const { narrowed } = figures;
  const { ranges } = state;
  if (!ranges) return null;
  const { p10, p90 } = ranges.oil.distilledMl;
  const perKg = (ml: number) => (1000 * ml) / plan.chargeG;
  const dissolvedMl = forecast.oil.dissolvedG.p50 / forecast.oilDensityGPerMl;
  return (
    <>
      <Txt variant="strong">
        {plan.charges > 1 ? t`Oil over time, each charge` : t`Oil over time, this charge`}
      </Txt>
      <Fan
        fan={ranges.fan}
        unit={t`mL distilled`}
        inWords={t`Oil distilled over ${showDuration(forecast.runMinutes)}: likely ${showRange(p10, p90)} mL at the end.`}
      />
      <Txt>{t`Likely ${yieldRange(perKg(p10), perKg(p90), units)} ${yieldUnit(units)} distilled, in eight runs of ten. That is ${Math.round(forecast.recovery * 100)} % of the oil in the plant.`}</Txt>
      <Txt>{t`About ${words(showOil(dissolvedMl))} stay dissolved in the hydrosol, and ${words(showOil(forecast.oil.suspendedMl.p50))} float in it as fine drops.`}</Txt>
      <Txt>{`${settlingWords(settlingTime(forecast.oilDensityGPerMl, preferences.site.airC, work.draft.settling))}.`}</Txt>
      {narrowed.runs > 0 ? (
        <Txt className="text-leaf-ink">
          {narrowed.runs === 1
            ? t`Your own run makes this range ${Math.round((1 - narrowed.width) * 100)} % narrower: ${yieldRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high, units)} ${yieldUnit(units)}, where books say ${bookRange(work)}.`
            : t`Your ${narrowed.runs} own runs make this range ${Math.round((1 - narrowed.width) * 100)} % narrower: ${yieldRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high, units)} ${yieldUnit(units)}, where books say ${bookRange(work)}.`}
        </Txt>
      ) : null}
    </>
  );
}

function bookRange({ read, units }: PlanWork): string {
  const book = read.plant.states[read.state]?.oilMlPerKg;
  return book ? yieldRange(book.low, book.high, units) : t`nothing`;
}
