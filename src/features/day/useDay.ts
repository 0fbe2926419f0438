import { useMemo } from "react";
import { nearestPlace } from "@/core/day/nearestPlace";
import { dayNow, keptOf } from "@/logbook/day/dayNow";
import { dayQuestion } from "@/logbook/day/dayQuestion";
import { beginningOf } from "@/logbook/day/dayTimes";
import { asCharge, asLimits, type DayAnswer } from "@/messages/dayMessages";
import type { DayRecord } from "@/records/day";
import { changeRecord, type Kept } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectRuns } from "@/store/selectors";
import { layOutDay, type LayingOut } from "@/workers/dayClient";
import { notThenWords } from "@/words/dayLayoutWords";

/* What a person waits for after a change, and what they wait for when they ask for better. */
export const quickTries = 3000;
export const longTries = 60_000;

/** A laid-out day with its runs, and the ways in which it is changed. */
export function useDay(day: DayRecord, nowMs: number) {
  const dispatch = useAppDispatch();
  const runs = useAppSelector(selectRuns);
  const now = useMemo(() => dayNow(day, runs, nowMs), [day, runs, nowMs]);
  const nowMin = (nowMs - beginningOf(day)) / 60_000;
  /* A day that has begun goes on from now; another is laid out whole. */
  const begun = now.charges.some(({ state }) => state?.litAt !== undefined);

  function keep(placed: DayAnswer["placed"], label: string, held?: string): Kept {
    return dispatch(
      changeRecord(
        day,
        (then) => ({
          ...then,
          placed: placed.map((each) => ({
            ...each,
            ...(each.id === held || then.placed.find(({ id }) => id === each.id)?.held
              ? { held: true as const }
              : {}),
          })),
        }),
        label,
      ),
    );
  }

  /** Lays out all that is neither lit nor held. */
  function again(tries: number, onBetter?: (answer: DayAnswer) => void): LayingOut {
    const fixed = keptOf(day, now);
    return layOutDay(
      dayQuestion(day, { fixed, tries, ...(begun ? { fromMin: Math.max(0, nowMin) } : {}) }),
      onBetter,
    );
  }

  /** Puts a charge to a time on a still and holds it there; what is in the way is said. */
  async function move(id: string, still: string, loadMin: number): Promise<string> {
    const fixed = keptOf(day, now).filter((each) => each.id !== id);
    const question = dayQuestion(day, { fixed, tries: quickTries });
    const found = nearestPlace(
      {
        ...asLimits(question),
        fixed,
        charges: question.heaps.flatMap(({ splits }) => splits[0]!.map(asCharge)),
      },
      id,
      still,
      loadMin,
    );
    if (!found) return "It fits nowhere on this still on this day.";
    const answer = await layOutDay({ ...question, fixed: [...fixed, found.placed] }).answer;
    if (!answer) return "Then the others find no place. It stays where it was.";
    const kept = keep(answer.placed, "Moved and held.", id);
    if (!kept.ok) return `Not kept: ${kept.problem}.`;
    return found.why ? `${notThenWords[found.why]} It lies at the nearest time that is free.` : "";
  }

  function hold(id: string, held: boolean): Kept {
    return dispatch(
      changeRecord(
        day,
        (then) => ({
          ...then,
          placed: then.placed.map(({ held: before, ...each }) => ({
            ...each,
            ...((each.id === id ? held : before) ? { held: true as const } : {}),
          })),
        }),
        held ? "It stays where it is." : "It may be moved.",
      ),
    );
  }
  return { now, nowMin, begun, keep, again, move, hold };
}
