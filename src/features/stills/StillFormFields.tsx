import type { Control, UseFieldArrayReturn, FieldValues } from "react-hook-form";
import { View } from "react-native";
import { fixed } from "@/core/units/format";
import { type Construction, constructionOf } from "@/core/still/constructions";
import { type HeatKind, heatSources } from "@/core/still/heatSources";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import { hasTub, type StillForm } from "./stillForm";
import {
  closingOptions,
  condenserOptions,
  headOptions,
  heatOptions,
  holderWords,
  receiverOptions,
  trapOptions,
} from "@/words/stillWords";

interface Part {
  control: Control<StillForm, unknown, FieldValues>;
}

const litres = (units: UnitSystem) =>
  units === "metric" ? (["L", "mL", "gal"] as const) : (["gal", "floz", "L"] as const);
const kilograms = (units: UnitSystem) =>
  units === "metric" ? (["kg", "lb"] as const) : (["lb", "kg"] as const);

/** Pot, basket or vessel or bowl, dry line, and what the still weighs. */
export function PotFields({
  control,
  construction,
  units,
}: Part & { construction: Construction; units: UnitSystem }) {
  const lengths = unitsFor("length", units);
  const row = constructionOf(construction);
  const part = row.holder === "none" ? undefined : holderWords[row.holder];
  const holder = part ? part.charAt(0).toUpperCase() + part.slice(1) : undefined;
  return (
    <Card className="gap-3">
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="potVolume"
          label={row.holder === "vessel" ? t`Boiler holds` : t`Pot holds`}
          choices={litres(units)}
        />
        <FormNumber
          control={control}
          name="potDiameter"
          label={t`Inside diameter`}
          choices={lengths}
        />
      </View>
      {holder ? (
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="holderVolume"
            label={t`${holder} holds`}
            choices={litres(units)}
          />
          <FormNumber
            control={control}
            name="holderDiameter"
            label={t`${holder} diameter`}
            choices={lengths}
          />
        </View>
      ) : null}
      <View className="flex-row gap-3">
        {row.inside ? (
          <FormNumber
            control={control}
            name="basketFloor"
            label={row.holder === "bowl" ? t`Bowl above the floor` : t`Grid above the floor`}
            choices={lengths}
          />
        ) : null}
        <FormNumber
          control={control}
          name="dryLine"
          label={t`Dry line`}
          choices={unitsFor("volume", units)}
          help={t`Least water that covers element or floor safely`}
        />
      </View>
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="emptyMass"
          label={t`Empty, it weighs`}
          choices={kilograms(units)}
        />
        <FormNumber
          control={control}
          name="jar"
          label={t`Usual jar`}
          choices={unitsFor("volume", units)}
        />
      </View>
      <FormNumber
        control={control}
        name="holdUp"
        label={t`Oil left on the tubes`}
        choices={["mL"]}
        help={t`0.1 to 0.5 mL is usual`}
      />
    </Card>
  );
}

/** A pot that locks may not be shut while it distils: the person says so. */
export function LidFields({ control }: Part) {
  return (
    <Card wash="ember" className="gap-3">
      <FormChoice
        control={control}
        name="closing"
        label={t`Weight or valve`}
        options={closingOptions}
      />
      <Txt variant="small">{t`Sereno plans nothing under pressure. A pot that is shut bursts where it is weak, and hotter steam spoils the oil.`}</Txt>
    </Card>
  );
}

/** What heats it, how strongly, and how much of that arrives. */
export function HeatFields({
  control,
  heatKind,
  units,
}: Part & { heatKind: HeatKind; units: UnitSystem }) {
  return (
    <Card className="gap-3">
      <FormChoice control={control} name="heatKind" label={t`Heat`} options={heatOptions} />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="power"
          label={t`Power`}
          choices={
            heatSources[heatKind].hazard === "pressure"
              ? ["W", "kW", ...(units === "metric" ? (["steamLPerH"] as const) : []), "hp"]
              : ["W", "kW"]
          }
        />
        <FormNumber
          control={control}
          name="efficiency"
          label={t`Reaches the pot`}
          choices={[]}
          suffix="%"
          placeholder={t`usual: ${fixed(heatSources[heatKind].usualEfficiency * 100, 0)}`}
        />
      </View>
    </Card>
  );
}

interface CondenserPart extends Part {
  construction: Construction;
  condenser: StillForm["condenser"];
  units: UnitSystem;
}

/** Head and condenser, with the tub, the tap or the ice that cools it. */
export function CondenserFields({ control, construction, condenser, units }: CondenserPart) {
  const { catchesItself: bowl, choiceOfHeads, trap } = constructionOf(construction);
  const tub = !bowl && hasTub(condenser);
  return (
    <Card className="gap-3">
      {choiceOfHeads ? (
        <FormChoice control={control} name="head" label={t`Head`} options={headOptions} />
      ) : null}
      {trap ? (
        <FormChoice control={control} name="trapKeeps" label={t`Its trap`} options={trapOptions} />
      ) : null}
      {bowl ? null : (
        <FormChoice
          control={control}
          name="condenser"
          label={t`Cooled by`}
          options={condenserOptions}
        />
      )}
      <View className="flex-row gap-3">
        {tub ? (
          <FormNumber control={control} name="tub" label={t`Tub holds`} choices={litres(units)} />
        ) : null}
        {tub || bowl ? (
          <FormNumber
            control={control}
            name="ice"
            label={bowl ? t`Ice on the lid` : t`Ice at the start`}
            choices={kilograms(units)}
            placeholder={t`none`}
          />
        ) : null}
        {!bowl && condenser === "tap" ? (
          <FormNumber
            control={control}
            name="rise"
            label={t`Water may warm by`}
            choices={[]}
            suffix="K"
            help={t`K, kelvin: a difference of one degree Celsius.`}
            placeholder={t`usual: 25`}
          />
        ) : null}
      </View>
      {bowl ? null : (
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="tubeLength"
            label={t`Tube length`}
            choices={unitsFor("tubeLength", units)}
            placeholder={units === "metric" ? t`e.g. 3` : t`e.g. 10`}
          />
          <FormNumber
            control={control}
            name="tubeDiameter"
            label={t`Tube inside width`}
            choices={unitsFor("length", units)}
            placeholder={units === "metric" ? t`e.g. 10` : t`e.g. 0.4`}
            help={t`With both, the plan says how much this condenser takes.`}
          />
        </View>
      )}
    </Card>
  );
}

interface ReceiverPart extends Part {
  receivers: UseFieldArrayReturn<StillForm, "receivers">;
  units: UnitSystem;
}

/** Receivers beside the usual jar, the one in use first. */
export function ReceiverFields({ control, receivers, units }: ReceiverPart) {
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Receivers`}</Txt>
      <Txt variant="small">{t`Beside the usual jar. The first is taken when you plan; how wide it is where the oil gathers decides what you see.`}</Txt>
      {receivers.fields.map(({ id }, index) => (
        <View key={id} className="gap-2">
          <FormChoice
            control={control}
            name={`receivers.${index}.kind`}
            label={t`Receiver ${index + 1}`}
            options={receiverOptions}
          />
          <View className="flex-row items-end gap-3">
            <FormNumber
              control={control}
              name={`receivers.${index}.diameter`}
              label={t`Inside diameter`}
              choices={unitsFor("length", units)}
            />
            <FormNumber
              control={control}
              name={`receivers.${index}.volume`}
              label={t`Holds`}
              choices={unitsFor("volume", units)}
            />
          </View>
          <View className="flex-row">
            <Button
              look="plain"
              size="small"
              label={t`Remove`}
              hint={t`Remove receiver ${index + 1}`}
              onPress={() => receivers.remove(index)}
            />
          </View>
        </View>
      ))}
      {receivers.fields.length < 8 ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Add a receiver`}
            onPress={() =>
              receivers.append({
                kind: "tube",
                diameter: toInput(undefined, unitsFor("length", units)[0] ?? "mm"),
                volume: toInput(undefined, unitsFor("volume", units)[0] ?? "mL"),
              })
            }
          />
        </View>
      ) : null}
    </Card>
  );
}
