import { useState } from "react";
import { View } from "react-native";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import type { Limit } from "@/messages/limits";
import { NumberField } from "@/ui/primitives/NumberField";

/** One figure of the person's preferences. */
interface NumberSetting {
  name: string;
  label: string;
  suffix: string;
  /** How many of the measure that the figure is kept for are in the one it is shown for; 1 where they are the same. */
  measures?: number;
  value: number | undefined;
  limit: Limit;
  /** Takes what was typed; undefined where the field was emptied. */
  onChange: (value: number | undefined) => void;
}

interface Props {
  settings: readonly NumberSetting[];
  /** An empty field has no figure; else it has to hold one. */
  mayBeEmpty?: boolean;
}

/** Figures that are kept as they are typed; what cannot be read stands there with its fault, and is not kept. */
export function NumberSettings({ settings, mayBeEmpty = false }: Props) {
  const [typed, setTyped] = useState<Record<string, NumberInput>>({});
  return (
    <View className="flex-row flex-wrap gap-3">
      {settings.map(({ name, label, suffix, measures = 1, value, limit, onChange }) => {
        const range = { name: label, ...limit };
        const kept = value === undefined ? undefined : Number((value * measures).toPrecision(6));
        const shown = typed[name] ?? toInput(kept, "one");
        const read = readNumber(shown, range);
        const empty = shown.text.trim() === "";
        return (
          <View key={name} className="min-w-[140px] flex-1">
            <NumberField
              label={label}
              value={shown}
              choices={[]}
              suffix={suffix}
              problem={read.ok || (empty && mayBeEmpty) ? undefined : read.problem}
              onChange={(next) => {
                setTyped((before) => ({ ...before, [name]: next }));
                const now = readNumber(next, range);
                if (now.ok) onChange(now.value / measures);
                else if (mayBeEmpty && next.text.trim() === "") onChange(undefined);
              }}
            />
          </View>
        );
      })}
    </View>
  );
}
