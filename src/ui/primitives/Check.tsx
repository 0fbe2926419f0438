import { useId } from "react";
import { Text, View } from "react-native";
import { unstable_createElement } from "react-native-web";

interface Props {
  label: string;
  /** Why, in one line. */
  reason?: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

const line = {
  display: "flex",
  flexDirection: "row",
  alignItems: "center",
  gap: 16,
  minHeight: 60,
  paddingTop: 12,
  paddingBottom: 12,
  paddingLeft: 16,
  paddingRight: 16,
  borderRadius: 18,
  backgroundColor: "var(--panel)",
  cursor: "pointer",
};
const box = { width: 28, height: 28, margin: 0, flexShrink: 0, accentColor: "var(--bottle)" };

/** Something that is done or not: the page's own checkbox, its whole line the target. */
export function Check({ label, reason, checked, onChange }: Props) {
  const id = useId();
  return unstable_createElement("label", {
    style: line,
    children: [
      unstable_createElement("input", {
        key: "box",
        type: "checkbox",
        checked,
        "aria-labelledby": id,
        onChange: (event: { target: HTMLInputElement }) => onChange(event.target.checked),
        style: box,
      }),
      <View key="words" className="min-w-0 flex-1">
        <Text nativeID={id} className="font-bold text-[16px] leading-[22px] text-ink">
          {label}
        </Text>
        {reason ? (
          <Text className="font-body text-[14px] leading-[20px] text-soft">{reason}</Text>
        ) : null}
      </View>,
    ],
  });
}
