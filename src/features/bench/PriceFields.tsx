import { readNumber, toInput, type NumberInput } from "@/core";
import { useState } from "react";
import { View } from "react-native";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { NumberField } from "@/ui/primitives/NumberField";
import { TextField } from "@/ui/primitives/TextField";

type Price = "electricityPerKWh" | "gasPerKg" | "oilPerMl";

const prices: { name: Price; label: string; suffix: string }[] = [
  { name: "electricityPerKWh", label: "Electricity", suffix: "a kWh" },
  { name: "gasPerKg", label: "Gas", suffix: "a kg" },
  { name: "oilPerMl", label: "Oil is worth", suffix: "a mL" },
];

/** What fuel costs and what oil is worth, in the person's own money. */
export function PriceFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const kept = preferences.prices ?? { currency: "" };
  const [typed, setTyped] = useState<Partial<Record<Price, NumberInput>>>({});
  const range = (name: string) => ({ name, ...limits.price });
  return (
    <View className="flex-row flex-wrap gap-3">
      <View className="min-w-[45%] flex-1">
        <TextField
          label="Money"
          value={kept.currency}
          maxLength={5}
          placeholder="€"
          onChange={(currency) =>
            dispatch(changePreferences(({ prices }) => ({ prices: { ...prices, currency } })))
          }
        />
      </View>
      {prices.map(({ name, label, suffix }) => {
        const shown = typed[name] ?? toInput(kept[name], "one");
        const read = readNumber(shown, range(label));
        return (
          <View key={name} className="min-w-[45%] flex-1">
            <NumberField
              label={label}
              value={shown}
              choices={[]}
              suffix={suffix}
              problem={shown.text && !read.ok ? read.problem : undefined}
              onChange={(next) => {
                setTyped((before) => ({ ...before, [name]: next }));
                const value = readNumber(next, range(label));
                if (value.ok || next.text.trim() === "") {
                  const price = value.ok ? value.value : undefined;
                  dispatch(
                    changePreferences(({ prices: now }) => ({
                      prices: { currency: "", ...now, [name]: price },
                    })),
                  );
                }
              }}
            />
          </View>
        );
      })}
    </View>
  );
}
