import * as Checkbox from "@rn-primitives/checkbox";
import CheckIcon from "lucide-react-native/icons/check";
import { useId } from "react";
import { Pressable, Text, View } from "react-native";

interface Props {
  label: string;
  /** Why, in one line. */
  reason?: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

/** Something that is done or not, the whole line a target. */
export function Check({ label, reason, checked, onChange }: Props) {
  const id = useId();
  return (
    <Pressable
      tabIndex={-1}
      onPress={() => onChange(!checked)}
      className="min-h-[60px] flex-row items-center gap-4 rounded-card bg-panel px-4 py-3"
    >
      <Checkbox.Root
        checked={checked}
        onCheckedChange={onChange}
        aria-labelledby={id}
        className={`h-[30px] w-[30px] items-center justify-center rounded-[9px] border-2 ${checked ? "border-bottle bg-bottle" : "border-soft bg-panel"}`}
      >
        {checked ? <CheckIcon size={20} strokeWidth={3} color="var(--on-bottle)" /> : null}
      </Checkbox.Root>
      <View className="min-w-0 flex-1">
        <Text nativeID={id} className="font-bold text-[16px] leading-[22px] text-ink">
          {label}
        </Text>
        {reason ? (
          <Text className="font-body text-[14px] leading-[20px] text-soft">{reason}</Text>
        ) : null}
      </View>
    </Pressable>
  );
}
