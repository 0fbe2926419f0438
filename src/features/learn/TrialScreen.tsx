import type { TrialOutcome } from "@/core/learn/trial";
import { fixed } from "@/core/units/format";
import { showDay } from "@/core/units/dates";
import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { sniffSoFar } from "@/logbook/learn/sniffSoFar";
import { withoutRun, withRuns, withSidesSwapped } from "@/logbook/trial/trialPlace";
import { trialSoFar, type Trialled } from "@/logbook/trial/trialSoFar";
import type { Trial } from "@/records/trial";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectRuns, selectSniffs } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { ratioWords } from "@/words/compareWords";
import { figureWords, figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { sniffVerdict } from "@/words/sniffWords";
import { AddToTrial } from "./AddToTrial";
import { NextCharge } from "./NextCharge";
import { SniffSheet } from "./SniffSheet";
import {
  besidesOfAll,
  measureWords,
  notCountedIn,
  valueWords,
  verdictSentence,
} from "@/words/trialWords";

/** One trial: its runs side by side, what they say together, and what would decide it. */
export function TrialScreen({ id }: { id: string }) {
  const trial = useAppSelector((state) => state.trial.entities[id]);
  if (!trial || trial.deletedAt)
    return <NotHere what={t`This trial`} back={{ href: "/runs/learn", label: t`Learn` }} />;
  return <OneTrial key={trial.id} trial={trial} />;
}

function OneTrial({ trial }: { trial: Trial }) {
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const [adding, setAdding] = useState(false);
  const [sniffing, setSniffing] = useState(false);
  const allSniffs = useAppSelector(selectSniffs);
  const sniffs = allSniffs.filter(({ trialId }) => trialId === trial.id);
  const soFar = trialSoFar(trial, runs, book);
  const { runs: members, outcome } = soFar;
  const against = besidesOfAll(soFar);
  const change: ChangeTrial = (label, part) =>
    dispatch(changeRecord(trial, (now) => ({ ...now, ...part(now) }), label));
  return (
    <Screen
      title={trial.question}
      over={trial.closedAt ? t`Trial, closed` : t`Trial, open`}
      back={{ href: "/runs/learn", label: t`Learn` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Learn"
          figures={figuresOf(["trialDifference", "yieldOf"])}
          words={wordsOf(["yield", "dryMatter"])}
        />
      }
      aside={
        <>
          <Verdict trial={trial} outcome={outcome} />
          {against ? <Notice severity="caution" {...against} /> : null}
          {sniffs.map((sniff) => (
            <Row
              key={sniff.id}
              href={`/runs/learn?sniff=${sniff.id}`}
              title={t`By nose`}
              detail={
                sniff.closedAt ? sniffVerdict(sniffSoFar(sniff), sniff) : t`A blind sniff is open.`
              }
            />
          ))}
          <TrialActs
            trial={trial}
            onChange={change}
            onAdd={() => setAdding(true)}
            onSniff={() => setSniffing(true)}
          />
        </>
      }
    >
      <Txt variant="small">{measureWords[trial.measure]}</Txt>
      {members.length === 0 ? (
        <Card>
          <Txt>{t`Halve one harvest, weigh both halves alike, and let the lot say which is which. Distil both on one still, with the same water, heat and stop; then put them in here.`}</Txt>
        </Card>
      ) : null}
      <Members trial={trial} members={members} onChange={change} />
      {trial.closedAt ? null : <NextCharge trial={trial} />}
      {sniffing ? <SniffSheet trial={trial} onClose={() => setSniffing(false)} /> : null}
      {adding ? (
        <AddToTrial
          trial={trial}
          onClose={() => setAdding(false)}
          onAdd={(a, b) => {
            change(t`Into the trial.`, (now) => withRuns(now, { a, b }));
            setAdding(false);
          }}
        />
      ) : null}
    </Screen>
  );
}

/** A change of the trial, with what is told of it. */
type ChangeTrial = (label: string, part: (now: Trial) => Partial<Trial>) => void;

function TrialActs({
  trial,
  onChange,
  onAdd,
  onSniff,
}: {
  trial: Trial;
  onChange: ChangeTrial;
  onAdd: () => void;
  onSniff: () => void;
}) {
  return (
    <View className="flex-row flex-wrap gap-2">
      {trial.closedAt ? null : (
        <Button
          look="quiet"
          size="small"
          label={trial.design === "pairs" ? t`Add a pair` : t`Add a run to each side`}
          hint={
            trial.design === "pairs"
              ? t`Add a pair that was distilled already`
              : t`Add a run to each side that was distilled already`
          }
          opens
          onPress={onAdd}
        />
      )}
      <Button look="quiet" size="small" label={t`Sniff them blind`} onPress={onSniff} />
      <Button
        look="quiet"
        size="small"
        leaves
        label={trial.closedAt ? t`Open it again` : t`Close it`}
        onPress={() =>
          trial.closedAt
            ? onChange(t`The trial is open again.`, () => ({ closedAt: undefined }))
            : onChange(t`The trial is closed.`, () => ({ closedAt: new Date().toISOString() }))
        }
      />
    </View>
  );
}

function Members({
  trial,
  members,
  onChange,
}: {
  trial: Trial;
  members: readonly Trialled[];
  onChange: ChangeTrial;
}) {
  return groupsOf(trial, members)
    .filter(({ those }) => those.length > 0)
    .map(({ title, those }) => (
      <Card key={title} className="gap-1">
        <Txt variant="heading">{title}</Txt>
        {those.map((each) => (
          <Member
            key={`${each.runId}${each.side}`}
            each={each}
            measure={trial.measure}
            name={each.side === "a" ? trial.a : trial.b}
            onSwap={() => onChange(t`Its sides are swapped.`, (now) => withSidesSwapped(now, each))}
            onOut={() => onChange(t`It is out of the trial.`, (now) => withoutRun(now, each.runId))}
          />
        ))}
      </Card>
    ));
}

/* Pair by pair, or side by side. */
function groupsOf(
  trial: Trial,
  members: readonly Trialled[],
): { title: string; those: Trialled[] }[] {
  if (trial.design !== "pairs")
    return (["a", "b"] as const).map((which) => ({
      title: trial[which],
      those: members.filter(({ side }) => side === which),
    }));
  const pairs = [...new Set(members.map(({ pair = 0 }) => pair))].sort((x, y) => x - y);
  return pairs.map((number) => ({
    title: t`Pair ${number}`,
    those: members.filter(({ pair = 0 }) => pair === number),
  }));
}

/** What the trial says by now, and how sure that is. */
function Verdict({ trial, outcome }: { trial: Trial; outcome: TrialOutcome | undefined }) {
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`Verdict`} about={figureWords.trialDifference} />
      <Txt variant="strong" role="status">
        {outcome
          ? verdictSentence(outcome, trial)
          : t`Nothing to count yet: it takes a measured run on each side.`}
      </Txt>
      {outcome ? (
        <Facts
          facts={[
            [t`“${trial.b}” is better`, t`${fixed(100 * outcome.probabilityBetter, 0)} in 100`],
            [
              t`95 % range`,
              t`${ratioWords(outcome.ratio.p2_5)} to ${ratioWords(outcome.ratio.p97_5)}`,
            ],
          ]}
        />
      ) : null}
      <Txt variant="small">{t`Calculated without expecting a difference. Halves of one harvest usually differ by some 25 %. Each run counts as it was measured.`}</Txt>
    </Card>
  );
}

function Member({
  each,
  name,
  measure,
  onSwap,
  onOut,
}: {
  each: Trialled;
  name: string;
  measure: Trial["measure"];
  onSwap: () => void;
  onOut: () => void;
}) {
  const units = useUnits();
  const number = each.summary?.run.number;
  return (
    <View className="border-t border-line py-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Txt variant="strong" className="min-w-0 flex-1">
          {number === undefined ? name : t`${name}: run ${number}, ${showDay(each.summary!.at)}`}
        </Txt>
        <Txt variant="strong">
          {each.value === undefined ? "–" : valueWords(each.value, measure, units)}
        </Txt>
      </View>
      {each.notCounted ? <Txt variant="small">{notCountedIn(each.notCounted)}</Txt> : null}
      <View className="flex-row gap-2">
        <Button
          look="plain"
          size="small"
          leaves
          label={t`Swap sides`}
          hint={t`Swap sides of run ${number ?? ""}`}
          onPress={onSwap}
        />
        <Button
          look="plain"
          size="small"
          leaves
          label={t`Remove`}
          hint={t`Remove run ${number ?? ""}`}
          onPress={onOut}
        />
      </View>
    </View>
  );
}
