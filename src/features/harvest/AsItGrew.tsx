import { noonOf } from "@/core/units/dates";
import { moonPhase } from "@/core/calendar/moon";
import { t } from "@/language/t";
import { growths, skies, type Harvest } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";
import { growthWords, skyWords } from "@/words/harvestWords";
import { HarvestFields } from "./HarvestFields";

/** What is told of a harvest beside its weight: how far it was grown, the weather, and the rest. */
export function AsItGrew({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const change = (part: Partial<Harvest>) =>
    dispatch(changeRecord(harvest, (now) => ({ ...now, ...part }), t`The harvest is changed.`));
  return (
    <Card className="gap-3">
      <Choice
        label={t`Growth`}
        shown
        options={growths.map((value) => ({ value, label: growthWords[value] }))}
        value={harvest.growth}
        onChange={(growth) => change({ growth })}
      />
      <Choice
        label={t`Weather`}
        shown
        options={skies.map((value) => ({ value, label: skyWords[value] }))}
        value={harvest.sky}
        onChange={(sky) => change({ sky })}
      />
      <HarvestFields harvest={harvest} />
      {preferences.moon ? (
        <Txt variant="small">{t`Moon: ${moonPhase(noonOf(harvest.cutOn).getTime())}.`}</Txt>
      ) : null}
    </Card>
  );
}
