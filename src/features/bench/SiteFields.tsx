import { useState } from "react";
import { View } from "react-native";
import { type NumberInput, type NumberRange, readNumber, toInput } from "@/core/units/numberInput";
import { fromCanonical, toCanonical, type UnitName, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { NumberField } from "@/ui/primitives/NumberField";
import { NumberSettings } from "./NumberSettings";

type Field = Exclude<keyof Setting["site"], "hardnessMgPerL">;

/* Altitude is kept in metres while lengths are canonical in mm. */
const fields: Record<Field, { label: string; range: NumberRange; perCanonical: number }> = {
  altitudeM: {
    label: t`Altitude`,
    range: {
      name: t`Altitude`,
      min: limits.altitudeM.min * 1000,
      max: limits.altitudeM.max * 1000,
    },
    perCanonical: 1000,
  },
  airC: { label: t`Air`, range: { name: t`Air`, ...limits.roomC }, perCanonical: 1 },
  waterC: {
    label: t`Water as it goes in`,
    range: { name: t`Water`, ...limits.feedC },
    perCanonical: 1,
  },
  coolingInC: {
    label: t`Cooling water`,
    range: { name: t`Cooling water`, ...limits.coolingC },
    perCanonical: 1,
  },
};

/** Altitude and temperatures, kept as soon as they make sense. */
export function SiteFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  return (
    <View className="gap-3">
      <View className="flex-row gap-3">
        <SiteField field="altitudeM" preferences={preferences} />
        <SiteField field="airC" preferences={preferences} />
      </View>
      <View className="flex-row gap-3">
        <SiteField field="waterC" preferences={preferences} />
        <SiteField field="coolingInC" preferences={preferences} />
      </View>
      <NumberSettings
        mayBeEmpty
        settings={[
          {
            name: "hardnessMgPerL",
            label: t`Hardness of the water, as lime`,
            suffix: preferences.units === "us" ? "ppm" : "mg/L",
            limit: limits.hardnessMgPerL,
            value: preferences.site.hardnessMgPerL,
            onChange: (hardnessMgPerL) =>
              dispatch(changePreferences(({ site }) => ({ site: { ...site, hardnessMgPerL } }))),
          },
        ]}
      />
    </View>
  );
}

function SiteField({ field, preferences }: { field: Field; preferences: Setting }) {
  const dispatch = useAppDispatch();
  const { label, range, perCanonical } = fields[field];
  const choices: UnitName[] = unitsFor(
    field === "altitudeM" ? "altitude" : "temperature",
    preferences.units,
  );
  const kept = preferences.site[field] * perCanonical;
  const [typed, setTyped] = useState<NumberInput>();
  const shown = typed ?? inUsualSteps(kept, choices[0] ?? "m");
  const read = readNumber(shown, range);
  return (
    <NumberField
      label={label}
      value={shown}
      choices={choices}
      problem={read.ok ? undefined : read.problem}
      onChange={(next) => {
        setTyped(next);
        const value = readNumber(next, range);
        if (value.ok)
          dispatch(
            changePreferences(({ site }) => ({
              site: { ...site, [field]: value.value / perCanonical },
            })),
          );
      }}
    />
  );
}

/* Feet that nobody typed are metres turned into feet: they are said to ten. */
function inUsualSteps(canonical: number, unit: UnitName): NumberInput {
  const value = fromCanonical(canonical, unit);
  const typedSo = Math.abs(value - Math.round(value)) < 1e-6;
  return unit === "ft" && !typedSo
    ? toInput(toCanonical(Math.round(value / 10) * 10, unit), unit)
    : toInput(canonical, unit);
}
