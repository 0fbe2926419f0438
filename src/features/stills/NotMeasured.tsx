import { useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { heatSources } from "@/core/still/heatSources";
import { massByWalls, powerByBoiling, thicknesses, type Thickness } from "@/core/still/unmeasured";
import { type NumberInput, toInput } from "@/core/units/numberInput";
import { units as unitTable } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { t } from "@/language/t";
import { selectPreferences } from "@/store/selectors";
import { useAppSelector } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Fold } from "@/ui/primitives/Fold";
import { NumberField } from "@/ui/primitives/NumberField";
import { numberField } from "@/ui/primitives/numberField";
import { Txt } from "@/ui/primitives/Txt";
import type { StillForm } from "./stillForm";
import { type BodyTyped, shapeTyped } from "./shapeTyped";

interface Props {
  typed: BodyTyped & Partial<Pick<StillForm, "heatKind" | "metal">>;
  /** Fills in the power, W, or the weight, g. */
  onPower: (watts: number) => void;
  onMass: (grams: number) => void;
}

const wallWords: Record<Thickness, string> = {
  thin: t`Thin, it dents`,
  middling: t`Middling`,
  heavy: t`Heavy to lift`,
};
const boilMinutes = numberField({ name: t`The time`, min: 0.5, max: 240 });

/** Power and weight for somebody who has neither label nor scale: how a litre boils, and how the walls feel. */
export function NotMeasured({ typed, onPower, onMass }: Props) {
  const { units, site } = useAppSelector(selectPreferences);
  const [minutes, setMinutes] = useState<NumberInput>(() => toInput(undefined, "min"));
  const [thickness, setThickness] = useState<Thickness>();
  const [problem, setProblem] = useState<string>();
  const { heatKind = "plate", metal = "stainless" } = typed;
  const volume = units === "metric" ? "L" : "quart";
  const shape = shapeTyped(typed);
  const mass = shape && thickness ? massByWalls(shape, metal, thickness) : undefined;
  function fillPower() {
    const read = boilMinutes.safeParse(minutes);
    if (!read.success) return setProblem(read.error.issues[0]?.message);
    setProblem(undefined);
    const watts = powerByBoiling(read.data, {
      waterMl: unitTable[volume].factor,
      coldC: site.waterC,
      boilC: boilingPointC(pressureAtAltitudePa(site.altitudeM)),
      efficiency: heatSources[heatKind].usualEfficiency,
    });
    onPower(Math.round(watts / 10) * 10);
  }
  return (
    <Fold
      title={t`Watts or weight not known?`}
      inside={t`Boil some water, or say how the walls feel`}
    >
      <View className="flex-row items-end gap-3">
        <NumberField
          label={
            volume === "L" ? t`A litre of cold water boils in` : t`A quart of cold water boils in`
          }
          value={minutes}
          onChange={setMinutes}
          choices={["min"]}
          help={t`In a light pot with its lid on.`}
          {...(problem ? { problem } : {})}
        />
      </View>
      <View className="flex-row">
        <Button look="quiet" size="small" label={t`Fill in the power`} onPress={fillPower} />
      </View>
      <Choice
        label={t`Its walls are`}
        shown
        options={thicknesses.map((value) => ({ value, label: wallWords[value] }))}
        value={thickness}
        onChange={setThickness}
      />
      {mass === undefined ? (
        <Txt variant="small">
          {shape ? t`Choose one.` : t`Fill in what the pot holds and how wide it is first.`}
        </Txt>
      ) : (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Fill in the weight: about ${words(showMass(mass, units))}`}
            onPress={() => onMass(Math.round(mass / 100) * 100)}
          />
        </View>
      )}
    </Fold>
  );
}
