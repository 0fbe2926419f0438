import { useMemo, useRef, useState } from "react";
import { nearestPlace } from "@/core/day/nearestPlace";
import { t } from "@/language/t";
import { dayNow, keptOf } from "@/logbook/day/dayNow";
import { dayQuestion } from "@/logbook/day/dayQuestion";
import { beginningOf, fromNow } from "@/logbook/day/dayTimes";
import { asCharge, asLimits, type DayAnswer, type DayQuestion } from "@/messages/dayMessages";
import type { DayRecord } from "@/records/day";
import { changeRecord, type Kept } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectRuns } from "@/store/selectors";
import { layOutDay, type LayingOut } from "@/workers/dayClient";
import { notThenWords } from "@/words/dayLayoutWords";

/* What a person waits for after a change, and what they wait for when they ask for better. */
export const quickTries = 3000;
const longTries = 60_000;
/* Less is no better day. */
const betterMin = 0.5;

/** A planned day with its runs, and the ways in which it is changed. */
export function useDay(day: DayRecord, nowMs: number) {
  const dispatch = useAppDispatch();
  const runs = useAppSelector(selectRuns);
  const now = useMemo(() => dayNow(day, runs, nowMs), [day, runs, nowMs]);
  const [said, setSaid] = useState("");
  const [limit, setLimit] = useState<DayAnswer["limit"]>();
  const [searching, setSearching] = useState(false);
  /* The last question asked: an answer to an older one is none any more. */
  const asked = useRef<LayingOut>(undefined);
  /* Where keys have taken a charge whose answer is still awaited. */
  const wished = useRef<{ id: string; loadMin: number }>(undefined);
  const nowMin = (nowMs - beginningOf(day)) / 60_000;
  const fromMin = now.begun ? Math.max(0, nowMin) : fromNow(day, nowMs);

  /** Asks for a layout in place of the question before; undefined where another came after. */
  async function ask(
    question: DayQuestion,
  ): Promise<{ answer: DayAnswer | undefined } | undefined> {
    asked.current?.stop();
    const laying = layOutDay(question);
    asked.current = laying;
    const answer = await laying.answer;
    return asked.current === laying ? { answer } : undefined;
  }

  function keep(placed: DayAnswer["placed"], label: string, held?: string): string {
    return problemOf(
      dispatch(
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
      ),
    );
  }

  /** Plans all that is neither lit nor keeps its time: quickly where something slipped, else longer for a better day. */
  async function search(): Promise<void> {
    const { slipped } = now;
    setSearching(true);
    setSaid("");
    try {
      const tries = slipped ? quickTries : longTries;
      const found = await ask(dayQuestion(day, { fixed: keptOf(day, now), fromMin, tries }));
      if (!found) return;
      const { answer } = found;
      if (!answer) return setSaid(t`The rest does not fit. Free a charge that keeps its time.`);
      setLimit(answer.limit);
      const better =
        answer.lateMin < now.lateMin - betterMin ||
        (answer.lateMin < now.lateMin + betterMin && answer.endMin < now.endMin - betterMin);
      setSaid(
        slipped || better
          ? keep(answer.placed, t`The rest is planned again.`)
          : t`Nothing better was found.`,
      );
    } catch {
      setSaid(t`The day could not be planned here. Try again.`);
    } finally {
      setSearching(false);
    }
  }

  /** Puts a charge to a time on a still, where it stays; what is in the way is said. */
  async function move(id: string, still: string, loadMin: number): Promise<void> {
    try {
      setSaid(await moved(id, still, loadMin));
    } catch {
      setSaid(t`The day could not be planned here. Try again.`);
    }
  }

  async function moved(id: string, still: string, loadMin: number): Promise<string> {
    const fixed = keptOf(day, now).filter((each) => each.id !== id);
    const question = dayQuestion(day, { fixed, fromMin, tries: quickTries });
    const charges = question.heaps.flatMap(({ splits }) => splits[0]!.map(asCharge));
    const found = nearestPlace({ ...asLimits(question), charges }, id, still, loadMin);
    if (!found) return t`It fits nowhere on this still on this day.`;
    wished.current = { id, loadMin: found.placed.loadMin };
    const answered = await ask({ ...question, fixed: [...fixed, found.placed] });
    if (!answered) return "";
    wished.current = undefined;
    if (!answered.answer) return t`Then the other charges do not fit. Nothing was moved.`;
    const problem = keep(answered.answer.placed, t`Moved. It keeps this time.`, id);
    if (problem) return problem;
    return found.why ? t`${notThenWords[found.why]} It now has the nearest free time.` : "";
  }

  /** Moves a charge by some minutes from where it was last put, though that is not answered yet. */
  function nudge(id: string, by: number): void {
    const lies = now.charges.find(({ went }) => went.id === id)?.went;
    if (!lies) return;
    const before = wished.current?.id === id ? wished.current.loadMin : lies.loadMin;
    void move(id, lies.still, before + by);
  }

  function hold(id: string, held: boolean): void {
    const kept = dispatch(
      changeRecord(
        day,
        (then) => ({
          ...then,
          placed: then.placed.map(({ held: before, ...each }) => ({
            ...each,
            ...((each.id === id ? held : before) ? { held: true as const } : {}),
          })),
        }),
        held ? t`It keeps its time.` : t`Its time may change.`,
      ),
    );
    setSaid(problemOf(kept));
  }

  /** Ends a search with what it has found. */
  function stop(): void {
    asked.current?.stop();
  }
  return { now, nowMin, said, limit, searching, search, stop, move, nudge, hold };
}

function problemOf(kept: Kept): string {
  return kept.ok ? "" : t`Not kept: ${kept.problem}.`;
}
