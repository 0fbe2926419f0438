import { View } from "react-native";
import { moneySign } from "@/core/units/money";
import { type UnitSystem, units } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { TextField } from "@/ui/primitives/TextField";
import { NumberSettings } from "./NumberSettings";

/* What a price is for, and how many of the kept measure (kg, L) that is. */
const perMass = {
  metric: { suffix: t`a kg`, measures: 1 },
  us: { suffix: t`a lb`, measures: units.lb.factor / 1000 },
} as const;
const perVolume = {
  metric: { suffix: t`a litre`, measures: 1 },
  us: { suffix: t`a gal`, measures: units.gal.factor / 1000 },
} as const;
const each = (suffix: string) => ({ suffix, measures: 1 });

const pricesIn = (system: UnitSystem) =>
  [
    { name: "electricityPerKWh", label: t`Electricity`, ...each(t`a kWh`) },
    { name: "gasPerKg", label: t`Gas`, ...perMass[system] },
    { name: "oilPerMl", label: t`Oil is worth`, ...each(t`a mL`) },
  ] as const;

const costsIn = (system: UnitSystem) =>
  [
    { name: "hydrosolPerL", label: t`Hydrosol is worth`, ...perVolume[system] },
    { name: "plantPerKg", label: t`Plant`, ...perMass[system] },
    { name: "waterPerL", label: t`Water`, ...perVolume[system] },
    { name: "icePerKg", label: t`Ice`, ...perMass[system] },
    { name: "bottleEach", label: t`A bottle`, ...each(t`each`) },
    { name: "hourOfWork", label: t`Your own hour`, ...each(t`an hour`) },
  ] as const;

/** What things cost and what products are worth, in the person's own money; what stays empty is left out. */
export function PriceFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const kept = preferences.prices ?? { currency: "" };
  return (
    <View className="gap-3">
      <TextField
        label={t`Money`}
        value={kept.currency}
        maxLength={5}
        placeholder={moneySign()}
        onChange={(currency) =>
          dispatch(changePreferences(({ prices: now }) => ({ prices: { ...now, currency } })))
        }
      />
      <NumberSettings
        mayBeEmpty
        settings={[
          ...pricesIn(preferences.units).map(({ name, ...rest }) => ({
            ...rest,
            name,
            limit: limits.price,
            value: kept[name],
            onChange: (value: number | undefined) =>
              dispatch(
                changePreferences(({ prices: now }) => ({
                  prices: { currency: "", ...now, [name]: value },
                })),
              ),
          })),
          ...costsIn(preferences.units).map(({ name, ...rest }) => ({
            ...rest,
            name,
            limit: limits.price,
            value: preferences.costs?.[name],
            onChange: (value: number | undefined) =>
              dispatch(
                changePreferences(({ costs: now }) => ({ costs: { ...now, [name]: value } })),
              ),
          })),
        ]}
      />
    </View>
  );
}
