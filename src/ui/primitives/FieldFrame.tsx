import type { ReactNode } from "react";
import { Text, View } from "react-native";
import { unstable_createElement } from "react-native-web";

interface Props {
  label: string;
  id: string;
  problem?: string;
  help?: string;
  children: ReactNode;
}

const labelStyle = {
  fontFamily: "Atkinson_600",
  fontSize: 14,
  lineHeight: "20px",
  color: "var(--soft)",
};

/** A field with its name above and, below, what is wrong with it or how to find the number. */
export function FieldFrame({ label, id, problem, help, children }: Props) {
  return (
    <View className="min-w-0 flex-1 gap-1">
      {/* A real label: a tap on it puts the cursor into the field. */}
      {unstable_createElement("label", { htmlFor: id, style: labelStyle, children: label })}
      {children}
      {problem ? (
        <Text
          nativeID={`${id}-problem`}
          role="alert"
          className="font-medium text-[14px] leading-[19px] text-ember-ink"
        >
          {problem}
        </Text>
      ) : help ? (
        <Text nativeID={`${id}-problem`} className="font-body text-[14px] leading-[19px] text-soft">
          {help}
        </Text>
      ) : null}
    </View>
  );
}
