import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";

/** The ways to what is more than one plant in one charge. */
export function MoreToPlan() {
  const router = useRouter();
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button
        look="quiet"
        size="small"
        label={t`Several plants in one charge`}
        onPress={() => router.push("/bench/plants/mix")}
      />
      <Button
        look="quiet"
        size="small"
        label={t`Plan a whole day`}
        hint={t`Plan a whole day: several charges on several stills`}
        onPress={() => router.push("/plan/day")}
      />
    </View>
  );
}
