import { memo, useMemo, useState } from "react";
import { View } from "react-native";
import { wishProblem } from "./wishProblem";
import { plainNumber, showMass, words } from "@/core/units/format";
import { moonPhase } from "@/core/calendar/moon";
import type { Guessed } from "@/core/plan/stillTakes";
import { type NumberInput, readNumber } from "@/core/units/numberInput";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Combobox } from "@/ui/primitives/Combobox";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { plantsToFind } from "@/logbook/plant/plantsToFind";
import { measureOf, measuresFor, singular } from "@/logbook/plan/measureOf";
import type { PlanWork } from "./usePlanDraft";
import { stateWords } from "@/words/stateWords";

/** Plant, and what there is of it or what is wanted from it. */
export const GoalFields = memo(function GoalFields({ plan }: { plan: PlanWork }) {
  const { draft, read, units, harvest, change, context } = plan;
  const plantOptions = useMemo(
    () => plantsToFind(context.book, context.summaries),
    [context.book, context.summaries],
  );
  return (
    <Card className="gap-3">
      {harvest ? (
        <View className="flex-row items-center justify-between gap-3">
          <Txt variant="small" className="flex-1">
            What is left of the harvest of {harvest.cutOn}: {words(showMass(harvest.massG, units))}{" "}
            in all.
          </Txt>
          <Button
            label="New harvest"
            look="plain"
            size="small"
            onPress={() => change({ harvestId: "", runId: "", massText: "", moistureText: "" })}
          />
        </View>
      ) : (
        <>
          <Combobox
            label="Plant"
            placeholder="e.g. lavender"
            options={plantOptions}
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
              })
            }
          />
          {!read.chosen ? null : read.states.length > 1 ? (
            <Choice
              label="State"
              options={read.states.map((value) => ({ value, label: stateWords[value] }))}
              value={read.state}
              onChange={(state) =>
                change({ state, moistureText: "", chargesText: "", waterText: "" })
              }
            />
          ) : (
            <Txt variant="label">{`The figures are for the ${read.state} plant.`}</Txt>
          )}
        </>
      )}
      {read.chosen ? (
        <Txt variant="small">{`${read.plant.moment} ${read.plant.preparation}`}</Txt>
      ) : null}
      {plan.preferences.moon ? <Moon /> : null}
      {harvest ? null : (
        <Choice
          label="Which way round"
          options={[
            { value: "have", label: "I have" },
            { value: "want", label: "I want" },
          ]}
          value={draft.goal}
          onChange={(goal) => change({ goal, chargesText: "" })}
        />
      )}
      {draft.goal === "want" && !harvest ? <Wish plan={plan} /> : <Mass plan={plan} />}
      {read.state === "dried" ? (
        <NumberField
          heavy
          label="It has lain for"
          value={{ text: draft.agedText, unit: "one" }}
          choices={[]}
          suffix="months"
          placeholder="this season's"
          problem={read.problems.aged}
          onChange={({ text }) => change({ agedText: text })}
        />
      ) : null}
      {draft.moistureText ? (
        <NumberField
          heavy
          label="It holds of water"
          value={{ text: draft.moistureText, unit: "one" }}
          choices={[]}
          suffix="%"
          problem={read.problems.moisture}
          onChange={({ text }) => change({ moistureText: text })}
        />
      ) : null}
    </Card>
  );
});

function Moon() {
  const now = useNow(60000);
  return <Txt variant="small">{`Moon: ${moonPhase(now)}.`}</Txt>;
}

function Wish({ plan: { draft, read, units, change } }: { plan: PlanWork }) {
  return (
    <View className="gap-3">
      <Choice
        label="What"
        options={[
          { value: "oil", label: "Oil" },
          { value: "hydrosol", label: "Hydrosol" },
        ]}
        value={draft.wishWhat}
        onChange={(wishWhat) =>
          change({ wishWhat, ...(wishWhat === "oil" ? { wishUnit: "mL" } : {}) })
        }
      />
      <NumberField
        heavy
        label="I want"
        value={{ text: draft.wishText, unit: draft.wishUnit as UnitName }}
        choices={draft.wishWhat === "oil" ? ["mL", "drop"] : unitsFor("volume", units)}
        problem={wishProblem(draft, read, units)}
        onChange={({ text, unit }) => change({ wishText: text, wishUnit: unit, chargesText: "" })}
        placeholder={draft.wishWhat === "oil" ? "oil in the bottle" : "hydrosol in jars"}
        large
      />
      {read.massG === undefined ? null : (
        <Txt variant="strong">{`That takes about ${words(showMass(read.massG, units))} of ${read.plant.name.toLowerCase()}, ${read.plant.part}, in a middling year.`}</Txt>
      )}
    </View>
  );
}

function Mass({ plan }: { plan: PlanWork }) {
  const { draft, read, measures, units, harvest, change } = plan;
  const fits = measuresFor(measures, read.plant.id);
  const measure = measureOf(draft, measures, read.plant.id);
  const filling = draft.massBy === "still" && !harvest;
  return (
    <>
      {harvest ? null : (
        <Choice
          label="How the mass is told"
          options={[
            { value: "scale", label: "Weighed" },
            ...(fits.length > 0 ? [{ value: "measure" as const, label: "Counted" }] : []),
            { value: "still", label: "Fill this still" },
          ]}
          value={draft.massBy}
          onChange={(massBy) => change({ massBy, ...(massBy === "still" ? { massText: "" } : {}) })}
        />
      )}
      {measure ? (
        <View className="flex-row gap-3">
          <NumberField
            heavy
            label="How many"
            value={{ text: draft.countText, unit: "one" }}
            choices={[]}
            problem={draft.countText ? read.problems.count : undefined}
            onChange={({ text }) => change({ countText: text })}
            large
          />
          <Select
            label="Measure"
            options={fits.map((measure) => ({
              value: measure.id,
              label: `${measure.name}, ${words(showMass(measure.massG, units))}`,
            }))}
            value={measure.id}
            onChange={(measureId) => change({ measureId })}
          />
        </View>
      ) : (
        <>
          {filling && read.guessed ? (
            <Txt role="status" variant="strong">
              {`Full, it takes about ${words(showMass(read.guessed.massG, units))} (${between(read.guessed, units)}).`}
            </Txt>
          ) : null}
          <NumberField
            heavy
            label={filling ? "Weighed after all" : "I have"}
            value={{ text: draft.massText, unit: draft.massUnit as UnitName }}
            choices={unitsFor("plantMass", units)}
            problem={draft.massText ? read.problems.mass : undefined}
            help={
              filling
                ? "Leave it empty without a scale. Weighed once, this still knows how you pack it."
                : read.guessed && draft.massText
                  ? `about ${words(showMass(read.guessed.massG, units))} (${between(read.guessed, units)})`
                  : undefined
            }
            onChange={({ text, unit }) =>
              change({ massText: text, massUnit: unit, chargesText: "" })
            }
            placeholder={filling ? "" : "e.g. 1.2 kg"}
            large={!filling}
          />
          {read.counted ? <Piece plan={plan} /> : null}
        </>
      )}
    </>
  );
}

function between({ low, high }: Guessed, units: UnitSystem): string {
  return `${words(showMass(low, units))} to ${words(showMass(high, units))}`;
}

/** What one of the pieces that were counted weighs: asked once, kept as a measure. */
function Piece({ plan: { read, units } }: { plan: PlanWork }) {
  const dispatch = useAppDispatch();
  const [mass, setMass] = useState<NumberInput>({
    text: "",
    unit: unitsFor("plantMass", units)[0] ?? "g",
  });
  const { counted } = read;
  if (!counted) return null;
  const { count, what, measure } = counted;
  if (measure)
    return (
      <Txt role="status" variant="small">
        {`${plainNumber(count)} × ${measure.name}, ${words(showMass(measure.massG, units))} each: ${words(showMass(measure.massG * count, units))}.`}
      </Txt>
    );
  const name = singular(what);
  const weighed = readNumber(mass, {
    name: "Its weight",
    ...limits.positive,
    remedy: "Weigh one, or several and divide.",
  });
  return (
    <View className="gap-2">
      <NumberField
        label={`One ${name} weighs`}
        value={mass}
        choices={unitsFor("plantMass", units)}
        problem={mass.text && !weighed.ok ? weighed.problem : undefined}
        onChange={setMass}
      />
      <View className="flex-row">
        <Button
          label="Save weight"
          look="quiet"
          size="small"
          disabled={!weighed.ok}
          onPress={() =>
            weighed.ok &&
            dispatch(
              addNew([
                {
                  ...newRecord("measure", new Date()),
                  name,
                  massG: weighed.value,
                  plantId: read.plant.id,
                },
              ]),
            )
          }
        />
      </View>
    </View>
  );
}
