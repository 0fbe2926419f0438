import { usePathname, useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** An address that is no screen of Sereno's. */
export function UnknownAddress() {
  const router = useRouter();
  const path = usePathname();
  return (
    <Screen title={t`No such page`} back={{ href: "/", label: t`Today` }}>
      <Card className="gap-3">
        <Txt>{t`Sereno has no page at ${path.slice(0, 80)}. The address may be cut off, or of another app.`}</Txt>
        <View className="flex-row flex-wrap gap-2">
          <Button label={t`To Today`} size="small" onPress={() => router.push("/")} />
          <Button
            label={t`To the runs`}
            look="quiet"
            size="small"
            onPress={() => router.push("/runs")}
          />
        </View>
      </Card>
    </Screen>
  );
}
