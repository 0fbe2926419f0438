import type { ReactNode } from "react";
import { View } from "react-native";
import { handTyped } from "./typed";

interface Props {
  /** What Enter in any of its fields does; nothing where it is absent. */
  onSubmit?: () => void;
  children: ReactNode;
  className?: string;
}

interface Key {
  key: string;
  target: EventTarget | null;
  nativeEvent?: { isComposing?: boolean };
  preventDefault: () => void;
}

/** Fields that belong together: Enter in one of them is the same as their main button. */
export function FormArea({ onSubmit, children, className }: Props) {
  const keys = onSubmit && {
    /* On the way down: the fields themselves stop it on the way up. */
    onKeyDownCapture: (event: Key) => {
      if (event.key !== "Enter" || event.nativeEvent?.isComposing) return;
      const { target } = event;
      if (!(target instanceof HTMLInputElement) || target.type === "checkbox") return;
      /* There Enter takes what is found. */
      if (target.getAttribute("role") === "combobox") return;
      event.preventDefault();
      handTyped();
      onSubmit();
    },
  };
  return (
    <View className={className} {...keys}>
      {children}
    </View>
  );
}
