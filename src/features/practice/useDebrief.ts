import { useEffect, useMemo, useState } from "react";
import { t } from "@/language/t";
import { askOf } from "@/logbook/practice/exerciseAsk";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { DebriefAnswer, DebriefQuestion } from "@/messages/practiceMessages";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { debrief } from "@/workers/watchClient";

/** An exercise looked back on, as the worker has it: undefined while it plays, or why it could not. */
export function useDebrief(record: ExerciseRecord, run: Run, plant: KnownPlant) {
  const [answer, setAnswer] = useState<DebriefAnswer | { problem: string }>();
  const question = useMemo<DebriefQuestion>(() => {
    const { forecast } = run.plan;
    const planSecond = 60 * (forecast.minutesToFirstDrop + forecast.runMinutes);
    const endSecond = record.endedAt ?? 0;
    return {
      ask: { ...askOf(record.spec, plant, run.plan.request!), faults: record.spec.faults },
      acts: record.acts.map(({ second, code, amount }) => ({
        second,
        code,
        ...(amount === undefined ? {} : { amount }),
      })),
      endSecond,
      planSecond: Math.max(planSecond, endSecond),
    };
  }, [record, run, plant]);
  useEffect(() => {
    let current = true;
    debrief(question).then(
      (next) => current && setAnswer(next),
      () => current && setAnswer({ problem: t`The look back could not be worked out here.` }),
    );
    return () => {
      current = false;
    };
  }, [question]);
  return { question, answer };
}
