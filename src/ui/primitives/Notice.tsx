import { useLayoutEffect, useRef, type ReactNode } from "react";
import { Text, View } from "react-native";
import { t } from "@/language/t";
import { isField } from "../isField";
import { Button } from "./Button";

const looks = {
  error: { box: "bg-ember-wash border-ember", ink: "text-ember-ink", word: t`Stop` },
  caution: { box: "bg-oil-wash border-oil", ink: "text-oil-ink", word: t`Careful` },
  note: { box: "bg-panel border-line", ink: "text-soft", word: t`Note` },
  good: { box: "bg-leaf-wash border-leaf", ink: "text-leaf-ink", word: t`Done` },
};

interface Props {
  severity: keyof typeof looks;
  message: string;
  remedy?: string;
  /** The remedy as a tap; another one beside it. */
  action?: Remedy;
  other?: Remedy;
  /** A press has brought it: it comes into sight. */
  answersPress?: boolean;
  /** What else can be said to it. */
  children?: ReactNode;
}

interface Remedy {
  label: string;
  onPress: () => void;
}

/** What is wrong, what happens, and the change as a tap. The word at its head says how grave it is. */
export function Notice({
  severity,
  message,
  remedy,
  action,
  other,
  answersPress = false,
  children,
}: Props) {
  const { box, ink, word } = looks[severity];
  const view = useRef<View>(null);
  useLayoutEffect(() => {
    /* Whoever fills in a field is not taken away from it: what changes meanwhile waits for the next press. */
    if (!answersPress || isField(document.activeElement)) return;
    const element = view.current as HTMLElement | null;
    element?.scrollIntoView?.({ block: "nearest" });
  }, [answersPress]);
  return (
    <View
      ref={view}
      role={severity === "error" ? "alert" : undefined}
      className={`scroll-my-3 gap-1 rounded-card border p-4 ${box}`}
    >
      <Text className="font-body text-[16px] leading-[22px] text-ink">
        <Text className={`font-bold ${ink}`}>{word}: </Text>
        {message}
      </Text>
      {remedy ? (
        <Text className="font-body text-[15px] leading-[21px] text-ink">{remedy}</Text>
      ) : null}
      {action || other ? (
        <View className="mt-2 flex-row flex-wrap gap-2">
          {action ? <Button {...action} look="quiet" size="small" /> : null}
          {other ? <Button {...other} look="quiet" size="small" /> : null}
        </View>
      ) : null}
      {children}
    </View>
  );
}
