import { View } from "react-native";
import { Txt } from "./Txt";

/** Names and values under each other; what has no value is left out. */
export function Facts({ facts }: { facts: readonly (readonly [string, string | undefined])[] }) {
  return (
    <View className="gap-2">
      {facts.map(([name, value]) =>
        value ? (
          <View key={name} className="flex-row gap-3">
            <Txt variant="label" className="w-[124px]">
              {name}
            </Txt>
            <Txt className="min-w-0 flex-1">{value}</Txt>
          </View>
        ) : null,
      )}
    </View>
  );
}
