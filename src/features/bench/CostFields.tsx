import { useState } from "react";
import { View } from "react-native";
import { readNumber, toInput, type NumberInput } from "@/core";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { NumberField } from "@/ui/primitives/NumberField";

type Cost = keyof NonNullable<Setting["costs"]>;

const costs: { name: Cost; label: string; suffix: string }[] = [
  { name: "hydrosolPerL", label: "Hydrosol is worth", suffix: "a litre" },
  { name: "plantPerKg", label: "Plant", suffix: "a kg" },
  { name: "waterPerL", label: "Water", suffix: "a litre" },
  { name: "icePerKg", label: "Ice", suffix: "a kg" },
  { name: "bottleEach", label: "A bottle", suffix: "each" },
  { name: "hourOfWork", label: "Your own hour", suffix: "an hour" },
];

/** What else a run costs; what stays empty is left out of the reckoning. */
export function CostFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<Partial<Record<Cost, NumberInput>>>({});
  return (
    <View className="flex-row flex-wrap gap-3">
      {costs.map(({ name, label, suffix }) => {
        const range = { name: label, ...limits.price };
        const shown = typed[name] ?? toInput(preferences.costs?.[name], "one");
        const read = readNumber(shown, range);
        return (
          <View key={name} className="min-w-[140px] flex-1">
            <NumberField
              label={label}
              value={shown}
              choices={[]}
              suffix={suffix}
              problem={shown.text && !read.ok ? read.problem : undefined}
              onChange={(next) => {
                setTyped((before) => ({ ...before, [name]: next }));
                const value = readNumber(next, range);
                if (value.ok || next.text.trim() === "")
                  dispatch(
                    changePreferences(({ costs: now }) => ({
                      costs: { ...now, [name]: value.ok ? value.value : undefined },
                    })),
                  );
              }}
            />
          </View>
        );
      })}
    </View>
  );
}
