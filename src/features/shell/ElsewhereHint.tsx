import { usePathname } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { demoId } from "@/records/base";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { isDemo } from "./isDemo";

/** An address that was copied out of the demonstration: it opens there. */
export function ElsewhereHint({ id }: { id: string }) {
  const path = usePathname();
  if (isDemo() || !demoId.test(id)) return null;
  return (
    <View className="gap-2">
      <Txt>{t`It is part of the demonstration, which is separate from your own logbook.`}</Txt>
      <View className="flex-row">
        <Button
          label={t`Open it in the demonstration`}
          size="small"
          onPress={() => window.location.assign(`${path}?logbook=demo`)}
        />
      </View>
    </View>
  );
}
