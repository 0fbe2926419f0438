import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { noonOf, showTime, showWeekday } from "@/core/units/dates";
import { t } from "@/language/t";
import { beginningOf, lengthOf, minutesInto } from "@/logbook/day/dayTimes";
import { waitingOf } from "@/logbook/day/waiting";
import type { DayRecord } from "@/records/day";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectStills } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { FigureName } from "@/ui/primitives/FigureName";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf, figureWords } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { dayBlameWords, dayEndWords, waitingWords } from "@/words/dayLayoutWords";
import { AsItWent } from "./AsItWent";
import { AtTheStills } from "./AtTheStills";
import { ChargeSheet } from "./ChargeSheet";
import { chartCharges } from "./chartCharges";
import { DayChart } from "./DayChart";
import { dayHead, dayLines } from "./dayLines";
import { DayOnPaper } from "./DayOnPaper";
import { Moments } from "./Moments";
import { useDay } from "./useDay";
import { WhatIfCard } from "./WhatIfCard";

/** One planned day: its chart, what to do when, and what would change it. */
export function DayScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const day = useAppSelector((state) => state.day.entities[id]);
  if (!day || day.deletedAt)
    return <NotHere what={t`This day`} back={{ href: "/plan/day", label: t`Days` }} />;
  return <Planned key={id} day={day} />;
}

/* A day that was planned for another is shown without the line of now. */
const shownFor = { before: 12 * 60, after: 30 * 60 };

function Planned({ day }: { day: DayRecord }) {
  const units = useUnits();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const work = useDay(day, useNow(30_000));
  const [open, setOpen] = useState<string>();
  const { now, nowMin } = work;
  const beginning = beginningOf(day);
  const lengthMin = lengthOf(day);
  const stillName = (id: string) => stills.find((still) => still.id === id)?.name ?? t`A still`;
  const clock = (minutes: number) => showTime(beginning + minutes * 60_000);
  const charges = chartCharges(day, now, { book, units, stillName });
  const lines = dayLines(day, charges, { units, stillName });
  const waits = waitingOf(day, now, book);
  const lost = waitingWords(charges.map(({ id, name }) => ({ name, lost: waits.get(id) })));
  const opened = charges.find((each) => each.id === open);
  const onThatDay = nowMin > -shownFor.before && nowMin < shownFor.after;
  return (
    <Screen
      over={t`A day at the stills`}
      title={showWeekday(noonOf(day.on))}
      back={{ href: "/plan/day", label: t`Days` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=A%20day%20at%20several%20stills"
          figures={figuresOf(["dayEnd", "waitingLoss", "dayGas", "expectedOil"])}
          words={wordsOf(["charge", "firstDrop", "heatOff"])}
        />
      }
      footer={
        work.searching ? (
          <Button label={t`Stop looking`} onPress={work.stop} />
        ) : (
          <Button
            label={now.slipped ? t`Plan the rest again` : t`Look for a better plan`}
            onPress={() => void work.search()}
          />
        )
      }
      aside={
        <>
          <Moments day={day} lines={lines} nowMin={nowMin} />
          <AsItWent day={day} now={now} />
          {now.begun ? null : <WhatIfCard day={day} now={now} beginning={beginning} />}
          <Further day={day} />
        </>
      }
    >
      <View>
        <FigureName name={figureWords.dayEnd.figure} about={figureWords.dayEnd} />
        <Txt role="status" variant="strong">
          {dayEndWords({ ...now, charges: charges.length }, beginning)}
        </Txt>
      </View>
      {now.endMin > lengthMin + 0.5 ? (
        <Notice
          severity="caution"
          message={t`The last still is empty after the day ends at ${clock(lengthMin)}.`}
          remedy={
            work.limit
              ? dayBlameWords[work.limit]
              : t`Look for a better plan, or see below what would change it.`
          }
        />
      ) : null}
      {now.slipped ? (
        <Notice
          severity="note"
          message={t`The day no longer goes as planned.`}
          remedy={t`Plan the rest again. What is lit, or keeps its time, stays.`}
        />
      ) : null}
      {work.said ? (
        <Txt role="alert" variant="strong">
          {work.said}
        </Txt>
      ) : null}
      {lost ? (
        <Notice
          severity="note"
          message={lost}
          remedy={t`Spread it thinly in the shade, or move its charge up.`}
        />
      ) : null}
      {onThatDay ? <AtTheStills /> : null}
      <Card className="no-print">
        <DayChart
          lanes={day.stillIds.map((id) => ({ id, name: stillName(id) }))}
          charges={charges}
          beginning={beginning}
          lengthMin={lengthMin}
          {...(onThatDay ? { nowMin } : {})}
          onOpen={setOpen}
          onMove={({ id, still }, loadMin) => void work.move(id, still, loadMin)}
          onNudge={({ id }, by) => work.nudge(id, by)}
        />
      </Card>
      <DayOnPaper head={dayHead(day, { units, stillName })} lines={lines} />
      {opened ? (
        <ChargeSheet
          key={opened.id}
          day={day}
          charge={opened}
          lost={waits.get(opened.id)}
          run={now.charges.find(({ planned }) => planned.id === opened.id)?.run}
          stillName={stillName}
          clock={clock}
          onClose={() => setOpen(undefined)}
          onMove={(still, at) => {
            setOpen(undefined);
            void work.move(opened.id, still, minutesInto(day, at));
          }}
          onHold={(held) => work.hold(opened.id, held)}
        />
      ) : null}
    </Screen>
  );
}

/** What else can be done with a day. */
function Further({ day }: { day: DayRecord }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  return (
    <View className="no-print flex-row flex-wrap gap-2">
      <Button
        look="quiet"
        size="small"
        label={t`Same again on another day`}
        onPress={() => router.push(`/plan/day?again=${day.id}`)}
      />
      <Button look="quiet" size="small" label={t`Print`} onPress={() => window.print()} />
      <Button
        look="quiet"
        size="small"
        label={t`Delete day`}
        onPress={() => {
          dispatch(bin(t`The day is deleted.`, [day]));
          router.replace("/plan/day");
        }}
      />
    </View>
  );
}
