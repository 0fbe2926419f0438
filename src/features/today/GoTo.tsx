import { useRouter, type Href } from "expo-router";
import { View } from "react-native";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";

const ways: { label: string; href: Href }[] = [
  { label: "Harvests", href: "/harvests" },
  { label: "Plan a whole day", href: "/plan/day" },
  { label: "Enter a past run", href: "/runs/past" },
  { label: "Season", href: "/shelf/season" },
  { label: "Learn", href: "/runs/learn" },
  { label: "Backup and files", href: "/bench/data" },
];

/** What lies behind the five places, by its own name. */
export function GoTo() {
  const router = useRouter();
  return (
    <View className="no-print gap-2">
      <Txt variant="heading">Go to</Txt>
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
