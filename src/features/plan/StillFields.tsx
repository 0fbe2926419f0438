import { memo } from "react";
import { View } from "react-native";
import { plainNumber } from "@/core/units/format";
import { hydrosolToKeep } from "@/core/plan/hydrosolToKeep";
import { type UnitName, unitsFor } from "@/core/units/units";
import { methodWords } from "@/words/methodWords";
import { receiverLine } from "@/words/receiverWords";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanWork } from "./usePlanDraft";

/** The still, how it is loaded, when it stops, and what catches the oil. */
export const StillFields = memo(function StillFields({ plan }: { plan: PlanWork }) {
  const { draft, read, stills, units, change } = plan;
  const { stopBy } = draft;
  return (
    <Card className="gap-3">
      {stills.length > 1 ? (
        <Choice
          label="Still"
          shown
          options={stills.map(({ id, name }) => ({ value: id, label: name }))}
          value={read.still?.id}
          onChange={(stillId) =>
            change({ stillId, chargesText: "", waterText: "", receiver: "0", iceText: "" })
          }
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
      <View className="flex-row gap-3">
        {stopBy === "clock" ? (
          <NumberField
            heavy
            label="After the first drop"
            value={{ text: draft.minutesText, unit: "min" }}
            choices={["min"]}
            placeholder={`usual ${read.plant.usualMinutes}`}
            problem={read.problems.minutes}
            onChange={({ text }) => change({ minutesText: text })}
          />
        ) : null}
        {read.method !== "cohobation" && stopBy !== "clock" && stopBy !== "smell" ? (
          <NumberField
            heavy
            label="Hydrosol to keep"
            value={{ text: draft.ratioText, unit: "one" }}
            choices={[]}
            suffix="L/kg"
            placeholder={`usual ${plainNumber(hydrosolToKeep(read.plant.tissue, read.state))}`}
            problem={read.problems.ratio}
            onChange={({ text }) => change({ ratioText: text })}
          />
        ) : null}
        {stopBy === "tail" || stopBy === "least" || stopBy === "worth" ? (
          <NumberField
            heavy
            label="Ten more earn"
            value={{ text: draft.worthText, unit: "mL" }}
            choices={["mL"]}
            placeholder="2 %"
            problem={read.problems.worth}
            onChange={({ text }) => change({ worthText: text })}
          />
        ) : null}
        {stopBy === "smell" ? (
          <Txt
            variant="small"
            className="flex-1"
          >{`Your nose ends it; the plan reckons with the usual ${read.plant.usualMinutes} min.`}</Txt>
        ) : null}
      </View>
      <View className="flex-row gap-3">
        <NumberField
          heavy
          label="Charges"
          value={{ text: draft.chargesText, unit: "one" }}
          choices={[]}
          placeholder="as fits"
          problem={read.problems.charges}
          onChange={({ text }) => change({ chargesText: text })}
        />
        <NumberField
          heavy
          label="Water in the pot"
          value={{ text: draft.waterText, unit: draft.waterUnit as UnitName }}
          choices={unitsFor("volume", units)}
          placeholder="plan"
          problem={read.problems.water}
          onChange={({ text, unit }) => change({ waterText: text, waterUnit: unit })}
        />
      </View>
      <NumberField
        heavy
        label="Distillate after the first drop"
        value={{ text: draft.rateText, unit: "one" }}
        choices={[]}
        suffix="mL/min"
        placeholder={`as ${draft.pace} is`}
        problem={read.problems.rate}
        onChange={({ text }) => change({ rateText: text })}
      />
      {read.receivers.length > 1 ? (
        <Choice
          label="Receiver"
          shown
          options={read.receivers.map((receiver, at) => ({
            value: String(at),
            label: receiverLine(receiver, units),
          }))}
          value={String(read.receiverAt)}
          onChange={(receiver) => change({ receiver })}
        />
      ) : null}
    </Card>
  );
});
