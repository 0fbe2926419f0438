import X from "lucide-react-native/icons/x";
import { useFieldArray, useFormState, useWatch, type Control } from "react-hook-form";
import { Pressable, View } from "react-native";
import { fixed, showDensity, showDissolved, words } from "@/core/units/format";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { compounds } from "@/core/plant/compounds";
import { oilProperties } from "@/core/plant/oil";
import { t } from "@/language/t";
import { useUnits } from "@/store/hooks";
import { parseNumber } from "@/core/units/parseNumber";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber, FormSelect, FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import { layerWords } from "@/words/plantWords";
import { compositionOf, type PlantForm, type PlantFormRead } from "./plantForm";

interface Props {
  control: Control<PlantForm, unknown, PlantFormRead>;
}

const byName = Object.values(compounds).toSorted((a, b) => a.name.localeCompare(b.name));

/** What an oil is made of, line by line, with what follows from it as it is typed. */
export function OilFields({ control }: Props) {
  const units = useUnits();
  const { fields, append, remove } = useFieldArray({ control, name: "parts" });
  const named = new Set(useWatch({ control, name: "parts" }).map(({ compoundId }) => compoundId));
  const problem = useFormState({ control, name: "parts" }).errors.parts;
  const asWhole = problem?.root?.message ?? problem?.message;
  const next = byName.find(({ id }) => !named.has(id));
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Its oil`}</Txt>
      {fields.map((field, at) => (
        <View key={field.id} role="group" aria-label={t`Part ${at + 1}`} className="gap-1">
          <View className="flex-row items-start gap-2">
            <View className="min-w-0 flex-[3]">
              <FormSelect
                control={control}
                name={`parts.${at}.compoundId`}
                label={t`Part`}
                options={byName.map(({ id, name }) => ({ value: id, label: name }))}
              />
            </View>
            <View className="min-w-0 flex-[2]">
              <FormNumber
                control={control}
                name={`parts.${at}.percent`}
                label={t`Share`}
                choices={[]}
                suffix="%"
              />
            </View>
            <Pressable
              role="button"
              aria-label={t`Remove part ${at + 1}`}
              onPress={() => remove(at)}
              className="mt-[26px] min-h-[52px] min-w-[44px] items-center justify-center rounded-[14px] active:opacity-80"
            >
              <X size={20} color="var(--soft)" />
            </Pressable>
          </View>
        </View>
      ))}
      <WhatFollows control={control} />
      {asWhole ? (
        <Txt role="alert" variant="strong" className="text-ember-ink">
          {asWhole}
        </Txt>
      ) : null}
      {next ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Add a part`}
            onPress={() => append({ compoundId: next.id, percent: { text: "", unit: "one" } })}
          />
        </View>
      ) : null}
      <FormNumber
        control={control}
        name="setsBelow"
        label={t`Sets below`}
        choices={unitsFor("temperature", units)}
        placeholder={t`does not set`}
      />
      <FormChoice
        control={control}
        name="keeping"
        label={t`Keeps`}
        options={[
          { value: "short", label: t`A year` },
          { value: "middling", label: t`Two years` },
          { value: "long", label: t`Four years` },
        ]}
      />
      <FormText control={control} name="oilLook" label={t`Look and smell of the oil`} />
    </Card>
  );
}

function WhatFollows({ control }: Props) {
  const units = useUnits();
  const parts = useWatch({ control, name: "parts" }).map(({ compoundId, percent }) => {
    const read = parseNumber(percent.text);
    return { compoundId, percent: read.ok ? read.value : undefined };
  });
  return (
    <Txt variant="small" role="status">
      {followsFrom(compositionOf(parts), units)}
    </Txt>
  );
}

function followsFrom(composition: Record<string, number>, units: UnitSystem): string {
  const total = Object.values(composition).reduce((sum, share) => sum + share, 0);
  try {
    const { densityGPerMl, layer, solubilityGPerL } = oilProperties(composition);
    const follows = t`These come to ${fixed(total * 100, 0)} %. Density ${words(showDensity(densityGPerMl, units))}: ${layerWords[layer]}. Water dissolves up to ${words(showDissolved(Math.max(0.1, solubilityGPerL), units))}.`;
    return total < 0.995
      ? t`${follows} What is not entered is assumed to be like the rest.`
      : follows;
  } catch {
    return total > 0
      ? t`These come to ${fixed(total * 100, 0)} %: more than the whole oil.`
      : t`No part of the oil has a share yet.`;
  }
}
