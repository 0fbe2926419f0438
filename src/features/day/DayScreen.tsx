import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { noonOf, showTime, showWeekday } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { beginningOf, lengthOf, minutesOf } from "@/logbook/day/dayTimes";
import type { DayRecord } from "@/records/day";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { selectStills } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { dayBlameWords, dayEndWords } from "@/words/dayLayoutWords";
import type { DayAnswer } from "@/messages/dayMessages";
import { AsItWent } from "./AsItWent";
import { ChargeSheet } from "./ChargeSheet";
import { DayChart, type ChartCharge } from "./DayChart";
import { Moments } from "./Moments";
import { longTries, quickTries, useDay } from "./useDay";
import { WhatIfCard } from "./WhatIfCard";

/** One laid-out day: its chart, what to do when, and what would change it. */
export function DayScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const day = useAppSelector((state) => state.day.entities[id]);
  if (!day || day.deletedAt)
    return <NotHere what="This day" back={{ href: "/plan/day", label: "Days" }} />;
  return <LaidOut key={id} day={day} />;
}

function LaidOut({ day }: { day: DayRecord }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const nowMs = useNow(30_000);
  const work = useDay(day, nowMs);
  const [open, setOpen] = useState<string>();
  const [said, setSaid] = useState("");
  const [limit, setLimit] = useState<DayAnswer["limit"]>();
  const [stop, setStop] = useState<() => void>();
  const beginning = beginningOf(day);
  const lengthMin = lengthOf(day);
  const { now } = work;
  const stillName = (id: string) => stills.find((still) => still.id === id)?.name ?? "A still";
  const clock = (minutes: number) => showTime(beginning + minutes * 60_000);
  const charges = now.charges.map(({ went, state }): ChartCharge => {
    const charge = day.charges.find((each) => each.id === went.id);
    const heap = day.heaps.find((each) => each.id === charge?.heapId);
    const of = day.charges.filter((each) => each.heapId === charge?.heapId);
    const plant = book.byId(heap?.plantId ?? "")?.name ?? "Plant";
    const number = of.length > 1 ? ` ${of.findIndex((each) => each.id === went.id) + 1}` : "";
    const held = day.placed.find((each) => each.id === went.id)?.held === true;
    const name = `${plant}${number}`;
    return {
      ...went,
      name,
      held,
      fixed: state?.litAt !== undefined,
      loads: charge?.on[went.still]?.loadMin ?? 0,
      spoken: `${name}, ${words(showMass(charge?.massG ?? 0, units))} on ${stillName(went.still)}: load ${clock(went.loadMin)}, heat on ${clock(went.litMin)}, first drop ${clock(went.firstDropMin)}, heat off ${clock(went.offMin)}, clear ${clock(went.doneMin)}${held ? ", held" : ""}`,
    };
  });
  const endMin = Math.max(0, ...charges.map(({ doneMin }) => doneMin));
  const lateMin = charges.reduce((sum, { id, doneMin }) => {
    const due = day.charges.find((each) => each.id === id)?.dueMin ?? Infinity;
    return sum + Math.max(0, doneMin - due);
  }, 0);
  async function search(tries: number) {
    const laying = work.again(tries);
    setStop(() => laying.stop);
    setSaid("");
    try {
      const answer = await laying.answer;
      if (!answer) return setSaid("The rest finds no place: let go of what is held.");
      setLimit(answer.limit);
      const better = answer.endMin < endMin - 0.5 || answer.lateMin < lateMin - 0.5;
      if (work.now.slipped || better) {
        const kept = work.keep(answer.placed, "The day is laid out anew.");
        setSaid(kept.ok ? "" : `Not kept: ${kept.problem}.`);
      } else setSaid("Nothing better was found.");
    } catch {
      setSaid("The day could not be laid out here. Try again.");
    } finally {
      setStop(undefined);
    }
  }
  const late = endMin > lengthMin + 0.5;
  const opened = charges.find((each) => each.id === open);
  return (
    <Screen
      over="A day at the stills"
      title={showWeekday(noonOf(day.on))}
      back={{ href: "/plan/day", label: "Days" }}
      oneSheet
      footer={
        stop ? (
          <Button label="That will do" onPress={stop} />
        ) : (
          <Button
            label={now.slipped ? "Lay out the rest anew" : "Search for better"}
            onPress={() => void search(now.slipped ? quickTries : longTries)}
          />
        )
      }
      aside={
        <>
          <Moments
            charges={charges}
            beginning={beginning}
            nowMin={work.nowMin}
            stillName={stillName}
            day={day}
          />
          <AsItWent day={day} now={now} />
          <WhatIfCard day={day} endMin={endMin} lateMin={lateMin} beginning={beginning} />
          <View className="no-print flex-row flex-wrap gap-2">
            <Button
              look="quiet"
              size="small"
              label="Same again on another day"
              onPress={() => router.push(`/plan/day?again=${day.id}`)}
            />
            <Button look="quiet" size="small" label="Print" onPress={() => window.print()} />
            <Button
              look="quiet"
              size="small"
              label="Delete day"
              onPress={() => {
                dispatch(bin("The day is deleted.", [day]));
                router.replace("/plan/day");
              }}
            />
          </View>
        </>
      }
    >
      <Txt role="status" variant="strong">
        {dayEndWords({ charges: charges.length, endMin, lateMin }, beginning)}
      </Txt>
      {late ? (
        <Notice
          severity="caution"
          message={`The last still is clear after the day’s end at ${day.until}.`}
          remedy={
            limit
              ? dayBlameWords[limit]
              : "Search for better, or look below at what would change it."
          }
        />
      ) : null}
      {now.slipped ? (
        <Notice
          severity="note"
          message="It goes otherwise than laid out."
          remedy="Laid out anew, what is lit or held stays where it is."
        />
      ) : null}
      {said ? (
        <Txt role="alert" variant="strong">
          {said}
        </Txt>
      ) : null}
      <Card>
        <DayChart
          lanes={day.stillIds.map((id) => ({ id, name: stillName(id) }))}
          charges={charges}
          beginning={beginning}
          lengthMin={lengthMin}
          {...(onThatDay(day, nowMs) ? { nowMin: work.nowMin } : {})}
          onOpen={setOpen}
          onMove={(id, loadMin) => {
            const still = charges.find((each) => each.id === id)?.still;
            if (still) void work.move(id, still, loadMin).then(setSaid);
          }}
        />
      </Card>
      {opened ? (
        <ChargeSheet
          day={day}
          charge={opened}
          run={now.charges.find(({ planned }) => planned.id === opened.id)?.run}
          stillName={stillName}
          clock={clock}
          onClose={() => setOpen(undefined)}
          onMove={(still, at) => {
            setOpen(undefined);
            void work.move(opened.id, still, minutesOf(at) - minutesOf(day.from)).then(setSaid);
          }}
          onHold={(held) => work.hold(opened.id, held)}
        />
      ) : null}
    </Screen>
  );
}

function onThatDay(day: DayRecord, nowMs: number): boolean {
  const into = (nowMs - beginningOf(day)) / 60_000;
  return into > -12 * 60 && into < 30 * 60;
}
