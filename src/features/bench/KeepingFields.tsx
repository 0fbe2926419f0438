import { useState } from "react";
import { View } from "react-native";
import { readNumber, toInput, usualKeepingRule, type KeepingRule, type NumberInput } from "@/core";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

interface Told {
  suffix: string;
  limit: { min: number; max: number };
  /** Shown as so many times the kept figure. */
  scale: number;
}

const months: Told = { suffix: "months", limit: limits.keepingMonths, scale: 1 };
const percent: Told = {
  suffix: "%",
  limit: { min: limits.share.min * 100, max: limits.share.max * 100 },
  scale: 100,
};
const figures: { name: keyof KeepingRule; label: string; as: Told }[] = [
  { name: "shortMonths", label: "Oils that keep short", as: months },
  { name: "middlingMonths", label: "Oils that keep fairly", as: months },
  { name: "longMonths", label: "Oils that keep long", as: months },
  { name: "cellar", label: "In the cellar", as: percent },
  { name: "room", label: "In a warm room", as: percent },
  { name: "clearGlass", label: "In clear glass", as: percent },
  { name: "plastic", label: "In plastic", as: percent },
  { name: "openVessel", label: "Hydrosol of bowl and lid", as: percent },
  { name: "air", label: "Over a third air", as: percent },
  { name: "openedOil", label: "Oil, once opened", as: percent },
  { name: "openedHydrosol", label: "Hydrosol, once opened", as: percent },
];

/** The rule by which a best-by is reckoned, figure by figure, as the person will have it. */
export function KeepingFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<Partial<Record<keyof KeepingRule, NumberInput>>>({});
  const rule = { ...usualKeepingRule, ...preferences.keepingRule };
  return (
    <View className="gap-3">
      <Txt variant="small">
        A hydrosol begins with its plant&apos;s own months. The rest says how much of the time that
        is left stays. A change counts for bottles filled from now on, and for what moves a best-by.
      </Txt>
      <View className="flex-row flex-wrap gap-3">
        {figures.map(({ name, label, as }) => {
          const range = { name: label, ...as.limit };
          const shown =
            typed[name] ?? toInput(Number((rule[name] * as.scale).toPrecision(4)), "one");
          const read = readNumber(shown, range);
          return (
            <View key={name} className="min-w-[140px] flex-1">
              <NumberField
                label={label}
                value={shown}
                choices={[]}
                suffix={as.suffix}
                problem={read.ok ? undefined : read.problem}
                onChange={(next) => {
                  setTyped((before) => ({ ...before, [name]: next }));
                  const value = readNumber(next, range);
                  if (value.ok)
                    dispatch(
                      changePreferences(({ keepingRule }) => ({
                        keepingRule: { ...keepingRule, [name]: value.value / as.scale },
                      })),
                    );
                }}
              />
            </View>
          );
        })}
      </View>
      {preferences.keepingRule ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label="Back to the usual rule"
            onPress={() => {
              setTyped({});
              dispatch(changePreferences({ keepingRule: undefined }));
            }}
          />
        </View>
      ) : null}
    </View>
  );
}
