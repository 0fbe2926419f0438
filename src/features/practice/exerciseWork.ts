import { startTransition } from "react";
import type { ActCode } from "@/core/practice/acts";
import type { Exercise, Harm } from "@/core/practice/exercise";
import { longestSecond, type PracticeSpeed } from "@/core/practice/practiceSpeeds";
import type { SignCode } from "@/core/practice/signs";
import { usualDropsPerMl } from "@/core/yield/convert";
import { actsToDo } from "@/logbook/practice/actsOfLog";
import { tasksOf } from "@/logbook/practice/lessonTasks";
import { runNow } from "@/logbook/run/runClock";
import { newId } from "@/records/base";
import type { Run } from "@/records/run";
import { changeRecord, changeRun } from "@/store/changes";
import type { AppDispatch, RootState } from "@/store/store";
import { practiceLogbook } from "./practiceLogbook";

/* Where it stands is written down so often: a page that is closed goes on from there. */
const saveMs = 15_000;
/* A page that was not looked at for so long has slept, and the still with it. */
const sleptMs = 5000;

/** What the last act told, or what was heard without asking. */
export interface Heard {
  act?: ActCode;
  signs: readonly SignCode[];
  /** What there is to see in the jar, by looking: mL, to within what an eye can tell. */
  jar?: { distillateMl: number; oilMl: number };
  /** It was not asked for. */
  unasked?: true;
}

/** How an exercise stands, for its screen. */
export interface Seen {
  second: number;
  harm: Harm | undefined;
  helper: boolean;
  /** Drops that fall in a minute of its own time. */
  drops: number;
}

interface Work {
  dispatch: AppDispatch;
  getState: () => RootState;
  /** The still as it stands, and when its heat came on, ms. */
  still: { played: Exercise; litAt: number };
  runId: string;
  recordId: string;
  /** The instrument that hears it, where one does. */
  lineId: string | undefined;
  onSeen: (seen: Seen) => void;
  onTold: (heard: Heard) => void;
}

/** What goes on in an exercise: its clock, its log done on the still, what is heard, what a person does, its end. */
export function exerciseWork({
  dispatch,
  getState,
  still,
  runId,
  recordId,
  lineId,
  onSeen,
  onTold,
}: Work) {
  const runHere = () => getState().run.entities[runId];
  const recordHere = () => getState().exercise.entities[recordId];
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
    onTold({ signs, unasked: true });
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
    startTransition(() => onSeen(seenOf(played)));
  }

  function act(code: ActCode): void {
    const exercise = recordHere();
    if (!exercise || exercise.endedAt !== undefined) return;
    const signs = played.act({ code });
    const done = { id: newId(), second: played.second, code };
    dispatch(changeRecord(exercise, (then) => ({ ...then, acts: [...then.acts, done] })));
    const { distillateMl, oilInJarMl } = played.truth;
    const jar = code === "look" ? { distillateMl, oilMl: oilInJarMl } : undefined;
    onTold({ act: code, signs, ...(jar ? { jar } : {}) });
    if (played.harm) end();
    onSeen(seenOf(played));
  }

  return { tick, act, end, setClock, slower };
}

export function seenOf({ second, harm, active, truth }: Exercise): Seen {
  return {
    second,
    harm,
    helper: active.has("helperOpens"),
    drops: Math.round(truth.rateMlPerMin * usualDropsPerMl),
  };
}
