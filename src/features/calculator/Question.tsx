import { useState, type ReactNode } from "react";
import { Text, View } from "react-native";
import {
  type NumberInput,
  type NumberRange,
  readNumber,
  toShortInput,
} from "@/core/units/numberInput";
import type { UnitName, UnitSystem } from "@/core/units/units";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { Card } from "@/ui/primitives/Card";
import { NumberField } from "@/ui/primitives/NumberField";
import { FigureName, type FigureTold } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";

/** What every question knows of the person. */
export interface Asking {
  units: UnitSystem;
  site: Setting["site"];
  /** The first of the person's stills, whose figures stand in the fields. */
  still?: Still;
}

/** A number that a question needs. */
export interface Ask extends NumberRange {
  label: string;
  choices: readonly UnitName[];
  start?: number;
  suffix?: string;
}

/** The state of a question's numbers: their fields, and their values once all are right. */
export function useAsked<K extends string>(
  asks: Record<K, Ask>,
): { fields: ReactNode; values: Record<K, number> | undefined } {
  const names = Object.keys(asks) as K[];
  const [typed, setTyped] = useState<Partial<Record<K, NumberInput>>>({});
  const input = (name: K): NumberInput =>
    typed[name] ?? toShortInput(asks[name].start, asks[name].choices[0] ?? "one");
  const read = names.map((name) => [name, readNumber(input(name), asks[name])] as const);
  const values = read.every(([, { ok }]) => ok)
    ? (Object.fromEntries(
        read.map(([name, value]) => [name, value.ok ? value.value : NaN]),
      ) as Record<K, number>)
    : undefined;
  const fields = (
    <View className="flex-row flex-wrap gap-3">
      {read.map(([name, value]) => (
        <View key={name} className="min-w-[45%] flex-1">
          <NumberField
            label={asks[name].label}
            value={input(name)}
            choices={asks[name].choices}
            suffix={asks[name].suffix}
            problem={!value.ok && input(name).text ? value.problem : undefined}
            onChange={(next) => setTyped((before) => ({ ...before, [name]: next }))}
          />
        </View>
      ))}
    </View>
  );
  return { fields, values };
}

interface Props {
  title: string;
  children: ReactNode;
  /** Undefined while a number is missing. */
  answer: string | undefined;
  detail?: string;
  /** How the answer comes about. */
  about?: FigureTold;
}

/** One question with its answer. */
export function Question({ title, children, answer, detail, about }: Props) {
  return (
    <Card className="gap-3">
      {about ? (
        <FigureName variant="heading" name={title} about={about} />
      ) : (
        <Txt variant="heading">{title}</Txt>
      )}
      {children}
      <View {...{ "aria-live": "polite" as const }}>
        <Text className="font-bold text-[22px] leading-[28px] text-ink">{answer ?? "–"}</Text>
        {detail && answer ? <Txt variant="small">{detail}</Txt> : null}
      </View>
    </Card>
  );
}
