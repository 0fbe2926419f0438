import { Text, View } from "react-native";
import { Button } from "./Button";

const looks = {
  error: { box: "bg-ember-wash border-ember", ink: "text-ember-ink", word: "Stop" },
  caution: { box: "bg-oil-wash border-oil", ink: "text-oil-ink", word: "Mind" },
  note: { box: "bg-panel border-line", ink: "text-soft", word: "Know" },
  good: { box: "bg-leaf-wash border-leaf", ink: "text-leaf-ink", word: "Done" },
};

interface Props {
  severity: keyof typeof looks;
  message: string;
  remedy?: string;
  /** The remedy as a tap. */
  action?: { label: string; onPress: () => void };
}

/** What is wrong, what happens, and the change as a tap. The word at its head says how grave it is. */
export function Notice({ severity, message, remedy, action }: Props) {
  const { box, ink, word } = looks[severity];
  return (
    <View
      role={severity === "error" ? "alert" : undefined}
      className={`gap-1 rounded-card border p-4 ${box}`}
    >
      <Text className="font-body text-[16px] leading-[22px] text-ink">
        <Text className={`font-bold ${ink}`}>{word}: </Text>
        {message}
      </Text>
      {remedy ? (
        <Text className="font-body text-[15px] leading-[21px] text-ink">{remedy}</Text>
      ) : null}
      {action ? (
        <View className="mt-2 flex-row">
          <Button label={action.label} onPress={action.onPress} look="quiet" size="small" />
        </View>
      ) : null}
    </View>
  );
}
