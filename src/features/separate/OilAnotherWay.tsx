import { View } from "react-native";
import {
  fixed,
  readNumber,
  toInput,
  unitsFor,
  volumeBelow,
  type NumberInput,
  type UnitSystem,
} from "@/core";
import { limits } from "@/messages/limits";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  runId: string;
  densityGPerMl: number;
  units: UnitSystem;
  /** The oil it comes to, mL. */
  onMeasured: (oilMl: number) => void;
}

/** Oil by weight, or by its height in a tube: worked out and put into the oil's field. */
export function OilAnotherWay({ runId, densityGPerMl, units, onMeasured }: Props) {
  const [typed, change] = useKept(`oilWay/${runId}`, {
    by: "",
    weight: toInput(undefined, "g"),
    height: toInput(undefined, lengthUnit(units)),
    across: toInput(undefined, lengthUnit(units)),
  });
  const { weight, height, across } = typed;
  const by = typed.by === "weight" || typed.by === "height" ? typed.by : undefined;
  const read = {
    weight: readNumber(weight, { name: "The weight", ...limits.amount }),
    height: readNumber(height, { name: "The height", ...limits.vesselMm }),
    across: readNumber(across, { name: "The inner width", ...limits.vesselMm }),
  };
  const oilMl =
    by === "weight"
      ? read.weight.ok && read.weight.value / densityGPerMl
      : read.height.ok &&
        read.across.ok &&
        volumeBelow(
          { shape: "tube", diameterMm: read.across.value, heightMm: read.height.value },
          read.height.value,
        );
  const problem = (input: NumberInput, of: { ok: boolean; problem?: string }) =>
    input.text && !of.ok ? of.problem : undefined;
  return (
    <Card className="gap-3">
      <Choice
        label="Measured another way"
        shown
        options={[
          { value: "weight", label: "By weight" },
          { value: "height", label: "By its height in a tube" },
        ]}
        value={by}
        onChange={(value) => change({ by: value })}
      />
      {by === "weight" ? (
        <NumberField
          label="Oil weighs"
          value={weight}
          onChange={(value) => change({ weight: value })}
          choices={units === "metric" ? ["g"] : ["g", "oz"]}
          problem={problem(weight, read.weight)}
        />
      ) : null}
      {by === "height" ? (
        <View className="flex-row gap-3">
          <NumberField
            label="Layer stands high"
            value={height}
            onChange={(value) => change({ height: value })}
            choices={unitsFor("length", units)}
            problem={problem(height, read.height)}
          />
          <NumberField
            label="Tube, inside across"
            value={across}
            onChange={(value) => change({ across: value })}
            choices={unitsFor("length", units)}
            problem={problem(across, read.across)}
          />
        </View>
      ) : null}
      {by && oilMl !== false ? (
        <>
          <Txt>{`That is ${fixed(oilMl, 2)} mL${by === "weight" ? ` at ${fixed(densityGPerMl, 3)} g/mL` : ""}.`}</Txt>
          <Button look="quiet" label="Take it as the oil" onPress={() => onMeasured(oilMl)} />
        </>
      ) : null}
    </Card>
  );
}

function lengthUnit(units: UnitSystem) {
  return unitsFor("length", units)[0] ?? "mm";
}
