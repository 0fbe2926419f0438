import { useState } from "react";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { sniffSoFar } from "@/logbook/learn/sniffSoFar";
import { summarise } from "@/logbook/run/runSummary";
import { trialSoFar } from "@/logbook/trial/trialSoFar";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectRuns, selectSniffs, selectTrials } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { sniffVerdict } from "@/words/sniffWords";
import { verdictSentence } from "@/words/trialWords";
import { AskSheet } from "./AskSheet";
import { SniffSheet } from "./SniffSheet";

/** What runs teach: trials, what the nose tells apart, and what is known of each plant by now. */
export function LearnScreen() {
  const [sheet, setSheet] = useState<"ask" | "sniff">();
  return (
    <Screen
      title={t`Learn`}
      back={{ href: "/runs", label: t`Runs` }}
      footer={<Button label={t`Ask a question`} opens onPress={() => setSheet("ask")} />}
      aside={<KnownPlants />}
    >
      <Row
        href="/runs/compare"
        title={t`Compare`}
        detail={t`Two to six runs: what differs, and how much the model explains`}
      />
      <Txt variant="heading">{t`Trials`}</Txt>
      <Trials />
      <View className="flex-row items-center justify-between gap-3">
        <Txt variant="heading">{t`By nose`}</Txt>
        <Button
          look="quiet"
          size="small"
          label={t`A blind sniff`}
          opens
          onPress={() => setSheet("sniff")}
        />
      </View>
      <Sniffs />
      {sheet === "ask" ? <AskSheet onClose={() => setSheet(undefined)} /> : null}
      {sheet === "sniff" ? <SniffSheet onClose={() => setSheet(undefined)} /> : null}
    </Screen>
  );
}

/** Plants with a measured run, the most measured first. */
function KnownPlants() {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const known = new Map<string, number>();
  for (const run of runs)
    if (summarise(run, book).result) known.set(run.plantId, (known.get(run.plantId) ?? 0) + 1);
  const plants = [...known]
    .map(([plantId, count]) => ({ plantId, count, name: book.byId(plantId)?.name ?? plantId }))
    .sort((a, b) => b.count - a.count || a.name.localeCompare(b.name));
  return (
    <>
      <Txt variant="heading">{t`What I know now`}</Txt>
      {plants.length === 0 ? (
        <Card>
          <Txt>{t`Plants with a measured run appear here.`}</Txt>
        </Card>
      ) : null}
      <View className="gap-2">
        {plants.map(({ plantId, count, name }) => (
          <Row
            key={plantId}
            href={`/runs/learn?plant=${encodeURIComponent(plantId)}`}
            title={name}
            detail={plural(count, { one: "# measured run", other: "# measured runs" })}
          />
        ))}
      </View>
    </>
  );
}

function Trials() {
  const book = usePlantBook();
  const trials = useAppSelector(selectTrials);
  const runs = useAppSelector(selectRuns);
  if (trials.length === 0)
    return (
      <Card className="gap-2">
        <Txt variant="heading">{t`No question yet`}</Txt>
        <Txt>{t`One run against one run is chance. Change one thing, halve the harvest, distil both halves, and do it again: the verdict here is a range and a word, and says how many more pairs would decide it.`}</Txt>
      </Card>
    );
  return (
    <View className="gap-2">
      {[...trials].reverse().map((trial) => {
        const { outcome } = trialSoFar(trial, runs, book);
        return (
          <Row
            key={trial.id}
            href={`/runs/learn?trial=${trial.id}`}
            title={trial.question}
            detail={outcome ? verdictSentence(outcome, trial) : t`Nothing to count yet.`}
            end={<OpenOrClosed closed={trial.closedAt !== undefined} />}
          />
        );
      })}
    </View>
  );
}

function Sniffs() {
  const sniffs = useAppSelector(selectSniffs);
  if (sniffs.length === 0)
    return (
      <Card>
        <Txt>{t`Three strips, two of them alike: which is the other? Six rounds say whether a nose really tells two oils or hydrosols apart.`}</Txt>
      </Card>
    );
  return (
    <View className="gap-2">
      {[...sniffs].reverse().map((sniff) => {
        const soFar = sniffSoFar(sniff);
        return (
          <Row
            key={sniff.id}
            href={`/runs/learn?sniff=${sniff.id}`}
            title={t`“${sniff.a}” or “${sniff.b}”`}
            detail={
              sniff.closedAt
                ? sniffVerdict(soFar, sniff)
                : t`${plural(soFar.answered, { one: "# round", other: "# rounds" })} answered; what they say is shown at the end.`
            }
            end={<OpenOrClosed closed={sniff.closedAt !== undefined} />}
          />
        );
      })}
    </View>
  );
}

function OpenOrClosed({ closed }: { closed: boolean }) {
  return <Txt variant="label">{closed ? t`closed` : t`open`}</Txt>;
}
