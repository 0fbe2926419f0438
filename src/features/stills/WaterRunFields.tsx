import { View } from "react-native";
import { showMass, showTemperature, words } from "@/core/units/format";
import type { NumberInput } from "@/core/units/numberInput";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { Card } from "@/ui/primitives/Card";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { inMetal } from "@/words/stillWords";

export type WaterRunField = "water" | "start" | "boil" | "rate";

interface Props {
  still: Still;
  boilC: number;
  typed: Record<WaterRunField, NumberInput>;
  onType: (field: WaterRunField) => (input: NumberInput) => void;
  problem: (field: WaterRunField) => string | undefined;
  volumes: readonly UnitName[];
  units: UnitSystem;
}

/** What is read of a run with water alone. */
export function WaterRunFields({ still, boilC, typed, onType, problem, volumes, units }: Props) {
  return (
    <Card className="gap-3">
      <Txt>{t`Fill the clean still with water alone and run it on full heat until it drips steadily. That is your clean run as well: pour the first distillate away.`}</Txt>
      <View className="flex-row gap-3">
        <NumberField
          label={t`Water in the pot`}
          value={typed.water}
          onChange={onType("water")}
          required
          choices={volumes}
          problem={problem("water")}
        />
        <NumberField
          label={t`It was at`}
          value={typed.start}
          onChange={onType("start")}
          required
          choices={unitsFor("temperature", units)}
          problem={problem("start")}
        />
      </View>
      <NumberField
        label={t`From heat on to a full boil`}
        value={typed.boil}
        onChange={onType("boil")}
        required
        choices={["min"]}
        problem={problem("boil")}
      />
      <NumberField
        label={t`Distillate in a minute, once it is steady`}
        value={typed.rate}
        onChange={onType("rate")}
        required
        choices={unitsFor("volume", units)}
        help={t`Catch five minutes in a measure and divide by five.`}
        problem={problem("rate")}
      />
      <Txt variant="small">{t`Calculated with ${still.heat.powerW} W, ${words(showMass(still.emptyMassG, units))} of ${inMetal[still.metal]} and a boil at ${words(showTemperature(boilC, units))}.`}</Txt>
    </Card>
  );
}
