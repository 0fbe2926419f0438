import type { Control } from "react-hook-form";
import { View } from "react-native";
import { type UnitSystem, ownUnits } from "@/core/units/units";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { FormNumber } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import { stateWords } from "@/words/stateWords";
import type { PlantForm, PlantFormRead } from "./plantForm";

/** What each state holds: all four figures of it, or none where it is not distilled so. */
export function StateFields({
  control,
  units,
}: {
  control: Control<PlantForm, unknown, PlantFormRead>;
  units: UnitSystem;
}) {
  return plantStates.map((state) => (
    <Card key={state} className="gap-3">
      <Txt variant="heading">{stateWords[state]}</Txt>
      {figurePairs.map((pair) => (
        <View key={pair[0].figure} className="flex-row gap-3">
          {pair.map(({ figure, label, kind }) => (
            <FormNumber
              key={figure}
              control={control}
              name={field(state, figure)}
              label={label}
              choices={kind ? ownUnits(kind, units) : []}
              suffix={kind ? undefined : "%"}
              placeholder={t`not known`}
            />
          ))}
        </View>
      ))}
    </Card>
  ));
}

type Figure = "Low" | "High" | "Moisture" | "Packing";

const figurePairs = [
  [
    { figure: "Low", label: t`Oil, low`, kind: "plantYield" },
    { figure: "High", label: t`Oil, high`, kind: "plantYield" },
  ],
  [
    { figure: "Moisture", label: t`Water in it`, kind: undefined },
    { figure: "Packing", label: t`Packing`, kind: "packing" },
  ],
] as const;

function field<S extends PlantState>(state: S, figure: Figure) {
  return `${state}${figure}` as Extract<keyof PlantForm, `${S}${Figure}`>;
}
