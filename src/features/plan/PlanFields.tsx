import { View } from "react-native";
import { showMass, unitsFor, words, type UnitName } from "@/core";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { plantOptions } from "./planDraft";
import type { usePlanDraft } from "./usePlanDraft";

const stateWords = { fresh: "Fresh", wilted: "Wilted", dried: "Dried" };
const methodWords = { steam: "Over steam", hydro: "In water" };

/** What the person has: plant, mass, still, method, when to stop. */
export function PlanFields({ plan }: { plan: ReturnType<typeof usePlanDraft> }) {
  const { draft, read, measures, stills, units, harvest, change } = plan;
  const fits = measures.filter(({ plantId }) => !plantId || plantId === read.plant.id);
  return (
    <>
      <Card className="gap-3">
        {harvest ? (
          <View className="flex-row items-center justify-between gap-3">
            <Txt variant="small" className="flex-1">
              What is left of the harvest of {harvest.cutOn}:{" "}
              {words(showMass(harvest.massG, units))} in all.
            </Txt>
            <Button
              label="New harvest"
              look="plain"
              size="small"
              onPress={() => change({ harvestId: "", massText: "" })}
            />
          </View>
        ) : (
          <Select
            label="Plant"
            options={plantOptions}
            value={read.plant.id}
            onChange={(plantId) =>
              change({
                plantId,
                state: "",
                method: "",
                minutesText: "",
                waterText: "",
                chargesText: "",
              })
            }
          />
        )}
        {harvest ? null : (
          <Choice
            label="State"
            options={read.states.map((value) => ({ value, label: stateWords[value] }))}
            value={read.state}
            onChange={(state) => change({ state, chargesText: "", waterText: "" })}
          />
        )}
        <Txt variant="small">{`${read.plant.moment} ${read.plant.preparation}`}</Txt>
        {fits.length > 0 && !harvest ? (
          <Choice
            label="How the mass is told"
            options={[
              { value: "scale", label: "Weighed" },
              { value: "measure", label: "Counted" },
            ]}
            value={draft.massBy}
            onChange={(massBy) => change({ massBy })}
          />
        ) : null}
        {draft.massBy === "measure" && fits.length > 0 && !harvest ? (
          <View className="flex-row gap-3">
            <NumberField
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
              value={
                fits.some(({ id }) => id === draft.measureId)
                  ? draft.measureId
                  : (fits[0]?.id ?? "")
              }
              onChange={(measureId) => change({ measureId })}
            />
          </View>
        ) : (
          <NumberField
            label="I have"
            value={{ text: draft.massText, unit: draft.massUnit as UnitName }}
            choices={unitsFor("plantMass", units)}
            problem={draft.massText ? read.problems.mass : undefined}
            onChange={({ text, unit }) =>
              change({ massText: text, massUnit: unit, chargesText: "" })
            }
            placeholder="plant as it goes in"
            large
          />
        )}
      </Card>
      <Card className="gap-3">
        {stills.length > 1 ? (
          <Choice
            label="Still"
            shown
            options={stills.map(({ id, name }) => ({ value: id, label: name }))}
            value={read.still?.id}
            onChange={(stillId) => change({ stillId, chargesText: "", waterText: "" })}
          />
        ) : null}
        {read.methods.length > 1 ? (
          <Choice
            label="Method"
            shown
            options={read.methods.map((value) => ({ value, label: methodWords[value] }))}
            value={read.method}
            onChange={(method) => change({ method, waterText: "", chargesText: "" })}
          />
        ) : null}
        <Txt variant="small">
          {read.method === read.plant.preferredMethod
            ? read.plant.methodReason
            : `Usual for this plant is ${methodWords[read.plant.preferredMethod].toLowerCase()}: ${read.plant.methodReason}`}
        </Txt>
        <Choice
          label="Stop by"
          shown
          options={[
            { value: "ratio", label: "Hydrosol to plant" },
            { value: "clock", label: "The clock" },
          ]}
          value={draft.stopBy}
          onChange={(stopBy) => change({ stopBy })}
        />
        <View className="flex-row gap-3">
          {draft.stopBy === "clock" ? (
            <NumberField
              label="After the first drop"
              value={{ text: draft.minutesText, unit: "min" }}
              choices={["min"]}
              placeholder={`usual ${read.plant.usualMinutes}`}
              problem={read.problems.minutes}
              onChange={({ text }) => change({ minutesText: text })}
            />
          ) : (
            <NumberField
              label="Hydrosol per plant"
              value={{ text: draft.ratioText, unit: "one" }}
              choices={[]}
              suffix=": 1"
              problem={read.problems.ratio}
              help="1 : 1 is usual; more thins it."
              onChange={({ text }) => change({ ratioText: text })}
            />
          )}
          <NumberField
            label="Charges"
            value={{ text: draft.chargesText, unit: "one" }}
            choices={[]}
            placeholder="as fits"
            problem={read.problems.charges}
            onChange={({ text }) => change({ chargesText: text })}
          />
        </View>
        <NumberField
          label="Water in the pot"
          value={{ text: draft.waterText, unit: draft.waterUnit as UnitName }}
          choices={unitsFor("volume", units)}
          placeholder="as planned"
          problem={read.problems.water}
          onChange={({ text, unit }) => change({ waterText: text, waterUnit: unit })}
        />
      </Card>
    </>
  );
}
