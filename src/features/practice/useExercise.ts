import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import { useStore } from "react-redux";
import type { ActCode } from "@/core/practice/acts";
import { replay, type Exercise, type Harm } from "@/core/practice/exercise";
import { lessonOf } from "@/core/practice/lessons";
import { longestSecond, type PracticeSpeed } from "@/core/practice/practiceSpeeds";
import type { SignCode } from "@/core/practice/signs";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { actsToDo } from "@/logbook/practice/actsOfLog";
import { askOf } from "@/logbook/practice/exerciseAsk";
import { tasksOf } from "@/logbook/practice/lessonTasks";
import { runNow } from "@/logbook/run/runClock";
import { newId } from "@/records/base";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { changeRecord, changeRun } from "@/store/changes";
import { useAppDispatch, useInstruments } from "@/store/hooks";
import type { RootState } from "@/store/store";
import { usualDropsPerMl } from "@/core/yield/convert";
import { practiceLogbook } from "./practiceLogbook";

/* The still is looked at so often. */
const tickMs = 250;
/* Where it stands is written down so often: a page that is closed goes on from there. */
const saveMs = 15_000;
/* A page that was not looked at for so long has slept, and the still with it. */
const sleptMs = 5000;

/* A run of an hour and a half in five minutes. */
const usualSpeed = 20;

/** What the last act told, or what was heard without asking. */
export interface Told {
  act?: ActCode;
  signs: readonly SignCode[];
  /** What there is to see in the jar, by looking: mL, to within what an eye can tell. */
  jar?: { distillateMl: number; oilMl: number };
  /** It was not asked for. */
  unasked?: true;
  /** Counts what was told, so that the same answer twice is told twice. */
  count: number;
}

/** How an exercise stands, for its screen. */
interface Seen {
  second: number;
  harm: Harm | undefined;
  helper: boolean;
  /** Drops that fall in a minute of its own time. */
  drops: number;
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
  const lineId = run.instrument?.id;

  useEffect(() => {
    const letGo = line.hold();
    line.listenTo(lineId);
    return () => {
      line.listenTo(undefined);
      letGo();
    };
  }, [line, lineId]);

  const work = useMemo(() => {
    const runHere = () => store.getState().run.entities[runId];
    const recordHere = () => store.getState().exercise.entities[record.id];
    const { played, litAt } = still;
    const last = { wall: 0, saved: 0, sampled: played.second, heard: played.happenings.length };

    function setClock(speedTo: PracticeSpeed, second = played.second): void {
      const wallAt = new Date().toISOString();
      const runAt = new Date(litAt + second * 1000).toISOString();
      last.saved = Date.now();
      dispatch(changeRun(runId, (now) => ({ ...now, clock: { wallAt, runAt, speed: speedTo } })));
    }

    /** Does what stands in the log and was not done yet. */
    function followLog(now: Run): void {
      const exercise = recordHere();
      if (!exercise) return;
      const due = actsToDo(now.entries, exercise);
      if (due.length === 0) return;
      const acts = due.map(({ act, of }) => {
        played.act(act);
        return { id: newId(), second: played.second, ...act, of };
      });
      dispatch(changeRecord(exercise, (then) => ({ ...then, acts: [...then.acts, ...acts] })));
    }

    function end(): void {
      const exercise = recordHere();
      const now = runHere();
      if (!exercise || !now || exercise.endedAt !== undefined) return;
      const { lesson } = exercise.spec;
      const passed =
        lesson !== undefined &&
        tasksOf(lesson, { run: now, played, acts: exercise.acts }).every(({ done }) => done);
      setClock(0);
      dispatch(
        changeRecord(exercise, (then) => ({
          ...then,
          endedAt: played.second,
          ...(passed ? { passed: true as const } : {}),
        })),
      );
    }

    function heard(): void {
      const signs = played.happenings
        .slice(last.heard)
        .flatMap((each) => (each.kind === "heard" ? [each.sign] : []));
      last.heard = played.happenings.length;
      if (signs.length === 0) return;
      slower();
      setTold((was) => ({ signs, unasked: true, count: (was?.count ?? 0) + 1 }));
    }

    /** What is heard or rings is met in its own time. */
    function slower(): void {
      if ((runHere()?.clock?.speed ?? 0) > 1) setClock(1);
    }

    function tick(): void {
      const now = runHere();
      const wall = Date.now();
      const slept = last.wall > 0 && wall - last.wall > sleptMs;
      last.wall = wall;
      if (!now || recordHere()?.endedAt !== undefined) return;
      if (slept) return setClock((now.clock?.speed ?? 0) as PracticeSpeed);
      followLog(now);
      played.advanceTo(Math.min(longestSecond, Math.floor((runNow(now, wall) - litAt) / 1000)));
      if (played.second > last.sampled && lineId !== undefined) {
        last.sampled = played.second;
        const at = new Date(litAt + played.second * 1000).toISOString();
        for (const sample of played.read())
          practiceLogbook().send(lineId, JSON.stringify({ at, ...sample }));
      }
      heard();
      if (played.harm || played.second >= longestSecond) end();
      else if ((now.clock?.speed ?? 0) > 0 && wall - last.saved > saveMs)
        setClock((now.clock?.speed ?? 0) as PracticeSpeed);
      startTransition(() => setSeen(seenOf(played)));
    }

    function act(code: ActCode): void {
      const exercise = recordHere();
      if (!exercise || exercise.endedAt !== undefined) return;
      const signs = played.act({ code });
      const done = { id: newId(), second: played.second, code };
      dispatch(changeRecord(exercise, (then) => ({ ...then, acts: [...then.acts, done] })));
      const { distillateMl, oilInJarMl } = played.truth;
      const jar = code === "look" ? { distillateMl, oilMl: oilInJarMl } : undefined;
      setTold((was) => ({
        act: code,
        signs,
        count: (was?.count ?? 0) + 1,
        ...(jar ? { jar } : {}),
      }));
      if (played.harm) end();
      setSeen(seenOf(played));
    }

    return { tick, act, end, setClock, slower };
  }, [dispatch, store, still, runId, record.id, lineId]);

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

function seenOf({ second, harm, active, truth }: Exercise): Seen {
  return {
    second,
    harm,
    helper: active.has("helperOpens"),
    drops: Math.round(truth.rateMlPerMin * usualDropsPerMl),
  };
}
