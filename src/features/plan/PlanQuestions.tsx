import { memo } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { plantDefaults } from "@/core/plan/planChoices";
import type { Guessed } from "@/core/plan/stillTakes";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { usePlantOptions } from "@/store/usePlantOptions";
import { measureOf, measuresFor } from "@/logbook/plan/measureOf";
import { wishProgress } from "@/logbook/plan/wishProgress";
import { Choice } from "@/ui/primitives/Choice";
import { Combobox } from "@/ui/primitives/Combobox";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { OnePiece } from "./OnePiece";
import type { PlanWork } from "./usePlanDraft";
import { wishProblem } from "./wishProblem";
import { wishWords } from "@/words/wishWords";
import { examplePlant } from "@/words/examplePlant";

/** The two questions a plan needs answered: which plant, and how much of it or what is wanted of it. */
export const PlanQuestions = memo(function PlanQuestions({ plan }: { plan: PlanWork }) {
  const { harvest, read, units } = plan;
  const wish = harvest && wishProgress(harvest, plan.context.summaries);
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-3">
        {harvest ? null : (
          <View className="min-w-[150px] flex-[3]">
            <PlantChoice plan={plan} />
          </View>
        )}
        <View className="min-w-[150px] flex-[2]">
          <Amount plan={plan} />
        </View>
      </View>
      {harvest ? (
        <Txt variant="small">
          {[
            t`From the harvest of ${harvest.cutOn}, ${words(showMass(harvest.massG, units))} in all.`,
            ...(wish ? [t`Your wish: ${wishWords(wish, units)}`] : []),
          ].join(" ")}
        </Txt>
      ) : null}
      <BelowAmount plan={plan} />
      {read.counted ? <OnePiece plan={plan} /> : null}
    </View>
  );
});

function PlantChoice({ plan: { read, change } }: { plan: PlanWork }) {
  const options = usePlantOptions();
  return (
    <Combobox
      label={t`Plant`}
      placeholder={t`e.g. lavender`}
      options={options}
      value={read.chosen ? read.plant.id : ""}
      onChange={(plantId) =>
        change({
          plantId,
          state: "",
          method: "",
          preparation: "",
          moistureText: "",
          minutesText: "",
          rateText: "",
          waterText: "",
          chargesText: "",
          coolingText: "",
          iceText: "",
          dayId: "",
          dayCharge: "",
          ...plantDefaults(),
        })
      }
    />
  );
}

/** Where the plan begins: from a weight, a count, the still filled, or from what is wanted. */
export function StartFrom({ plan: { draft, read, measures, change } }: { plan: PlanWork }) {
  const counts = measuresFor(measures, read.plant.id).length > 0;
  const value =
    draft.goal === "want"
      ? draft.wishWhat
      : draft.massBy === "measure" && !counts
        ? "scale"
        : draft.massBy;
  return (
    <Choice
      label={t`Start from`}
      shown
      options={[
        { value: "scale", label: t`Plant weight` },
        ...(counts ? [{ value: "measure" as const, label: t`A count` }] : []),
        { value: "still", label: t`A full still` },
        { value: "oil", label: t`Oil I want` },
        { value: "hydrosol", label: t`Hydrosol I want` },
      ]}
      value={value}
      onChange={(start) =>
        change(
          start === "oil" || start === "hydrosol"
            ? {
                goal: "want",
                wishWhat: start,
                chargesText: "",
                ...(start === "oil" ? { wishUnit: "mL" } : {}),
              }
            : {
                goal: "have",
                massBy: start,
                chargesText: "",
                ...(start === "still" ? { massText: "" } : {}),
              },
        )
      }
    />
  );
}

function Amount({ plan }: { plan: PlanWork }) {
  const { draft, read, measures, units, harvest, change } = plan;
  if (draft.goal === "want" && !harvest) {
    const oil = draft.wishWhat === "oil";
    return (
      <NumberField
        heavy
        label={oil ? t`Oil I want` : t`Hydrosol I want`}
        value={{ text: draft.wishText, unit: draft.wishUnit as UnitName }}
        choices={oil ? ["mL", "drop"] : unitsFor("volume", units)}
        problem={wishProblem(draft, read, units)}
        onChange={({ text, unit }) => change({ wishText: text, wishUnit: unit, chargesText: "" })}
        placeholder={oil ? t`e.g. 10` : t`e.g. 500`}
      />
    );
  }
  if (measureOf(draft, measures, read.plant.id))
    return (
      <NumberField
        heavy
        label={t`How many`}
        value={{ text: draft.countText, unit: "one" }}
        choices={[]}
        problem={draft.countText ? read.problems.count : undefined}
        onChange={({ text }) => change({ countText: text })}
      />
    );
  const guess = read.guessed && draft.massText ? aboutWords(read.guessed, units) : undefined;
  return (
    <NumberField
      heavy
      label={t`Plant weight`}
      value={{ text: draft.massText, unit: draft.massUnit as UnitName }}
      choices={unitsFor("plantMass", units)}
      problem={draft.massText ? read.problems.mass : undefined}
      help={guess}
      onChange={({ text, unit }) => change({ massText: text, massUnit: unit, chargesText: "" })}
      placeholder={draft.massBy === "still" && !harvest ? t`not weighed` : examplePlant[units]}
    />
  );
}

/** What the amount needs beside it, or what follows from it. */
function BelowAmount({
  plan: { draft, read, measures, units, harvest, change },
}: {
  plan: PlanWork;
}) {
  if (draft.goal === "want" && !harvest)
    return read.massG === undefined ? null : (
      <Txt variant="strong">{t`You need about ${words(showMass(read.massG, units))} of ${read.plant.name}, ${read.plant.part}, in an average year.`}</Txt>
    );
  const measure = measureOf(draft, measures, read.plant.id);
  if (measure)
    return (
      <Select
        label={t`Measure`}
        options={measuresFor(measures, read.plant.id).map(({ id, name, massG }) => ({
          value: id,
          label: `${name}, ${words(showMass(massG, units))}`,
        }))}
        value={measure.id}
        onChange={(measureId) => change({ measureId })}
      />
    );
  if (draft.massBy === "still" && !harvest && read.guessed && !draft.massText)
    return (
      <Txt role="status" variant="small">
        {t`Full, the still takes ${aboutWords(read.guessed, units)}. Weigh one charge, and Sereno learns how you pack it.`}
      </Txt>
    );
  return null;
}

function aboutWords({ massG, low, high }: Guessed, units: UnitSystem): string {
  return t`about ${words(showMass(massG, units))} (${words(showMass(low, units))} to ${words(showMass(high, units))})`;
}
