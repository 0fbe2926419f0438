import { useEffect, useMemo, useRef, useState } from "react";
import { useStore } from "react-redux";
import { replay } from "@/core/practice/exercise";
import { lessonOf } from "@/core/practice/lessons";
import type { PracticeSpeed } from "@/core/practice/practiceSpeeds";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { askOf } from "@/logbook/practice/exerciseAsk";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { useAppDispatch, useInstruments } from "@/store/hooks";
import type { RootState } from "@/store/store";
import { exerciseWork, seenOf, type Heard, type Seen } from "./exerciseWork";

/* The still is looked at so often. */
const tickMs = 250;

/* A run of an hour and a half in five minutes. */
const usualSpeed = 20;

/** What was told last. */
export interface Told extends Heard {
  /** Counts what was told, so that the same answer twice is told twice. */
  count: number;
}

/** Runs an exercise: its still beside the page's clock, what its instruments send, what the person does. */
export function useExercise(record: ExerciseRecord, run: Run, plant: KnownPlant) {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const instruments = useInstruments();
  const line = useMemo(() => instruments.of(run.id), [instruments, run.id]);
  const [still] = useState(() => stillOf(record, run, plant));
  const [seen, setSeen] = useState<Seen>(() => seenOf(still.played));
  const [told, setTold] = useState<Told>();
  const speed = (run.clock?.speed ?? 0) as PracticeSpeed;
  const [goesAt, setGoesAt] = useState<PracticeSpeed>(() =>
    record.spec.lesson ? lessonOf(record.spec.lesson).speed : usualSpeed,
  );
  const runId = run.id;
  const recordId = record.id;
  const lineId = run.instrument?.id;

  useEffect(() => {
    const letGo = line.hold();
    line.listenTo(lineId);
    return () => {
      line.listenTo(undefined);
      letGo();
    };
  }, [line, lineId]);

  const work = useMemo(
    () =>
      exerciseWork({
        dispatch,
        getState: store.getState,
        still,
        runId,
        recordId,
        lineId,
        onSeen: setSeen,
        onTold: (heard) => setTold((was) => ({ ...heard, count: (was?.count ?? 0) + 1 })),
      }),
    [dispatch, store, still, runId, recordId, lineId],
  );

  const begun = useRef(false);
  useEffect(() => {
    /* It waits where it was left, whatever the clock says: nobody was there. */
    if (!begun.current) work.setClock(0);
    begun.current = true;
    const timer = setInterval(work.tick, tickMs);
    return () => {
      clearInterval(timer);
      work.setClock(0);
    };
  }, [work]);

  return {
    ...work,
    seen,
    told,
    speed,
    goesAt,
    /** Lets it go on so fast; what is chosen while it waits holds from then on. */
    goOn: (fast: PracticeSpeed = goesAt) => {
      setGoesAt(fast);
      work.setClock(fast);
    },
    wait: () => work.setClock(0),
  };
}
export type Practising = ReturnType<typeof useExercise>;

/** The still of an exercise where it was last known to stand. */
function stillOf(record: ExerciseRecord, run: Run, plant: KnownPlant) {
  const litAt = Date.parse(run.entries[0]?.at ?? run.createdAt);
  const known = Math.max(
    0,
    ...record.acts.map(({ second }) => second),
    ...run.entries.map(({ at }) => (Date.parse(at) - litAt) / 1000),
    (Date.parse(run.clock?.runAt ?? run.createdAt) - litAt) / 1000,
  );
  const ask = askOf(record.spec, plant, run.plan.request!);
  return { litAt, played: replay(ask, record.acts, Math.floor(known)) };
}
