import { useState } from "react";
import { View } from "react-native";
import { plainNumber, showMass, words } from "@/core/units/format";
import { type NumberInput, readNumber } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { singular } from "@/logbook/plan/measureOf";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanWork } from "./usePlanDraft";

/** What one of the pieces that were counted weighs: asked once, kept as a measure. */
export function OnePiece({ plan: { read, units } }: { plan: PlanWork }) {
  const dispatch = useAppDispatch();
  const [mass, setMass] = useState<NumberInput>({
    text: "",
    unit: unitsFor("plantMass", units)[0] ?? "g",
  });
  const { counted } = read;
  if (!counted) return null;
  const { count, what, measure } = counted;
  if (measure)
    return (
      <Txt role="status" variant="small">
        {t`${plainNumber(count)} × ${measure.name}, ${words(showMass(measure.massG, units))} each: ${words(showMass(measure.massG * count, units))}.`}
      </Txt>
    );
  const name = singular(what);
  const weighed = readNumber(mass, {
    name: t`Its weight`,
    ...limits.positive,
    remedy: t`Weigh one, or several and divide.`,
  });
  return (
    <View className="gap-2">
      <NumberField
        label={t`One ${name} weighs`}
        value={mass}
        choices={unitsFor("plantMass", units)}
        problem={mass.text && !weighed.ok ? weighed.problem : undefined}
        onChange={setMass}
      />
      <View className="flex-row">
        <Button
          label={t`Save weight`}
          look="quiet"
          size="small"
          disabled={!weighed.ok}
          onPress={() =>
            weighed.ok &&
            dispatch(
              addNew([
                {
                  ...newRecord("measure", new Date()),
                  name,
                  massG: weighed.value,
                  plantId: read.plant.id,
                },
              ]),
            )
          }
        />
      </View>
    </View>
  );
}
