import { View } from "react-native";
import { Txt } from "../primitives/Txt";

/** Stands where a screen is about to be. */
export function Opening({ says }: { says: string }) {
  return (
    <View role="status" className="flex-1 items-center justify-center">
      <Txt variant="label">{says}</Txt>
    </View>
  );
}
