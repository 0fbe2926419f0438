import { showDuration } from "@/core/units/format";
import { useEffect, useState, type ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { clockSlip, runNow, type TimeSeen } from "@/logbook/run/runClock";
import { selectLitRuns } from "@/store/runsOnTheHeat";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import type { Thunk } from "@/store/store";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { timeGoesOn } from "./timeGoesOn";
import { timeOf } from "@/words/runWords";

const everyMs = 1000;
/* An entry may be noted in the very second that the clock is read. */
const behindMs = 60000;

/* As the store has them this moment: what is drawn may be a step behind. */
const litNow: Thunk<ReturnType<typeof selectLitRuns>> = (_dispatch, getState) =>
  selectLitRuns(getState());

/**
 * Watches the device's clock while a still is on the heat, against the page's own, which nobody can
 * set. Put back, the runs go on in their own time; put forward, it asks whether the device slept.
 */
export function ClockWatch() {
  const any = useAppSelector((state) => selectLitRuns(state).length > 0);
  return any ? <Watching /> : null;
}

interface Ahead {
  runId: string;
  byMs: number;
}

interface Behind {
  runId: string;
  number: number;
  last: number;
}

function Watching() {
  const dispatch = useAppDispatch();
  const [behind, setBehind] = useState<Behind>();
  const [ahead, setAhead] = useState<Ahead[]>([]);
  useEffect(() => {
    const seen = new Map<string, TimeSeen>();
    let hidden = document.visibilityState === "hidden";
    const look = () => {
      const [wall, pageMs] = [Date.now(), performance.now()];
      let late: Behind | undefined;
      for (const { run, state } of dispatch(litNow)) {
        const before = seen.get(run.id);
        const slip = before ? clockSlip(run, before, wall, pageMs) : 0;
        if (slip < 0) dispatch(timeGoesOn(run.id, (at) => at - slip));
        /* What passed while nobody looked was sleep. */
        if (slip > 0 && !hidden) setAhead((was) => [...was, { runId: run.id, byMs: slip }]);
        const runAt = runNow(run, wall) - Math.min(0, slip);
        const last = Date.parse(state.entries.at(-1)?.at ?? "");
        if (last > runAt + behindMs) late = { runId: run.id, number: run.number, last };
        /* As it is after what was just done about it. */
        const now = dispatch(litNow).find((lit) => lit.run.id === run.id)?.run ?? run;
        seen.set(run.id, { runAt: runNow(now, wall), pageMs, clock: now.clock });
      }
      hidden = document.visibilityState === "hidden";
      setBehind((was) => (was?.runId === late?.runId && was?.last === late?.last ? was : late));
    };
    look();
    const timer = setInterval(look, everyMs);
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, [dispatch]);

  const jumped = ahead[0];
  if (jumped)
    return (
      <Banner
        text={t`The clock has jumped ${showDuration(jumped.byMs / 60000)} ahead. Did this device sleep, or was its clock set?`}
      >
        <Button label={t`It slept`} look="quiet" size="small" onPress={() => setAhead([])} />
        <Button
          label={t`It was set`}
          look="quiet"
          size="small"
          onPress={() => {
            for (const { runId, byMs } of ahead) dispatch(timeGoesOn(runId, (at) => at - byMs));
            setAhead([]);
          }}
        />
      </Banner>
    );
  if (!behind) return null;
  const { runId, number, last } = behind;
  return (
    <Banner
      text={t`This device's clock is behind the log of run ${number}, whose last entry is at ${timeOf(last, last)}.`}
    >
      <Button
        label={t`Go on from ${timeOf(last, last)}`}
        look="quiet"
        size="small"
        onPress={() => {
          dispatch(timeGoesOn(runId, () => last));
          setBehind(undefined);
        }}
      />
    </Banner>
  );
}

function Banner({ text, children }: { text: string; children: ReactNode }) {
  return (
    <View
      role="alert"
      className="flex-row flex-wrap items-center gap-x-4 gap-y-1 bg-ember-wash px-4 py-2"
    >
      <Txt className="min-w-[280px] flex-1 text-ember-ink">{text}</Txt>
      <View className="flex-row gap-2">{children}</View>
    </View>
  );
}
