import { noonOf, showDayOfYear } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { harvestDraft } from "@/logbook/harvest/harvestDraft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { wishProgress } from "@/logbook/plan/wishProgress";
import type { RunSummary } from "@/logbook/run/runSummary";
import { beginPlan } from "@/store/beginPlan";
import { nothingMoreOf } from "@/store/acts/nothingMoreOf";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { inState } from "@/words/stateWords";
import { wishWords } from "@/words/wishWords";

/** Harvests of which something waits. */
export function Harvests({ summaries }: { summaries: readonly RunSummary[] }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const preferences = useAppSelector(selectPreferences);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const open = harvests
    .map((harvest) => ({ harvest, left: harvestLeftG(harvest, runs) }))
    .filter(({ left }) => left > 0);
  return open.map(({ harvest, left }) => {
    const plant = plantBook.byId(harvest.plantId);
    const amount = words(showMass(left, preferences.units));
    const lies = harvestNow(harvest, runs, plantBook);
    const wish = wishProgress(harvest, summaries);
    function next() {
      dispatch(beginPlan(harvestDraft(harvest, left, runs, plantBook)));
      router.push("/plan");
    }
    return (
      <Card key={harvest.id} wash="leaf" className="gap-2">
        <Txt variant="strong">{t`${amount} of ${plant?.name ?? harvest.plantId} waits`}</Txt>
        <Txt variant="small" className="text-ink">
          {lies.state === "dried"
            ? t`Harvest of ${showDayOfYear(noonOf(harvest.cutOn))}, ${inState[lies.state]}.`
            : t`Harvest of ${showDayOfYear(noonOf(harvest.cutOn))}, ${inState[lies.state]}. Distil it before it heats up in the heap.`}
        </Txt>
        {wish ? (
          <Txt variant="strong">{t`Your wish: ${wishWords(wish, preferences.units)}`}</Txt>
        ) : null}
        <View className="flex-row flex-wrap gap-2">
          <Button size="small" label={t`Next charge`} onPress={next} />
          <Button
            size="small"
            look="quiet"
            label={t`The harvest`}
            hint={t`The harvest of ${plant?.name ?? harvest.plantId}: weigh it again, weather, wilting`}
            onPress={() => router.push(`/harvests/${harvest.id}`)}
          />
          <Button
            size="small"
            look="quiet"
            label={t`All used`}
            onPress={() => dispatch(nothingMoreOf(harvest, t`${amount} set aside.`))}
          />
        </View>
      </Card>
    );
  });
}
