import { View } from "react-native";
import { FigureName, type FigureTold } from "./FigureName";
import { Txt } from "./Txt";

/** A name, its value, and how the value comes about where it is worked out. */
export type Fact = readonly [name: string, value: string | undefined, about?: FigureTold];

/** Names and values under each other; what has no value is left out. */
export function Facts({ facts }: { facts: readonly Fact[] }) {
  return (
    <View className="gap-2">
      {facts.map(([name, value, about]) =>
        value ? (
          <View key={name} className="flex-row gap-3">
            {about ? (
              <FigureName name={name} about={about} className="w-[124px]" />
            ) : (
              <Txt variant="label" className="w-[124px]">
                {name}
              </Txt>
            )}
            <Txt className="min-w-0 flex-1">{value}</Txt>
          </View>
        ) : null,
      )}
    </View>
  );
}
