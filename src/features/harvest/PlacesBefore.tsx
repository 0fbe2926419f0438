import { View } from "react-native";
import { t } from "@/language/t";
import type { Harvest } from "@/records/harvest";
import { Button } from "@/ui/primitives/Button";

const most = 4;

/** Places that were cut at before, to be tapped instead of typed. */
export function PlacesBefore({
  harvests,
  now,
  onChoose,
}: {
  harvests: readonly Harvest[];
  now: string;
  onChoose: (place: string) => void;
}) {
  const latestFirst = [...harvests].sort((a, b) => b.cutOn.localeCompare(a.cutOn));
  const places = [...new Set(latestFirst.flatMap(({ place }) => place ?? []))]
    .filter((place) => place !== now.trim())
    .slice(0, most);
  if (places.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {places.map((place) => (
        <Button
          key={place}
          look="quiet"
          size="small"
          label={place}
          hint={t`Place: ${place}`}
          onPress={() => onChoose(place)}
        />
      ))}
    </View>
  );
}
