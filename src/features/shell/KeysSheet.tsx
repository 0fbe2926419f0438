import { View } from "react-native";
import { t } from "@/language/t";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { onScreen, places } from "./shortcutKeys";

/** What each key does. */
export default function KeysSheet({ onClose }: { onClose: () => void }) {
  const lines = [
    ...Object.entries(places).map(([key, { what }]) => [key, what]),
    ...Object.entries(onScreen),
    [t`Ctrl K`, t`Find anything`],
    ["?", t`These keys`],
  ];
  return (
    <Sheet title={t`Keys`} open onClose={onClose}>
      <View className="gap-1">
        {lines.map(([key, what]) => (
          <View key={key} className="flex-row items-center gap-4">
            <Txt variant="strong" className="w-16 text-center">
              {key}
            </Txt>
            <Txt>{what}</Txt>
          </View>
        ))}
      </View>
    </Sheet>
  );
}
