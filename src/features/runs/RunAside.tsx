import { View } from "react-native";
import { showMoney } from "@/core/units/money";
import { useAttachments } from "@/exchange/useAttachments";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { costOfRun, costSum } from "@/logbook/shelf/costs";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { useTrialPlace } from "@/store/useTrialPlace";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Row } from "@/ui/primitives/Row";
import { figureWords } from "@/words/figureWords";
import { AsCharged } from "./AsCharged";
import { FitCard } from "./FitCard";
import { planFacts } from "./planFacts";
import { RunActs } from "./RunActs";
import { RunLog } from "./RunLog";

/** Beside a run's result: the still as it was charged, its log, what was planned, what it cost and where it belongs. */
export function RunAside({ summary }: { summary: RunSummary }) {
  const { run, state, result } = summary;
  const plantBook = usePlantBook();
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const plant = plantBook.byId(run.plantId);
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const cost = costSum(costOfRun(run, still, preferences));
  const place = useTrialPlace(run.id);
  const attachments = useAttachments(run.id);
  return (
    <>
      {still ? (
        <AsCharged run={run} still={still} plant={plant} result={state.result} units={units} />
      ) : null}
      {place ? (
        <Row
          href={`/runs/learn?trial=${place.trial.id}`}
          title={place.trial.question}
          detail={t`Trial: “${place.side === "a" ? place.trial.a : place.trial.b}”`}
        />
      ) : null}
      <RunLog entries={state.entries} attachments={attachments.items} units={units} />
      <AttachmentsCard
        name={t`Run ${run.number}`}
        {...attachments}
        items={attachments.items.filter(({ entryId }) => entryId === undefined)}
      />
      {result && plant ? <FitCard run={run} state={state} plant={plant} /> : null}
      <Card>
        <Facts
          facts={[
            ...planFacts(summary, units, plantBook),
            [
              t`It cost`,
              cost > 0 ? showMoney(cost, preferences.prices?.currency) : undefined,
              figureWords.costOf,
            ],
          ]}
        />
      </Card>
      <View className="no-print gap-4">
        {plant ? (
          <Row
            href={`/bench/plants/${plant.id}`}
            title={plant.name}
            detail={t`The plant: ${plant.part}`}
          />
        ) : null}
        {still && !still.deletedAt ? (
          <Row href={`/bench/stills/${still.id}`} title={still.name} detail={t`The still`} />
        ) : null}
      </View>
      <RunActs summary={summary} units={units} />
    </>
  );
}
