import type { ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { TextField } from "../primitives/TextField";

interface Props {
  value: string;
  onChange: (find: string) => void;
  /** What can be typed. */
  placeholder: string;
  /** Chooses the order of what is found. */
  sort?: ReactNode;
}

/** A field to find by; beside it, where it can be chosen, the order of what is found. */
export function FindLine({ value, onChange, placeholder, sort }: Props) {
  return (
    <View className="flex-row items-end gap-3">
      <View className="min-w-0 flex-[3]">
        <TextField
          label={t`Find`}
          shortcut="/"
          value={value}
          onChange={onChange}
          placeholder={placeholder}
        />
      </View>
      {sort ? <View className="min-w-0 flex-[2]">{sort}</View> : null}
    </View>
  );
}
