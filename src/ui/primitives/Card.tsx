import type { ReactNode } from "react";
import { View } from "react-native";

const washes = {
  panel: "bg-panel",
  oil: "bg-oil-wash",
  dew: "bg-dew-wash",
  leaf: "bg-leaf-wash",
  ember: "bg-ember-wash",
};

/** The substance a surface speaks of. */
export type Wash = keyof typeof washes;

/** A rounded surface that holds what belongs together. */
export function Card({
  children,
  wash = "panel",
  className = "",
}: {
  children: ReactNode;
  wash?: Wash;
  className?: string;
}) {
  return <View className={`rounded-card p-4 ${washes[wash]} ${className}`}>{children}</View>;
}
