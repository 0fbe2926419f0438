import { View } from "react-native";
import { switchLogbook } from "@/storage/logbookChoice";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { isDemo } from "./isDemo";

/** Says that this is the demonstration, with the one tap that leaves it. */
export function DemoBanner() {
  if (!isDemo()) return null;
  return (
    <View
      role="region"
      aria-label="Demonstration"
      className="flex-row items-center justify-between gap-3 bg-leaf-wash px-4"
    >
      <Txt variant="small" className="flex-1 text-leaf-ink">
        Demonstration: Vesper Croft
      </Txt>
      <Button
        label="Leave"
        hint="Leave the demonstration"
        look="plain"
        size="small"
        onPress={() => switchLogbook("sereno")}
      />
    </View>
  );
}
