import { type ReactNode, useRef } from "react";
import { Pressable, Text, View } from "react-native";
import { Txt } from "./Txt";

interface Option<T> {
  value: T;
  label: string;
  /** What it looks like, above its name, and what is told of it below. */
  picture?: ReactNode;
  detail?: string;
}

interface Props<T extends string> {
  /** What is chosen, for a screen reader; shown above where `shown`. */
  label: string;
  options: readonly Option<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Show the label above the options. */
  shown?: boolean;
}

/** A few options side by side, as words or as pictures, one of them chosen. Arrow keys move as in any radio group. */
export function Choice<T extends string>({ label, options, value, onChange, shown }: Props<T>) {
  const group = useRef<View>(null);
  const chosen = options.findIndex((option) => option.value === value);
  function move(step: number) {
    const next = options[(chosen + step + options.length) % options.length];
    if (!next) return;
    onChange(next.value);
    const radios = (group.current as unknown as HTMLElement | null)?.querySelectorAll<HTMLElement>(
      '[role="radio"]',
    );
    radios?.[options.indexOf(next)]?.focus();
  }
  return (
    <View className="max-w-full gap-1">
      {shown ? (
        <Text className="font-medium text-[14px] leading-[20px] text-soft">{label}</Text>
      ) : null}
      <View ref={group} role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
        {options.map((option, index) => {
          const on = option.value === value;
          return (
            <Pressable
              key={option.value}
              role="radio"
              aria-checked={on}
              tabIndex={on || (chosen < 0 && index === 0) ? 0 : -1}
              onPress={() => onChange(option.value)}
              {...{
                onKeyDown: (event: { key: string; preventDefault: () => void }) => {
                  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[
                    event.key
                  ];
                  if (step) {
                    event.preventDefault();
                    move(step);
                  }
                },
              }}
              className={option.picture ? asPicture(on) : asWords(on)}
            >
              {option.picture}
              <Text
                className={`text-[15px] ${on ? "font-bold" : "font-medium"} ${on && !option.picture ? "text-on-bottle" : "text-ink"}`}
              >
                {option.label}
              </Text>
              {option.detail ? <Txt variant="small">{option.detail}</Txt> : null}
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

function asWords(on: boolean): string {
  const colours = on ? "border-bottle bg-bottle" : "border-edge bg-panel";
  return `min-h-[48px] max-w-full shrink justify-center rounded-[24px] border px-4 py-1 ${colours}`;
}

/* The border's own width stays, so that nothing moves with the choice. */
function asPicture(on: boolean): string {
  const colours = on ? "border-bottle bg-leaf-wash" : "border-edge bg-panel";
  return `min-w-[100px] max-w-[160px] flex-1 basis-[28%] gap-1 rounded-card border-2 p-2 ${colours}`;
}
