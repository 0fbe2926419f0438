import { oilOfSeries } from "@/core/plan/oilOfSeries";
import { memo, useDeferredValue } from "react";
import { View } from "react-native";
import { planCharges } from "@/core/plan/planCharges";
import { showDuration, showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { readDraft, type PlanContext } from "@/logbook/plan/readDraft";
import type { Way } from "@/words/waysOfWorking";
import { settlingTime } from "@/logbook/run/settlingTime";
import type { PlanDraft } from "@/records/planDraft";
import { OptionCard } from "@/ui/primitives/OptionCard";
import { settlingWords } from "@/words/settlingWords";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  way: Way;
  work: PlanWork;
  /** A choice was made: what changes, and how to name it. */
  onChoose: (change: Partial<PlanDraft>, label: string) => void;
}

/** The answers to one question, each with what is claimed for it and what this plan would come to. */
export const WayOptions = memo(function WayOptions({ way, work, onChoose }: Props) {
  /* What is typed in the same sheet stands first; what each choice comes to then follows. */
  const shown = useDeferredValue(work);
  return (
    <View role="group" aria-label={way.question} className="gap-2">
      {way.options.map(({ value, label, claim, effect }) => (
        <OptionCard
          key={value}
          label={label}
          chosen={value === way.value}
          lines={[claim, effect]}
          figures={inNumbers(way, value, shown.draft, shown.context, shown.units)}
          onTake={() => onChoose(way.draft(value), label)}
        />
      ))}
    </View>
  );
});

/** What the plan would come to the other way; undefined where the model has no say, or the draft is not whole. */
function inNumbers(
  way: Way,
  value: string,
  draft: PlanDraft,
  context: PlanContext,
  units: UnitSystem,
): string | undefined {
  if (!way.counts && way.id !== "settling") return undefined;
  const { input } = readDraft({ ...draft, ...way.draft(value) }, context);
  if (!input) return undefined;
  const { forecast, charges, request } = planCharges(input);
  if (way.id === "settling")
    return settlingWords(settlingTime(forecast.oilDensityGPerMl, context.site.airC, value));
  const minutes = (forecast.minutesToFirstDrop ?? 0) + forecast.runMinutes;
  return [
    t`${words(showOil(oilOfSeries(forecast, charges, request.still.holdUpMl)))} visible oil`,
    t`${words(showVolume(forecast.distillateMl * charges, units))} hydrosol`,
    charges > 1
      ? t`${showDuration(minutes * charges)} heating in all`
      : t`${showDuration(minutes)} heating`,
  ].join(" · ");
}
