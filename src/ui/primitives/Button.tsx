import type { ReactNode } from "react";
import { Pressable, Text, View } from "react-native";
import { shieldTaps } from "../shieldTaps";

const looks = {
  /** The one action of a screen. */
  main: { box: "bg-bottle border-bottle", text: "text-on-bottle" },
  quiet: { box: "bg-panel border-edge", text: "text-ink" },
  plain: { box: "border-transparent", text: "text-bottle" },
  danger: { box: "bg-ember border-ember", text: "text-on-ember" },
};
const litLook = "bg-leaf-wash border-bottle";
const sizes = {
  /** Chips and actions inside a card. */
  small: { box: "min-h-[48px] px-4 rounded-[16px]", text: "text-[15px]" },
  normal: { box: "min-h-[56px] px-5 rounded-[18px]", text: "text-[18px]" },
  /** For wet gloves. */
  cockpit: { box: "min-h-[64px] px-3 rounded-[18px]", text: "text-[17px]" },
};

interface Props {
  label: string;
  /** Is handed the button itself. */
  onPress: (button: Element) => void;
  look?: keyof typeof looks;
  size?: keyof typeof sizes;
  disabled?: boolean;
  /** It was tapped, and what comes of it is on its way. */
  lit?: boolean;
  /** What a screen reader says where the label alone is not enough. */
  hint?: string;
  icon?: ReactNode;
  /** The key that does the same on a wide screen. */
  shortcut?: string;
  /** It opens a sheet. */
  opens?: boolean;
  /** The second click of a double one does nothing: what comes next may lie under the finger by then. */
  once?: boolean;
  /** It goes with its tap, and another takes its place: a second tap there is swallowed. */
  leaves?: boolean;
  className?: string;
}

export function Button({
  label,
  onPress,
  look = "main",
  size = "normal",
  disabled,
  lit,
  hint,
  icon,
  shortcut,
  opens,
  once,
  leaves,
  className = "",
}: Props) {
  return (
    <Pressable
      role="button"
      aria-label={nameOf(label, hint)}
      {...(opens ? { "aria-haspopup": "dialog" } : {})}
      {...(shortcut ? { dataSet: { key: shortcut }, "aria-keyshortcuts": shortcut } : {})}
      aria-disabled={disabled || undefined}
      disabled={disabled}
      onPress={(event) => {
        const { detail = 1 } = event.nativeEvent as unknown as { detail?: number };
        if (once && detail > 1) return;
        const button = event.currentTarget as unknown as Element;
        if (leaves) shieldTaps();
        onPress(button);
      }}
      className={`max-w-full flex-row items-center justify-center border active:opacity-80 ${lit ? litLook : looks[look].box} ${sizes[size].box} ${disabled ? "opacity-40" : ""} ${className}`}
    >
      {icon ? <View className="mr-2">{icon}</View> : null}
      <Text
        className={`shrink text-center font-bold ${lit ? "text-ink" : looks[look].text} ${sizes[size].text}`}
      >
        {label}
      </Text>
    </Pressable>
  );
}

/* Whoever says aloud what they see must be understood: the visible words are in the name. */
function nameOf(label: string, hint: string | undefined): string | undefined {
  if (hint === undefined || hint.toLowerCase().includes(label.toLowerCase())) return hint;
  return `${label}: ${hint}`;
}
