import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { showOil, showVolume, words } from "@/core/units/format";
import { showDayLong } from "@/core/units/dates";
import { t } from "@/language/t";
import { costOfRun, costSum } from "@/logbook/shelf/costs";
import { showMoney } from "@/core/units/money";
import { lotWords } from "@/words/lotWords";
import { doubtfulLog } from "@/logbook/run/doubtfulLog";
import { againLike } from "@/logbook/plan/draftOfRun";
import type { Run } from "@/records/run";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { beginPlan } from "@/store/beginPlan";
import { useTrialPlace } from "@/store/useTrialPlace";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectLots, selectPreferences, selectRuns } from "@/store/selectors";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Row } from "@/ui/primitives/Row";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figureWords, figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { FitCard } from "./FitCard";
import { AsCharged } from "./AsCharged";
import { planFacts } from "./planFacts";
import { RunActs } from "./RunActs";
import { RunNotices } from "./RunNotices";
import { RunLog } from "./RunLog";
import { RunResult } from "./RunResult";
import { ProbeImport } from "./ProbeImport";
import { RunTraces } from "./RunTraces";

/** One run from plan to bottle. */
export function RunSheetScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const lots = useAppSelector(selectLots).filter(({ runIds }) => runIds.includes(run.id));
  const summary = summarise(run, plantBook);
  const { state, plantName, result } = summary;
  const next = nextStep(summary);
  const [edition, setEdition] = useState(0);
  const plant = plantBook.byId(run.plantId);
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const cost = costSum(costOfRun(run, still, preferences));
  const runs = useAppSelector(selectRuns);
  const others = useMemo(() => runs.map((each) => summarise(each, plantBook)), [runs, plantBook]);
  const place = useTrialPlace(run.id);
  const doubt = doubtfulLog(summary, plantBook);
  const attachments = useAttachments(run.id);
  function again() {
    dispatch(beginPlan(againLike(run, units)));
    router.push("/plan");
  }
  return (
    <Screen
      title={plantName}
      pageTitle={t`${plantName}, run ${run.number}`}
      oneSheet
      over={t`Run ${run.number} · ${showDayLong(summary.at)} · ${run.stillName}`}
      back={{ href: "/runs", label: t`Runs` }}
      actions={
        <>
          <Button
            look="quiet"
            size="small"
            label={t`Again`}
            hint={t`Again: plan a run like this`}
            onPress={again}
          />
          {result ? (
            <Button
              look="quiet"
              size="small"
              label={t`Compare`}
              hint={t`Compare: this run with another`}
              onPress={() => router.push(`/runs/compare?ids=${run.id}`)}
            />
          ) : null}
        </>
      }
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Learn"
          figures={figuresOf(["yieldOf", "expectedOil", "whereItWent", "costOf"])}
          words={wordsOf([
            "yield",
            "asCharged",
            "dryMatter",
            "visibleOil",
            "dissolved",
            "fineDrops",
            "haze",
            "vw",
            "ww",
            "likely",
            "tail",
          ])}
        />
      }
      footer={
        next ? (
          <Button label={next.label} onPress={() => router.push(`/runs/${run.id}/${next.to}`)} />
        ) : undefined
      }
      aside={
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
      }
    >
      <RunNotices summary={summary} doubt={doubt} units={units} />
      <RunResult summary={summary} others={others} units={units} />
      <RunTraces runId={run.id} edition={edition} />
      {state.litAt === undefined ? null : (
        <ProbeImport run={run} state={state} onKept={() => setEdition((before) => before + 1)} />
      )}
      {lots.length > 0 ? (
        <View className="gap-2">
          <Txt variant="heading">{t`On the shelf`}</Txt>
          {lots.map((lot) => (
            <Row
              key={lot.id}
              href={`/shelf/${lot.id}`}
              title={lot.code}
              detail={`${lotWords(lot)} · ${words(lot.product === "oil" ? showOil(lot.volumeMl) : showVolume(lot.volumeMl, units))}`}
            />
          ))}
        </View>
      ) : null}
    </Screen>
  );
}

function nextStep({ state }: RunSummary): { label: string; to: string } | undefined {
  if (state.phase === "ready") return { label: t`To the checklist`, to: "ready" };
  if (state.phase === "settling") return { label: t`Separate and measure`, to: "separate" };
  if (state.phase === "done") return undefined;
  return { label: t`Back to the still`, to: "watch" };
}
