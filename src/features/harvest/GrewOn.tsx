import { useState } from "react";
import { View } from "react-native";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Harvest } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { Fold } from "@/ui/primitives/Fold";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

type Ground = NonNullable<Harvest["grewOn"]>;

const ranges = {
  plants: { name: t`The plants`, ...limits.plantsCut },
  areaM2: { name: t`The area`, ...limits.groundM2 },
  rowMm: { name: t`The row`, ...limits.rowMm },
} as const;

/** How many plants, how much ground or row a harvest was cut from: what it gives is then told by these too. */
export function GrewOn({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const units = useUnits();
  const choices = {
    plants: [],
    areaM2: unitsFor("ground", units),
    rowMm: unitsFor("rowLength", units),
  };
  const { grewOn = {} } = harvest;
  const [typed, setTyped] = useState<Record<keyof Ground, NumberInput>>(() => ({
    plants: toInput(grewOn.plants, "one"),
    areaM2: toInput(grewOn.areaM2, choices.areaM2[0] ?? "m2"),
    rowMm: toInput(grewOn.rowMm, choices.rowMm[0] ?? "m"),
  }));
  const put = (key: keyof Ground, next: NumberInput) => {
    setTyped((before) => ({ ...before, [key]: next }));
    const read = readNumber(next, ranges[key]);
    if (!read.ok && next.text.trim() !== "") return;
    dispatch(
      changeRecord(harvest, (now) => {
        const { [key]: _, ...rest } = now.grewOn ?? {};
        const ground = read.ok ? { ...rest, [key]: read.value } : rest;
        return { ...now, grewOn: Object.keys(ground).length > 0 ? ground : undefined };
      }),
    );
  };
  const field = (key: keyof Ground, label: string) => {
    const read = readNumber(typed[key], ranges[key]);
    return (
      <NumberField
        key={key}
        label={label}
        value={typed[key]}
        choices={choices[key]}
        problem={typed[key].text && !read.ok ? read.problem : undefined}
        onChange={(next) => put(key, next)}
      />
    );
  };
  const told = Object.keys(grewOn).length;
  return (
    <Fold
      title={t`How much it grew on`}
      inside={
        told > 0
          ? t`What it gave is told by these too`
          : t`Plants, area or row: for the oil by each`
      }
      filled={told > 0}
    >
      <View className="gap-3">
        {field("plants", t`Plants`)}
        {field("areaM2", t`Area`)}
        {field("rowMm", t`Length of row`)}
        <Txt variant="small">{t`Count or measure all that this was cut from. One of the three is enough.`}</Txt>
      </View>
    </Fold>
  );
}
