import { counted } from "@/core/units/format";
import { useState } from "react";
import { View } from "react-native";
import { sniffSoFar } from "@/logbook/learn/sniffSoFar";
import { summarise } from "@/logbook/run/runSummary";
import { trialSoFar } from "@/logbook/trial/trialSoFar";
import { useAppSelector, usePlantBook } from "@/store/hooks";
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
  const book = usePlantBook();
  const trials = useAppSelector(selectTrials);
  const sniffs = useAppSelector(selectSniffs);
  const runs = useAppSelector(selectRuns);
  const [sheet, setSheet] = useState<"ask" | "sniff">();
  const known = new Map<string, number>();
  for (const run of runs)
    if (summarise(run, book).result) known.set(run.plantId, (known.get(run.plantId) ?? 0) + 1);
  return (
    <Screen
      title="Learn"
      back={{ href: "/runs", label: "Runs" }}
      footer={<Button label="Ask a question" opens onPress={() => setSheet("ask")} />}
      aside={
        <>
          <Txt variant="heading">What I know now</Txt>
          {known.size === 0 ? (
            <Card>
              <Txt>Plants with a measured run appear here.</Txt>
            </Card>
          ) : null}
          <View className="gap-2">
            {[...known]
              .map(([plantId, count]) => ({
                plantId,
                count,
                name: book.byId(plantId)?.name ?? plantId,
              }))
              .sort((a, b) => b.count - a.count || a.name.localeCompare(b.name))
              .map(({ plantId, count, name }) => (
                <Row
                  key={plantId}
                  href={`/runs/learn?plant=${encodeURIComponent(plantId)}`}
                  title={name}
                  detail={`${counted(count, "measured run")}`}
                />
              ))}
          </View>
        </>
      }
    >
      <Row
        href="/runs/compare"
        title="Compare"
        detail="Two to six runs: what differs, and how much the model explains"
      />
      <Txt variant="heading">Trials</Txt>
      {trials.length === 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">No question yet</Txt>
          <Txt>
            One run against one run is chance. Change one thing, halve the harvest, distil both
            halves, and do it again: the verdict here is a range and a word, and says how many more
            pairs would decide it.
          </Txt>
        </Card>
      ) : null}
      <View className="gap-2">
        {[...trials].reverse().map((trial) => {
          const { outcome } = trialSoFar(trial, runs, book);
          return (
            <Row
              key={trial.id}
              href={`/runs/learn?trial=${trial.id}`}
              title={trial.question}
              detail={outcome ? verdictSentence(outcome, trial) : "Nothing to count yet."}
              end={<Txt variant="label">{trial.closedAt ? "closed" : "open"}</Txt>}
            />
          );
        })}
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <Txt variant="heading">By nose</Txt>
        <Button
          look="quiet"
          size="small"
          label="A blind sniff"
          opens
          onPress={() => setSheet("sniff")}
        />
      </View>
      {sniffs.length === 0 ? (
        <Card>
          <Txt>
            Three strips, two of them alike: which is the other? Six rounds say whether a nose
            really tells two oils or hydrosols apart.
          </Txt>
        </Card>
      ) : null}
      <View className="gap-2">
        {[...sniffs].reverse().map((sniff) => (
          <Row
            key={sniff.id}
            href={`/runs/learn?sniff=${sniff.id}`}
            title={`“${sniff.a}” or “${sniff.b}”`}
            detail={
              sniff.closedAt
                ? sniffVerdict(sniffSoFar(sniff), sniff)
                : `${counted(sniffSoFar(sniff).answered, "round")} answered; what they say is shown at the end.`
            }
            end={<Txt variant="label">{sniff.closedAt ? "closed" : "open"}</Txt>}
          />
        ))}
      </View>
      {sheet === "ask" ? <AskSheet onClose={() => setSheet(undefined)} /> : null}
      {sheet === "sniff" ? <SniffSheet onClose={() => setSheet(undefined)} /> : null}
    </Screen>
  );
}
