import type { Control } from "react-hook-form";
import { View } from "react-native";
import { tissues } from "@/core/plant/plant";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber, FormSelect, FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import type { PlantForm, PlantFormRead } from "./plantForm";
import { tissueNames } from "@/words/plantWords";

const yesNo = [
  { value: "no", label: "No" },
  { value: "yes", label: "Yes" },
];

/** How a plant is cut, made ready and distilled, and how its tissue lets go. */
export function WayFields({ control }: { control: Control<PlantForm, unknown, PlantFormRead> }) {
  return (
    <Card className="gap-3">
      <Txt variant="heading">How it is distilled</Txt>
      <FormText control={control} name="moment" label="Best moment" lines={2} maxLength={300} />
      <FormText
        control={control}
        name="preparation"
        label="Preparation"
        lines={2}
        maxLength={300}
      />
      <FormChoice
        control={control}
        name="preferredMethod"
        label="Method"
        options={[
          { value: "steam", label: "Over steam" },
          { value: "hydro", label: "Plant in the water" },
        ]}
      />
      <FormText control={control} name="methodReason" label="Why so" lines={2} maxLength={300} />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="waterFresh"
          label="Water, fresh plant in it"
          choices={[]}
          suffix="× its weight"
        />
        <FormNumber
          control={control}
          name="waterDried"
          label="Water, dried plant in it"
          choices={[]}
          suffix="× its weight"
        />
      </View>
      <FormChoice control={control} name="froths" label="Froths in the water" options={yesNo} />
      <FormChoice control={control} name="mats" label="Mats over steam" options={yesNo} />
      <FormNumber
        control={control}
        name="usualMinutes"
        label="Usual time after the first drop"
        choices={["min", "h"]}
      />
      <FormSelect
        control={control}
        name="tissue"
        label="Where its oil lies"
        options={tissues.map((value) => ({ value, label: tissueNames[value] }))}
      />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="freeShare"
          label="Free at once"
          choices={[]}
          suffix="%"
        />
        <FormNumber
          control={control}
          name="release"
          label="Then each minute"
          choices={[]}
          suffix="%"
        />
      </View>
    </Card>
  );
}
