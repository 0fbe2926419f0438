import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import { fixed, showDuration, showOil, words } from "@/core/units/format";
import { replay } from "@/core/practice/exercise";
import { lessonIds, type LessonId } from "@/core/practice/lessons";
import { saveExercise } from "@/exchange/exerciseFile";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { calibrationOfRun } from "@/logbook/practice/calibrationOfRun";
import { lessonSpec } from "@/logbook/practice/lessonSpec";
import { tasksOf } from "@/logbook/practice/lessonTasks";
import { rungAlarms } from "@/instruments/rungAlarms";
import type { DebriefAnswer } from "@/messages/practiceMessages";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { useAppSelector, useUnits } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Fold } from "@/ui/primitives/Fold";
import { Notice } from "@/ui/primitives/Notice";
import { Table } from "@/ui/primitives/Table";
import { Txt } from "@/ui/primitives/Txt";
import { alarmWords } from "@/words/cueWords";
import { lessonWords, taskWords } from "@/words/lessonWords";
import {
  figureWords,
  harmWords,
  practiceFaultWords,
  senseWords,
  signWords,
} from "@/words/practiceWords";
import { TimeLineChart } from "./TimeLineChart";
import { timeLine, type Mark } from "./timeLine";
import { useBegin } from "./useBegin";
import { useDebrief } from "./useDebrief";

interface Props {
  record: ExerciseRecord;
  run: Run;
  plant: KnownPlant;
}

/** An exercise looked back on: what happened, when it could be known, what waiting cost, what to take along. */
export function DebriefScreen({ record, run, plant }: Props) {
  const units = useUnits();
  const { question, answer } = useDebrief(record, run, plant);
  const still = useAppSelector((state) => state.still.entities[run.stillId]);
  const { spec, endedAt = 0 } = record;
  const tasks = useMemo(
    () =>
      spec.lesson
        ? tasksOf(spec.lesson, {
            run,
            acts: record.acts,
            played: replay(question.ask, record.acts, endedAt),
          })
        : [],
    [spec.lesson, run, record.acts, question, endedAt],
  );
  const rang = useMemo(
    () =>
      still
        ? rungAlarms(run, still, question.ask, record.acts, endedAt).map((each) => ({
            ...each,
            text: alarmWords(
              { code: each.code, urgency: each.urgency, minutes: 0 },
              t`a few minutes`,
              units,
            ).say,
          }))
        : [],
    [run, still, question, record.acts, endedAt, units],
  );
  const debriefed = answer && !("problem" in answer) ? answer : undefined;
  const marks = useMemo(
    () => (debriefed ? timeLine(record, run, debriefed, rang) : []),
    [record, run, debriefed, rang],
  );
  return (
    <Screen
      over={t`Looking back`}
      title={spec.title}
      back={{ href: "/bench/practice", label: t`Practice` }}
      oneSheet
      aside={
        <>
          {tasks.length > 0 ? (
            <Card className="gap-1">
              <Txt variant="heading">{t`What the lesson asked`}</Txt>
              {tasks.map(({ code, done }) => (
                <Txt key={code}>{`${done ? t`Done` : t`Not yet`}: ${taskWords[code]}`}</Txt>
              ))}
            </Card>
          ) : null}
          {spec.lesson === "waterRun" ? <StillCard run={run} /> : null}
          <Further record={record} />
        </>
      }
    >
      {answer && "problem" in answer ? (
        <Notice severity="error" message={answer.problem} remedy={t`Load the page anew.`} />
      ) : null}
      {debriefed ? (
        <>
          <Outcome answer={debriefed} />
          <Card className="gap-2">
            <Txt variant="heading">{t`What happened when`}</Txt>
            <TimeLineChart marks={marks} fromSecond={beginningOf(run)} endSecond={endedAt} />
            <Fold title={t`As a list`} inside={t`${marks.length} moments`}>
              {marks.map((mark, i) => (
                <Txt key={i} variant="small">
                  {`${showDuration(mark.second / 60)}: ${laneWords[mark.lane]} ${mark.text}`}
                </Txt>
              ))}
            </Fold>
          </Card>
          {debriefed.faults.map((each) => (
            <FaultCard key={each.fault} looked={each} rang={rang} />
          ))}
          {debriefed.faults.length === 0 && spec.faults.length > 0 ? (
            <Txt>{t`You ended before anything went wrong.`}</Txt>
          ) : null}
        </>
      ) : answer ? null : (
        <Txt role="status">{t`Playing it again …`}</Txt>
      )}
    </Screen>
  );
}

const laneWords: Record<Mark["lane"], string> = {
  happened: t`At the still:`,
  known: t`To be known:`,
  rang: t`Sereno:`,
  done: t`You:`,
};

/** The second from heat on at which an exercise was begun: its last entry that it came with. */
function beginningOf({ entries, createdAt }: Run): number {
  return Math.max(0, (Date.parse(createdAt) - Date.parse(entries[0]?.at ?? createdAt)) / 1000);
}

function Outcome({ answer: { harm, oilMl, soundOilMl, faults } }: { answer: DebriefAnswer }) {
  const oil = t`${words(showOil(oilMl))} of oil were kept`;
  const kept =
    faults.length === 0
      ? `${oil}.`
      : t`${oil}; had nothing gone wrong, it would have been ${words(showOil(soundOilMl))}.`;
  return harm ? (
    <Card wash="ember" className="gap-1">
      <Txt variant="heading">{harmWords[harm].name}</Txt>
      <Txt>{harmWords[harm].what}</Txt>
      <Txt>{t`Here it is only an exercise. At a real still it is not.`}</Txt>
    </Card>
  ) : (
    <Card wash="dew" className="gap-1">
      <Txt variant="heading">{t`Nobody was hurt`}</Txt>
      <Txt>{kept}</Txt>
    </Card>
  );
}

function FaultCard({
  looked: { fault, began, mended, signs, figures, delays },
  rang,
}: {
  looked: DebriefAnswer["faults"][number];
  rang: readonly { second: number; text: string }[];
}) {
  const { name, what, take } = practiceFaultWords[fault];
  const after = (second: number) =>
    second - began < 60 ? t`within a minute` : t`after ${showDuration((second - began) / 60)}`;
  const alarm = rang.find(({ second }) => second >= began);
  const [sign] = signs;
  const [figure] = figures;
  const first = delays[0];
  const differs = delays.some(
    ({ oilMl, harm }) => harm !== first?.harm || Math.abs(oilMl - (first?.oilMl ?? 0)) > 0.05,
  );
  return (
    <Card className="gap-2">
      <Txt variant="heading">{name}</Txt>
      <Txt>{t`${what} It began ${showDuration(began / 60)} after heat on.`}</Txt>
      {sign ? (
        <Txt>{`${senseWords[sign.sense]}, ${after(sign.second)}: ${signWords[sign.sign]}`}</Txt>
      ) : null}
      {figure ? (
        <Txt>{t`By the figures, ${after(figure.second)}: ${figureWords[figure.channel]}.`}</Txt>
      ) : (
        <Txt>{t`No figure told of it.`}</Txt>
      )}
      {alarm ? <Txt>{t`Sereno rang ${after(alarm.second)}: ${alarm.text}.`}</Txt> : null}
      <Txt variant="strong">
        {mended === undefined
          ? t`You did not put it right.`
          : t`You put it right ${after(mended)}.`}
      </Txt>
      {differs ? (
        <Table
          label={t`What waiting costs`}
          head={[t`Done so long after the first sign`, t`Oil kept`, t`Harm`]}
          rows={delays.map(({ minutes, oilMl, harm }) => [
            minutes === 0 ? t`at once` : showDuration(minutes),
            words(showOil(oilMl)),
            harm ? harmWords[harm].name : "none",
          ])}
        />
      ) : null}
      <Txt variant="label">{t`To take along`}</Txt>
      {take.map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
    </Card>
  );
}

/** What a run with water tells of the still, as it would tell of a real one. */
function StillCard({ run }: { run: Run }) {
  const found = calibrationOfRun(run);
  const percent = (share: number) => `${fixed(100 * share, 0)} %`;
  return (
    <Card className="gap-1">
      <Txt variant="heading">{t`What it tells of the still`}</Txt>
      <Txt>
        {found
          ? t`By your notes ${percent(found.efficiency)} of the heat reaches the pot, and the still loses ${fixed(found.lossWPerK, 1)} W for each degree that it is warmer than the air. The plan had taken ${percent(found.plannedEfficiency)}.`
          : t`Note the boil as it comes, leave the heat as it is, and read the jar twice: from these follows how much heat reaches the pot.`}
      </Txt>
      <Txt variant="small">{t`Of your own still you find it out once, on its page, under Calibrate. Its plans are nearer from then on.`}</Txt>
    </Card>
  );
}

/** The same again, the next lesson, a file to hand on, paper. */
function Further({ record }: { record: ExerciseRecord }) {
  const router = useRouter();
  const { begin, problem } = useBegin();
  const { spec } = record;
  const next = spec.lesson && lessonIds[lessonIds.indexOf(spec.lesson) + 1];
  const lesson = (id: LessonId) => begin(lessonSpec(id, lessonWords[id].title), "replace");
  return (
    <View className="no-print gap-2">
      {problem ? <Notice severity="caution" message={problem} /> : null}
      {next ? (
        <Button label={t`Next: ${lessonWords[next].title}`} onPress={() => lesson(next)} />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          look="quiet"
          size="small"
          label={t`Again`}
          hint={t`Do it again`}
          onPress={() => begin(spec, "replace")}
        />
        <Button
          look="quiet"
          size="small"
          label={t`Save as a file`}
          hint={t`Save as a file, for somebody else to do`}
          onPress={() => saveExercise(spec)}
        />
        <Button look="quiet" size="small" label={t`Print`} onPress={() => window.print()} />
        <Button
          look="quiet"
          size="small"
          label={t`All lessons`}
          onPress={() => router.push("/bench/practice")}
        />
      </View>
    </View>
  );
}
