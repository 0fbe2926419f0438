import { useRouter, type Href } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";

const ways: { label: string; href: Href }[] = [
  { label: t`Harvests`, href: "/harvests" },
  { label: t`Plan a whole day`, href: "/plan/day" },
  { label: t`Enter a past run`, href: "/runs/past" },
  { label: t`Season`, href: "/shelf/season" },
  { label: t`Learn`, href: "/runs/learn" },
  { label: t`Backup and files`, href: "/bench/data" },
];

/** What lies behind the five places, by its own name. */
export function GoTo() {
  const router = useRouter();
  return (
    <View className="no-print gap-2">
      <Txt variant="heading">{t`Go to`}</Txt>
      <View className="flex-row flex-wrap gap-2">
        {ways.map(({ label, href }) => (
          <Button
            key={label}
            look="quiet"
            size="small"
            label={label}
            onPress={() => router.push(href)}
          />
        ))}
      </View>
    </View>
  );
}
