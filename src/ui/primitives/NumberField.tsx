import { useId, useRef } from "react";
import { Text, TextInput, View, type TextInputProps } from "react-native";
import { answerMark } from "@/core/units/markMeaning";
import { doubtOf, type NumberInput, inUnit, meaningOf } from "@/core/units/numberInput";
import { type UnitName, units } from "@/core/units/units";
import { t } from "@/language/t";
import { Button } from "./Button";
import { FieldFrame, told } from "./FieldFrame";
import { BareSelect } from "./Select";
import { handTyped, useTyped } from "./typed";

interface Props {
  label: string;
  value: NumberInput;
  onChange: (value: NumberInput) => void;
  onBlur?: () => void;
  /** Units to choose from; one alone just stands there. */
  choices: readonly UnitName[];
  problem?: string;
  help?: string;
  placeholder?: string;
  /** What stands behind a bare number. */
  suffix?: string;
  /** Larger digits for the one number a screen is about. */
  large?: boolean;
  required?: boolean;
  /** A whole screen is worked out anew from it: the digits stand with the key, the rest follows a pause. */
  heavy?: boolean;
}

/**
 * A number with its unit. A person who has typed digits and then picks a unit means those digits in
 * that unit; a number that was there before is converted instead.
 */
export function NumberField({
  label,
  value,
  onChange,
  onBlur,
  choices,
  problem,
  help,
  placeholder,
  suffix,
  large,
  required,
  heavy,
}: Props) {
  const Input = heavy ? PausedInput : TextInput;
  const id = useId();
  const typed = useRef(false);
  const doubt = doubtOf(value);
  const wrong = doubt?.problem ?? problem;
  const below = meaningOf(value) ?? help;
  return (
    <FieldFrame
      label={label}
      id={id}
      problem={wrong}
      help={below}
      required={required}
      answers={
        doubt ? (
          <View className="flex-row flex-wrap gap-2">
            {doubt.choices.map(({ meaning, shown, text }) => (
              <Button
                key={meaning}
                label={shown}
                hint={label}
                look="quiet"
                size="small"
                onPress={() => {
                  answerMark(doubt.of, meaning);
                  typed.current = true;
                  onChange({ text, unit: value.unit });
                }}
              />
            ))}
          </View>
        ) : null
      }
    >
      <View
        className={`field-frame min-h-[52px] flex-row flex-wrap items-center overflow-hidden rounded-[14px] border bg-panel ${wrong ? "border-ember" : "border-edge"}`}
      >
        <Input
          nativeID={id}
          value={value.text}
          onChangeText={(text) => {
            typed.current = true;
            onChange({ text, unit: value.unit });
          }}
          onBlur={onBlur}
          inputMode="decimal"
          autoComplete="off"
          maxLength={20}
          placeholder={placeholder}
          placeholderTextColor="var(--soft)"
          {...told({ id, problem: wrong, help: below, required })}
          className={`min-h-[50px] flex-1 px-3 font-bold text-ink ${large ? "min-w-[108px] text-[26px]" : "min-w-[80px] text-[18px]"}`}
          style={{ width: 0 }}
        />
        {choices.length > 1 ? (
          <BareSelect
            label={t`${label}: unit`}
            options={choices.map((unit) => ({ value: unit, label: units[unit].symbol }))}
            value={value.unit}
            onChange={(unit) =>
              onChange(typed.current ? { text: value.text, unit } : inUnit(value, unit))
            }
          />
        ) : (
          <Text className="px-3 py-1 font-medium text-[16px] text-soft">
            {suffix ?? symbolOf(value.unit)}
          </Text>
        )}
      </View>
    </FieldFrame>
  );
}

/* Nothing but the digits themselves is drawn with the key. */
function PausedInput({ value = "", onChangeText, onBlur, ...props }: TextInputProps) {
  const { shown, type } = useTyped(value, (text) => onChangeText?.(text));
  return (
    <TextInput
      {...props}
      value={shown}
      onChangeText={type}
      onBlur={(event) => {
        handTyped();
        onBlur?.(event);
      }}
    />
  );
}

/* A unit from a stored draft may be none. */
function symbolOf(unit: UnitName): string {
  return Object.hasOwn(units, unit) ? units[unit].symbol : "";
}
