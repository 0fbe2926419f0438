import { useEffect, useState } from "react";
import { View } from "react-native";
import { showWeekday } from "@/core/units/dates";
import { lessonIds, type LessonId } from "@/core/practice/lessons";
import { readExercise } from "@/exchange/exerciseFile";
import { t } from "@/language/t";
import { lessonSpec } from "@/logbook/practice/lessonSpec";
import type { ExerciseSpec } from "@/records/exercise";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { forgetSamples } from "@/store/samples";
import { selectExercises } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { lessonWords } from "@/words/lessonWords";
import { practiceFaultWords } from "@/words/practiceWords";
import { OwnExercise } from "./OwnExercise";
import { useBegin } from "./useBegin";

const shownBefore = 12;

/** A still to learn on that cannot be spoilt: lessons in their order, exercises of one's own, and a trainer's. */
export function PracticeScreen() {
  const exercises = useAppSelector(selectExercises);
  const { begin, problem } = useBegin();
  const passed = new Set<LessonId>(
    exercises.flatMap(({ passed: done, spec }) => (done && spec.lesson ? [spec.lesson] : [])),
  );
  const dispatch = useAppDispatch();
  /* A look back plays the still again: what its instruments sent is of no more use. */
  const ended = exercises.flatMap(({ runId, endedAt }) => (endedAt === undefined ? [] : [runId]));
  const endedIds = ended.join(" ");
  useEffect(() => {
    if (endedIds !== "") void dispatch(forgetSamples(endedIds.split(" "))).catch(() => undefined);
  }, [dispatch, endedIds]);
  const next = lessonIds.find((id) => !passed.has(id));
  return (
    <Screen
      title={t`Practice`}
      back={{ href: "/bench", label: t`Bench` }}
      footer={problem ? <Notice severity="caution" message={problem} /> : undefined}
      aside={
        <>
          <OwnExercise begin={begin} />
          <FromFile begin={begin} />
          {exercises.length > 0 ? <Txt variant="heading">{t`What you did`}</Txt> : null}
          {[...exercises]
            .reverse()
            .slice(0, shownBefore)
            .map(({ id, spec, endedAt, createdAt }) => (
              <Row
                key={id}
                href={`/bench/practice/${id}`}
                title={spec.title}
                detail={
                  endedAt === undefined
                    ? t`${showWeekday(new Date(createdAt))}, not finished`
                    : showWeekday(new Date(createdAt))
                }
              />
            ))}
        </>
      }
    >
      <Txt>{t`A still to learn on. It runs as a real one would. Nothing that you do here goes into your logbook.`}</Txt>
      <Txt variant="heading">{t`Lessons, ${passed.size} of ${lessonIds.length} done`}</Txt>
      {lessonIds.map((id, i) => (
        <Row
          key={id}
          title={`${i + 1}. ${lessonWords[id].title}`}
          detail={lessonWords[id].intro}
          end={
            passed.has(id) ? (
              <Txt variant="label">{t`done`}</Txt>
            ) : id === next ? (
              <Txt variant="label">{t`next`}</Txt>
            ) : undefined
          }
          onPress={() => begin(lessonSpec(id, lessonWords[id].title))}
        />
      ))}
    </Screen>
  );
}

/** A trainer's exercise, from its file. */
function FromFile({ begin }: { begin: (spec: ExerciseSpec) => void }) {
  const [read, setRead] = useState<ReturnType<typeof readExercise>>();
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`From a trainer`}</Txt>
      <Txt variant="small">{t`An exercise that somebody made comes as a file.`}</Txt>
      <View className="flex-row">
        <FileChoice
          label={t`An exercise's file`}
          button={t`Open an exercise`}
          accept=".json,application/json"
          onChoose={(file) => void file.text().then((text) => setRead(readExercise(text)))}
        />
      </View>
      {read && !read.ok ? <Notice severity="error" message={read.problem} /> : null}
      {read?.ok ? (
        <>
          <Txt variant="strong">{read.exercise.title}</Txt>
          {read.exercise.note ? <Txt>{read.exercise.note}</Txt> : null}
          {read.exercise.hidden ? null : (
            <Txt variant="small">
              {read.exercise.faults.map(({ fault }) => practiceFaultWords[fault].name).join(", ") ||
                t`Nothing goes wrong.`}
            </Txt>
          )}
          <View className="flex-row">
            <Button
              label={t`Begin`}
              hint={t`Begin ${read.exercise.title}`}
              onPress={() => begin(read.exercise)}
            />
          </View>
        </>
      ) : null}
    </Card>
  );
}
