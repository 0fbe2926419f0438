import type { ReactNode } from "react";
import { Text, View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";

interface Props {
  label: string;
  id: string;
  problem?: string;
  help?: string;
  /** It has to be told. */
  required?: boolean;
  children: ReactNode;
  /** What answers what is wrong. */
  answers?: ReactNode;
}

const labelStyle = {
  fontFamily: "Atkinson_600",
  fontSize: 14,
  lineHeight: "20px",
  color: "var(--soft)",
};

/**
 * A field with its name above and, below, what is wrong with it or how to find the number. As high as what is in
 * it, in a column too: else what follows would lie over its foot.
 */
export function FieldFrame({ label, id, problem, help, required, children, answers }: Props) {
  return (
    <View className="min-h-min min-w-0 flex-1 gap-1">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-2">
        {/* A real label: a tap on it puts the cursor into the field. */}
        {unstable_createElement("label", { htmlFor: id, style: labelStyle, children: label })}
        {required ? (
          <Text aria-hidden className="font-body text-[13px] leading-[20px] text-soft">
            {t`needed`}
          </Text>
        ) : null}
      </View>
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
      {answers}
    </View>
  );
}

/** What a field's own element tells of its frame: whether it is wrong, needed, and what says so. */
export function told({
  id,
  problem,
  help,
  required,
}: Omit<Props, "children" | "label" | "answers">) {
  return {
    ...(problem ? { "aria-invalid": true } : {}),
    ...(required ? { "aria-required": true } : {}),
    ...(problem || help ? { "aria-describedby": `${id}-problem` } : {}),
  };
}
