import { type Control, type FieldValues, useFormState } from "react-hook-form";
import { View } from "react-native";
import { fixed, showOil, words } from "@/core/units/format";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { Card } from "@/ui/primitives/Card";
import { Fold } from "@/ui/primitives/Fold";
import { Txt } from "@/ui/primitives/Txt";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { LookAndSmell } from "./LookAndSmell";
import type { SeparateForm } from "./separateForm";

interface Props {
  control: Control<SeparateForm, unknown, FieldValues>;
  plant: KnownPlant | undefined;
  /** The oil's density by the plan. */
  densityGPerMl: number;
  units: UnitSystem;
  /** Jars that were swapped, what each smells of by the plan. */
  jars: readonly string[];
  /** Oil drawn off later that counts beside the jars' own, mL. */
  laterMl: number;
  /** Liquid from the pot was kept. */
  liquorKept: boolean;
  /** Looks, smells, pH or a note are in it already. */
  noted: boolean;
}

/* What stands behind the fold. */
const folded = ["look", "smell", "hydrosolLook", "hydrosolSmell", "ph", "note"] as const;

/** Whether anything that stands behind the fold has been filled in. */
export function isNoted(form: SeparateForm): boolean {
  return folded.some((name) => {
    const value = form[name];
    return (typeof value === "string" ? value : value.text).trim() !== "";
  });
}

/** What is measured once oil and hydrosol are apart. */
export function ResultFields({
  control,
  plant,
  densityGPerMl,
  units,
  jars,
  laterMl,
  liquorKept,
  noted,
}: Props) {
  const volumes = unitsFor("volume", units);
  const { errors } = useFormState({ control });
  const wrong = folded.some((name) => errors[name] !== undefined);
  return (
    <>
      <Card className="gap-3">
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="oil"
            label={t`Oil`}
            placeholder={t`open`}
            choices={unitsFor("oilVolume", units)}
          />
          <FormNumber
            control={control}
            name="hydrosol"
            label={t`Hydrosol, all of it`}
            placeholder={t`open`}
            choices={volumes}
          />
        </View>
        <Txt variant="small">{t`Leave empty what you measure later. No visible oil? Enter 0.`}</Txt>
        {jars.length > 1 ? (
          <View className="gap-3">
            <Txt variant="small">{t`Each jar as it was swapped. Enter all of them, and they make up the whole. Each becomes a lot of its own, and so does its oil if you kept it apart.`}</Txt>
            {jars.map((smells, i) => (
              <View key={i} className="flex-row gap-3">
                <FormNumber
                  control={control}
                  name={`jars.${i}`}
                  label={smells ? t`Jar ${i + 1}: ${smells}` : t`Jar ${i + 1}`}
                  choices={volumes}
                />
                <FormNumber
                  control={control}
                  name={`jarOils.${i}`}
                  label={t`Jar ${i + 1}, its oil`}
                  choices={unitsFor("oilVolume", units)}
                  placeholder={t`together`}
                />
              </View>
            ))}
            {laterMl > 0 ? (
              <Txt variant="small">{t`Drawn off later: ${words(showOil(laterMl))}. It counts beside the oil of the jars.`}</Txt>
            ) : null}
          </View>
        ) : null}
        <View className="flex-row gap-3">
          {jars.length > 1 ? null : (
            <FormNumber
              control={control}
              name="firstCut"
              label={t`First cut, if kept apart`}
              choices={volumes}
              placeholder={t`none`}
            />
          )}
          <FormNumber
            control={control}
            name="density"
            label={t`Oil density, if weighed`}
            choices={[]}
            suffix={units === "metric" ? "g/mL" : t`× water`}
            placeholder={fixed(densityGPerMl, 3)}
          />
        </View>
        {liquorKept ? (
          <View className="flex-row gap-3">
            <FormNumber
              control={control}
              name="liquor"
              label={t`Pot liquor, as kept`}
              choices={volumes}
              placeholder={t`open`}
            />
            <View className="flex-1" />
          </View>
        ) : null}
      </Card>
      <Fold
        title={t`Look, smell, pH, note`}
        inside={t`What you see and smell, in the plant's words or yours`}
        filled={noted}
        wrong={wrong}
      >
        <LookAndSmell control={control} plant={plant} />
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="ph"
            label={t`pH of the hydrosol`}
            choices={[]}
            placeholder={t`if measured`}
          />
          <View className="flex-1" />
        </View>
        <FormText
          control={control}
          name="note"
          label={t`Note`}
          lines={3}
          maxLength={5000}
          placeholder={t`spent plant, weather, what to change`}
        />
      </Fold>
    </>
  );
}
