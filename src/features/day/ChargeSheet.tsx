import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import { chargeDraft } from "@/logbook/day/chargeDraft";
import { clock as clockTime, type DayRecord } from "@/records/day";
import type { Run } from "@/records/run";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectRuns } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { ClockField, toClock } from "@/ui/primitives/ClockField";
import { Facts } from "@/ui/primitives/Facts";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";
import { dayActWords, lostShareWords } from "@/words/dayLayoutWords";
import { beginningOf } from "@/logbook/day/dayTimes";
import type { ChartCharge } from "./DayChart";

interface Props {
  day: DayRecord;
  charge: ChartCharge;
  run: Run | undefined;
  /** What its plant loses of its oil until it is lit, a share; undefined where none is known. */
  lost: { low: number; high: number } | undefined;
  stillName: (id: string) => string;
  clock: (minutes: number) => string;
  onClose: () => void;
  onMove: (still: string, at: string) => void;
  onHold: (held: boolean) => void;
}

/** One charge of a day: when each step is, another time or still for it, and the way to its plan or its run. */
export function ChargeSheet({
  day,
  charge,
  run,
  lost,
  stillName,
  clock,
  onClose,
  onMove,
  onHold,
}: Props) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const told = day.charges.find(({ id }) => id === charge.id);
  const [still, setStill] = useState(charge.still);
  const [at, setAt] = useState(() => toClock(beginningOf(day) + charge.loadMin * 60_000));
  const timed = clockTime.safeParse(at).success;
  const others = day.stillIds.filter((id) => told?.on[id]);
  return (
    <Sheet title={charge.name} open onClose={onClose}>
      <Facts
        facts={[
          [t`Charge`, told && words(showMass(told.massG, units))],
          [t`Still`, stillName(charge.still)],
          [dayActWords.load, clock(charge.loadMin)],
          [dayActWords.lit, clock(charge.litMin)],
          [
            t`Lost by waiting`,
            lost && t`${lostShareWords(lost)} of its oil, estimated`,
            figureWords.waitingLoss,
          ],
          [dayActWords.firstDrop, clock(charge.firstDropMin)],
          [dayActWords.off, clock(charge.offMin)],
          [dayActWords.close, t`${clock(charge.closeMin)} to ${clock(charge.doneMin)}`],
        ]}
      />
      {run ? (
        <Button
          label={t`To run ${run.number}`}
          onPress={() => router.push(`/runs/${run.id}${charge.fixed ? "" : "/ready"}`)}
        />
      ) : (
        <Button
          label={t`Plan this charge`}
          onPress={() => {
            dispatch(
              beginPlan(chargeDraft(day, charge.id, charge.still, { harvests, runs, book })),
            );
            router.push("/plan");
          }}
        />
      )}
      {charge.fixed ? (
        <Txt variant="small">{t`It is lit, and follows its run.`}</Txt>
      ) : (
        <>
          {others.length > 1 ? (
            <Choice
              label={t`On another still`}
              shown
              options={others.map((value) => ({ value, label: stillName(value) }))}
              value={still}
              onChange={setStill}
            />
          ) : null}
          <View className="flex-row items-end gap-3">
            <View className="gap-1">
              <Txt variant="label">{t`Load it at`}</Txt>
              <ClockField label={t`Load it at`} value={at} onChange={setAt} wrong={!timed} />
            </View>
            <Button
              look="quiet"
              label={t`Move it`}
              disabled={!timed}
              onPress={() => onMove(still, at)}
            />
          </View>
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label={charge.held ? t`Let its time change` : t`Keep this time`}
              onPress={() => onHold(!charge.held)}
            />
          </View>
        </>
      )}
    </Sheet>
  );
}
