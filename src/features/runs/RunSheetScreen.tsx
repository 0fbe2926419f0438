import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { showOil, showVolume, words } from "@/core/units/format";
import { showDayLong } from "@/core/units/dates";
import { t } from "@/language/t";
import { lotWords } from "@/words/lotWords";
import { doubtfulLog } from "@/logbook/run/doubtfulLog";
import { againLike } from "@/logbook/plan/draftOfRun";
import type { Run } from "@/records/run";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectLots, selectPreferences, selectRuns } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Row } from "@/ui/primitives/Row";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { RunAside } from "./RunAside";
import { RunNotices } from "./RunNotices";
import { RunResult } from "./RunResult";
import { ProbeImport } from "./ProbeImport";
import { RunTraces } from "./RunTraces";

/** One run from plan to bottle. */
export function RunSheetScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const summary = summarise(run, plantBook);
  const { state, plantName } = summary;
  const next = nextStep(summary);
  const [edition, setEdition] = useState(0);
  const runs = useAppSelector(selectRuns);
  const others = useMemo(() => runs.map((each) => summarise(each, plantBook)), [runs, plantBook]);
  const doubt = doubtfulLog(summary, plantBook);
  return (
    <Screen
      title={plantName}
      pageTitle={t`${plantName}, run ${run.number}`}
      oneSheet
      over={t`Run ${run.number} · ${showDayLong(summary.at)} · ${run.stillName}`}
      back={{ href: "/runs", label: t`Runs` }}
      actions={<RunActions summary={summary} />}
      words={<RunWords />}
      footer={
        next ? (
          <Button label={next.label} onPress={() => router.push(`/runs/${run.id}/${next.to}`)} />
        ) : undefined
      }
      aside={<RunAside summary={summary} />}
    >
      <RunNotices summary={summary} doubt={doubt} units={units} />
      <RunResult summary={summary} others={others} units={units} />
      <RunTraces runId={run.id} edition={edition} />
      {state.litAt === undefined ? null : (
        <ProbeImport run={run} state={state} onKept={() => setEdition((before) => before + 1)} />
      )}
      <LotsOfRun run={run} />
    </Screen>
  );
}

/** Plan one like it, or set it beside another. */
function RunActions({ summary: { run, result } }: { summary: RunSummary }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  function again() {
    dispatch(beginPlan(againLike(run, units)));
    router.push("/plan");
  }
  return (
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
  );
}

function LotsOfRun({ run }: { run: Run }) {
  const { units } = useAppSelector(selectPreferences);
  const lots = useAppSelector(selectLots).filter(({ runIds }) => runIds.includes(run.id));
  if (lots.length === 0) return null;
  return (
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
  );
}

function RunWords() {
  return (
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
  );
}

function nextStep({ state }: RunSummary): { label: string; to: string } | undefined {
  if (state.phase === "ready") return { label: t`To the checklist`, to: "ready" };
  if (state.phase === "settling") return { label: t`Separate and measure`, to: "separate" };
  if (state.phase === "done") return undefined;
  return { label: t`Back to the still`, to: "watch" };
}
