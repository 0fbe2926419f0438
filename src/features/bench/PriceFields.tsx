import { View } from "react-native";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { TextField } from "@/ui/primitives/TextField";
import { NumberSettings } from "./NumberSettings";

const prices = [
  { name: "electricityPerKWh", label: "Electricity", suffix: "a kWh" },
  { name: "gasPerKg", label: "Gas", suffix: "a kg" },
  { name: "oilPerMl", label: "Oil is worth", suffix: "a mL" },
] as const;

const costs = [
  { name: "hydrosolPerL", label: "Hydrosol is worth", suffix: "a litre" },
  { name: "plantPerKg", label: "Plant", suffix: "a kg" },
  { name: "waterPerL", label: "Water", suffix: "a litre" },
  { name: "icePerKg", label: "Ice", suffix: "a kg" },
  { name: "bottleEach", label: "A bottle", suffix: "each" },
  { name: "hourOfWork", label: "Your own hour", suffix: "an hour" },
] as const;

/** What things cost and what products are worth, in the person's own money; what stays empty is left out. */
export function PriceFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const kept = preferences.prices ?? { currency: "" };
  return (
    <View className="gap-3">
      <TextField
        label="Money"
        value={kept.currency}
        maxLength={5}
        placeholder="€"
        onChange={(currency) =>
          dispatch(changePreferences(({ prices: now }) => ({ prices: { ...now, currency } })))
        }
      />
      <NumberSettings
        mayBeEmpty
        settings={[
          ...prices.map(({ name, ...rest }) => ({
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
          ...costs.map(({ name, ...rest }) => ({
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
