import { Controller, type Control, type FieldValues } from "react-hook-form";
import { View } from "react-native";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { smellsOf } from "@/logbook/plant/smellsOf";
import { withProse } from "@/logbook/plant/withProse";
import { useProseBookSoon } from "@/store/useProse";
import { FormText } from "@/ui/primitives/form";
import { WordChips } from "@/ui/primitives/WordChips";
import type { SeparateForm } from "./separateForm";

type FormControl = Control<SeparateForm, unknown, FieldValues>;

/** What oil and hydrosol look like and smell of; what the plant's usually do stands there in grey. */
export function LookAndSmell({
  control,
  plant,
}: {
  control: FormControl;
  plant: KnownPlant | undefined;
}) {
  const prose = useProseBookSoon();
  const usual = plant && prose && withProse(plant, prose);
  const smells = plant ? smellsOf(plant.composition) : [];
  return (
    <>
      <View className="flex-row gap-3">
        <FormText control={control} name="look" label={t`Look`} placeholder={usual?.oilLook} />
        <FormText control={control} name="smell" label={t`Smell`} />
      </View>
      <SmellWords control={control} name="smell" label={t`Words for the oil`} words={smells} />
      <View className="flex-row gap-3">
        <FormText
          control={control}
          name="hydrosolLook"
          label={t`Hydrosol looks`}
          placeholder={t`clear, milky`}
        />
        <FormText
          control={control}
          name="hydrosolSmell"
          label={t`Hydrosol smells`}
          placeholder={usual?.hydrosolLook}
        />
      </View>
      <SmellWords
        control={control}
        name="hydrosolSmell"
        label={t`Words for the hydrosol`}
        words={smells}
      />
    </>
  );
}

/** The plant's own words, to be tapped into a smell. */
function SmellWords({
  control,
  name,
  ...rest
}: {
  control: FormControl;
  name: "smell" | "hydrosolSmell";
  label: string;
  words: readonly string[];
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => <WordChips {...rest} value={field.value} onChange={field.onChange} />}
    />
  );
}
