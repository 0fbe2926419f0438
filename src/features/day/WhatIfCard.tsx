import { useRef, useState } from "react";
import { View } from "react-native";
import { showTime } from "@/core/units/dates";
import { showDuration } from "@/core/units/format";
import { t } from "@/language/t";
import {
  askedCharge,
  dayQuestion,
  otherwise,
  whatIfs,
  withoutStill,
} from "@/logbook/day/dayQuestion";
import type { DayAnswer, DayQuestion } from "@/messages/dayMessages";
import type { DayNow } from "@/logbook/day/dayNow";
import type { DayRecord } from "@/records/day";
import { useAppSelector, useUnits } from "@/store/hooks";
import { selectStills } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { whatIfWords } from "@/words/dayLayoutWords";
import { layOutDay } from "@/workers/dayClient";
import { quickTries } from "./useDay";
import { useSplits } from "./useSplits";

interface Props {
  day: DayRecord;
  now: DayNow;
  beginning: number;
}

interface Answered {
  id: string;
  what: string;
  answer: DayAnswer | undefined;
  from: number;
}

/** What the day would be otherwise: its end and what is late, side by side with how it is. */
export function WhatIfCard({ day, now: { endMin, lateMin }, beginning }: Props) {
  const units = useUnits();
  const stills = useAppSelector(selectStills).filter(({ id }) => day.stillIds.includes(id));
  const share = useSplits();
  const [answers, setAnswers] = useState<Answered[]>();
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState("");

  const busy = useRef(false);

  async function ask() {
    /* A second tap before the button has gone asks nothing twice. */
    if (busy.current) return;
    busy.current = true;
    setAsking(true);
    setProblem("");
    try {
      setAnswers([]);
      for await (const answered of asked()) setAnswers((before = []) => [...before, answered]);
    } catch {
      setProblem(t`This could not be worked out here. Try again.`);
    } finally {
      busy.current = false;
      setAsking(false);
    }
  }

  async function* asked(): AsyncGenerator<Answered> {
    const question = dayQuestion(day, { tries: quickTries });
    for (const what of whatIfs) {
      const other = otherwise(question, what);
      if (!other) continue;
      const from = what === "anHourEarlier" ? beginning - 3_600_000 : beginning;
      yield {
        id: what,
        what: whatIfWords(what, units),
        answer: await layOutDay(other).answer,
        from,
      };
    }
    if (stills.length < 2) return;
    for (const without of stills) {
      const rest = stills.filter((still) => still !== without);
      const heaps: DayQuestion["heaps"] = [];
      for (const heap of day.heaps) {
        const { splits } = await share(day, heap, rest);
        heaps.push({ id: heap.id, splits: splits.map((split) => split.map(askedCharge)) });
      }
      const other = withoutStill(question, without.id, heaps);
      const answer = other && (await layOutDay(other).answer);
      yield { id: without.id, what: t`Without ${without.name}`, answer, from: beginning };
    }
  }

  const line = (id: string, what: string, end: number, late: number, from = beginning) => (
    <View key={id} role="row" className="flex-row gap-2 border-t border-line py-2">
      <Txt role="cell" className="min-w-0 flex-[2]">
        {what}
      </Txt>
      <Txt role="cell" variant="strong" className="flex-1 text-right">
        {showTime(from + end * 60_000)}
      </Txt>
      <Txt role="cell" className="flex-1 text-right">
        {late > 0.5 ? showDuration(late) : t`none`}
      </Txt>
    </View>
  );
  return (
    <Card className="no-print gap-2">
      <Txt variant="heading">{t`What if?`}</Txt>
      {answers ? (
        <View role="table" aria-label={t`What if`}>
          <View role="row" className="flex-row gap-2 pb-1">
            {["", "ends", "late"].map((head, i) => (
              <Txt
                key={head}
                role="columnheader"
                variant="label"
                className={i === 0 ? "min-w-0 flex-[2]" : "flex-1 text-right"}
              >
                {head}
              </Txt>
            ))}
          </View>
          {line("now", t`As it is`, endMin, lateMin)}
          {answers.map(({ id, what, answer, from }) =>
            answer ? (
              line(id, what, answer.endMin, answer.lateMin, from)
            ) : (
              <Txt key={id} variant="small">{t`${what}: then not all fits.`}</Txt>
            ),
          )}
        </View>
      ) : (
        <Txt variant="small">{t`A helper, more ice, an earlier start, one still less.`}</Txt>
      )}
      {problem ? (
        <Txt role="alert" variant="strong">
          {problem}
        </Txt>
      ) : null}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={asking ? t`Working it out …` : answers ? t`Ask again` : t`Work it out`}
          disabled={asking}
          onPress={() => void ask()}
        />
      </View>
    </Card>
  );
}
