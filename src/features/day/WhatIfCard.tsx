import { useState } from "react";
import { View } from "react-native";
import { showTime } from "@/core/units/dates";
import { showDuration } from "@/core/units/format";
import { dayQuestion, otherwise, whatIfs, type WhatIf } from "@/logbook/day/dayQuestion";
import type { DayAnswer } from "@/messages/dayMessages";
import type { DayNow } from "@/logbook/day/dayNow";
import type { DayRecord } from "@/records/day";
import { useUnits } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { whatIfWords } from "@/words/dayLayoutWords";
import { layOutDay } from "@/workers/dayClient";
import { quickTries } from "./useDay";

interface Props {
  day: DayRecord;
  now: DayNow;
  beginning: number;
}

type Answered = Partial<Record<WhatIf, DayAnswer | "cannot">>;

/** What the day would be otherwise: its end and what is late, side by side with how it is. */
export function WhatIfCard({ day, now: { endMin, lateMin }, beginning }: Props) {
  const units = useUnits();
  const [answers, setAnswers] = useState<Answered>();
  const [asking, setAsking] = useState(false);
  async function ask() {
    setAsking(true);
    const question = dayQuestion(day, { tries: quickTries });
    const found: Answered = {};
    for (const what of whatIfs) {
      const other = otherwise(question, what);
      if (!other) {
        if (what === "oneStillLess" && day.stillIds.length > 1) found[what] = "cannot";
        continue;
      }
      found[what] = (await layOutDay(other).answer.catch(() => undefined)) ?? "cannot";
      setAnswers({ ...found });
    }
    setAsking(false);
  }
  const line = (what: string, end: number, late: number, from = beginning) => (
    <View key={what} role="row" className="flex-row gap-2 border-t border-line py-2">
      <Txt role="cell" className="min-w-0 flex-[2]">
        {what}
      </Txt>
      <Txt role="cell" variant="strong" className="flex-1 text-right">
        {showTime(from + end * 60_000)}
      </Txt>
      <Txt role="cell" className="flex-1 text-right">
        {late > 0.5 ? showDuration(late) : "none"}
      </Txt>
    </View>
  );
  return (
    <Card className="no-print gap-2">
      <Txt variant="heading">What if?</Txt>
      {answers ? (
        <View role="table" aria-label="What if">
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
          {line("As it is", endMin, lateMin)}
          {whatIfs.map((what) => {
            const answer = answers[what];
            if (!answer) return null;
            if (answer === "cannot")
              return (
                <Txt
                  key={what}
                  variant="small"
                >{`${whatIfWords(what, units)}: then not all fits.`}</Txt>
              );
            const from = what === "anHourEarlier" ? beginning - 3_600_000 : beginning;
            return line(whatIfWords(what, units), answer.endMin, answer.lateMin, from);
          })}
        </View>
      ) : (
        <Txt variant="small">One still less, a helper, more ice, an earlier start.</Txt>
      )}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={asking ? "Working it out …" : answers ? "Ask again" : "Work it out"}
          disabled={asking}
          onPress={() => void ask()}
        />
      </View>
    </Card>
  );
}
