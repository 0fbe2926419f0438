import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "./Button";
import { Txt } from "./Txt";

/** Says that a form holds what was typed before and never kept, with the way back to its beginning. */
export function TypedBefore({ shown, onLetGo }: { shown: boolean; onLetGo: () => void }) {
  if (!shown) return null;
  return (
    <View
      role="status"
      className="flex-row flex-wrap items-center gap-x-3 rounded-card bg-leaf-wash px-4 py-1"
    >
      <Txt
        variant="small"
        className="min-w-[180px] flex-1 text-leaf-ink"
      >{t`This is what you typed before. It is not kept yet.`}</Txt>
      <Button label={t`Start again`} look="plain" size="small" onPress={onLetGo} />
    </View>
  );
}
