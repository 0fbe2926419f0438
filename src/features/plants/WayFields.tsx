import type { Control } from "react-hook-form";
import { View } from "react-native";
import { tissues } from "@/core/plant/plant";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber, FormSelect, FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import type { PlantForm, PlantFormRead } from "./plantForm";
import { tissueNames } from "@/words/plantWords";

const yesNo = [
  { value: "no", label: t`No` },
  { value: "yes", label: t`Yes` },
];

/** How a plant is cut, made ready and distilled, and how its tissue lets go. */
export function WayFields({ control }: { control: Control<PlantForm, unknown, PlantFormRead> }) {
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`How it is distilled`}</Txt>
      <FormText control={control} name="moment" label={t`Best moment`} lines={2} maxLength={300} />
      <FormText
        control={control}
        name="preparation"
        label={t`Preparation`}
        lines={2}
        maxLength={300}
      />
      <FormChoice
        control={control}
        name="preferredMethod"
        label={t`Method`}
        options={[
          { value: "steam", label: t`Over steam` },
          { value: "hydro", label: t`Plant in the water` },
        ]}
      />
      <FormText control={control} name="methodReason" label={t`Why so`} lines={2} maxLength={300} />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="waterFresh"
          label={t`Water, fresh plant in it`}
          choices={[]}
          suffix={t`× its weight`}
        />
        <FormNumber
          control={control}
          name="waterDried"
          label={t`Water, dried plant in it`}
          choices={[]}
          suffix={t`× its weight`}
        />
      </View>
      <FormChoice control={control} name="froths" label={t`Froths in the water`} options={yesNo} />
      <FormChoice control={control} name="mats" label={t`Mats over steam`} options={yesNo} />
      <FormNumber
        control={control}
        name="usualMinutes"
        label={t`Usual time after the first drop`}
        choices={["min", "h"]}
      />
      <FormSelect
        control={control}
        name="tissue"
        label={t`Where its oil lies`}
        options={tissues.map((value) => ({ value, label: tissueNames[value] }))}
      />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="freeShare"
          label={t`Free at once`}
          choices={[]}
          suffix="%"
        />
        <FormNumber
          control={control}
          name="release"
          label={t`Then each minute`}
          choices={[]}
          suffix="%"
        />
      </View>
    </Card>
  );
}
