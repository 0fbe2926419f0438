import { View } from "react-native";
import type { NumberInput } from "@/core/units/numberInput";
import type { UnitName } from "@/core/units/units";
import { t } from "@/language/t";
import { Button } from "./Button";
import { Card } from "./Card";
import { Choice } from "./Choice";
import { Combobox, type Found } from "./Combobox";
import { NumberField } from "./NumberField";

interface Props<State extends string> {
  /** Its place among the others, from 1: "Plant 2". */
  number: number;
  plants: readonly Found<string>[];
  /** The states this plant is known in. */
  states: readonly { value: State; label: string }[];
  units: readonly UnitName[];
  value: { plantId: string; state: State | ""; mass: NumberInput };
  problems?: { plant?: string; mass?: string };
  onChange: (part: Partial<Props<State>["value"]>) => void;
  /** Absent: it is needed. */
  onRemove?: () => void;
}

/** One plant of several: which, how it is, and what it weighs. */
export function PlantAmount<State extends string>({
  number,
  plants,
  states,
  units,
  value,
  problems,
  onChange,
  onRemove,
}: Props<State>) {
  return (
    <View role="group" aria-label={t`Plant ${number}`}>
      <Card className="gap-3">
        <Combobox
          label={t`Plant ${number}`}
          placeholder={t`e.g. lavender`}
          options={plants}
          value={value.plantId}
          problem={problems?.plant}
          onChange={(plantId) => onChange({ plantId, state: "" })}
        />
        {states.length > 1 ? (
          <Choice
            label={t`Plant ${number} is`}
            options={states}
            value={states.find((state) => state.value === value.state)?.value ?? states[0]?.value}
            onChange={(state) => onChange({ state })}
          />
        ) : null}
        <View className="flex-row">
          <NumberField
            label={t`Weight`}
            value={value.mass}
            choices={units}
            problem={problems?.mass}
            onChange={(mass) => onChange({ mass })}
          />
        </View>
        {onRemove ? (
          <View className="flex-row">
            <Button
              look="plain"
              size="small"
              label={t`Remove`}
              hint={t`Remove plant ${number}`}
              onPress={onRemove}
            />
          </View>
        ) : null}
      </Card>
    </View>
  );
}
