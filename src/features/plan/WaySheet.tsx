import { View } from "react-native";
import { showDuration, showOil, showVolume, words } from "@/core/units/format";
import { planCharges } from "@/core/plan/planCharges";
import type { UnitSystem } from "@/core/units/units";
import { settlingTime } from "@/logbook/run/settlingTime";
import { settlingWords } from "@/words/settlingWords";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanDraft } from "@/records/planDraft";
import { readDraft, type PlanContext } from "@/logbook/plan/readDraft";
import type { Way } from "@/logbook/plan/waysOfWorking";

interface Props {
  way: Way | undefined;
  draft: PlanDraft;
  context: PlanContext;
  units: UnitSystem;
  onTake: (value: string) => void;
  onClose: () => void;
}

/** The schools on one question side by side: what each claims, and what this plan would come to. */
export function WaySheet({ way, draft, context, units, onTake, onClose }: Props) {
  return (
    <Sheet title={way?.question ?? ""} open={way !== undefined} onClose={onClose}>
      {way?.options.map(({ value, label, claim, effect }) => {
        const chosen = value === way.value;
        const figures = inNumbers(way, value, draft, context, units);
        return (
          <Card key={value} wash={chosen ? "leaf" : "panel"} className="gap-1">
            <View className="flex-row items-center justify-between gap-3">
              <Txt variant="strong" className="flex-1">
                {label}
              </Txt>
              {chosen ? (
                <Txt variant="label" className="text-leaf-ink">
                  stands in the plan
                </Txt>
              ) : (
                <Button
                  label="Take this"
                  hint={`Take: ${label}`}
                  look="quiet"
                  size="small"
                  onPress={() => onTake(value)}
                />
              )}
            </View>
            <Txt>{claim}</Txt>
            {effect ? (
              <Txt variant="small" className="text-ink">
                {effect}
              </Txt>
            ) : null}
            {figures ? (
              <Txt variant="label" className="text-ink">
                {figures}
              </Txt>
            ) : null}
          </Card>
        );
      })}
      {way ? (
        <Txt variant="small">{`Where you say nothing: ${way.defaultIs.charAt(0).toLowerCase()}${way.defaultIs.slice(1)}. ${way.reason} Your own trial decides.`}</Txt>
      ) : null}
    </Sheet>
  );
}

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
  const { forecast, charges } = planCharges(input);
  if (way.id === "settling")
    return settlingWords(settlingTime(forecast.oilDensityGPerMl, context.site.airC, value));
  const minutes = (forecast.minutesToFirstDrop ?? 0) + forecast.runMinutes;
  return [
    `${words(showOil(forecast.oil.visibleMl.p50 * charges))} oil to see`,
    `${words(showVolume(forecast.distillateMl * charges, units))} hydrosol`,
    `${showDuration(minutes * charges)} on the heat`,
  ].join(" · ");
}
