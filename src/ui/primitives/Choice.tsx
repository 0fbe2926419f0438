import { useRef } from "react";
import { Pressable, Text, View } from "react-native";

interface Props<T extends string> {
  /** What is chosen, for a screen reader; shown above where `shown`. */
  label: string;
  options: readonly { value: T; label: string }[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Show the label above the options. */
  shown?: boolean;
}

/** A few options side by side, one of them chosen. Arrow keys move as in any radio group. */
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
              className={`min-h-[48px] max-w-full shrink justify-center rounded-[24px] border px-4 py-1 ${on ? "border-bottle bg-bottle" : "border-edge bg-panel"}`}
            >
              <Text
                className={`text-[15px] ${on ? "font-bold text-on-bottle" : "font-medium text-ink"}`}
              >
                {option.label}
              </Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
