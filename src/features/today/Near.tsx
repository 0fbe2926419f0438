import { useMemo } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { gardenOf, nearPlants, plantCalendar } from "@/logbook/harvest/plantCalendar";
import type { RunSummary } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences } from "@/store/selectors";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { seasonWords } from "@/words/calendarWords";

const most = 3;

/** Own plants whose time is now or near, and the way to harvests and the plants' year. */
export function Near({ summaries, day }: { summaries: readonly RunSummary[]; day: string }) {
  const book = usePlantBook();
  const preferences = useAppSelector(selectPreferences);
  const harvests = useAppSelector(selectHarvests);
  const { site, place } = preferences;
  const near = useMemo(
    () =>
      nearPlants(
        plantCalendar(
          book,
          harvests,
          summaries,
          gardenOf({ site, ...(place ? { place } : {}) }),
          new Date(`${day}T12:00:00`),
        ),
      ).slice(0, most),
    [book, harvests, summaries, site, place, day],
  );
  return (
    <View className="gap-2">
      <Txt variant="heading">{t`To cut`}</Txt>
      {near.map((each) => (
        <Row
          key={each.plant.id}
          href="/harvests/calendar"
          title={each.plant.name}
          detail={`${seasonWords(each)}. ${each.plant.moment}`}
        />
      ))}
      <Row
        href="/harvests"
        title={t`Harvests`}
        detail={
          near.length === 0
            ? t`None of your plants is near its time.`
            : t`What was cut, what lies here, the plants’ year`
        }
      />
    </View>
  );
}
