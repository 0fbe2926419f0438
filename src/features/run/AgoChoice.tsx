import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { runNow } from "@/logbook/run/runClock";
import { runState } from "@/logbook/run/runState";
import { useAppSelector } from "@/store/hooks";
import { Choice } from "@/ui/primitives/Choice";
import { ClockField, onItsDay, toClock } from "@/ui/primitives/ClockField";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";

const options = [
  { value: "0", label: t`Just now` },
  { value: "2", label: t`2 min ago` },
  { value: "5", label: t`5 min ago` },
  { value: "10", label: t`10 min ago` },
  { value: "at", label: t`Earlier` },
] as const;
type When = (typeof options)[number]["value"];

const dayMs = 24 * 60 * 60000;

/** When it was: wet hands write things down late, back to when the heat went on. */
export function AgoChoice({
  runId,
  value,
  onChange,
}: {
  runId: string;
  value: number;
  onChange: (minutes: number) => void;
}) {
  const run = useAppSelector((state) => state.run.entities[runId]);
  const [at, setAt] = useState<string>();
  const litAt = run && runState(run.entries).litAt;
  const wallNow = useNow();
  const now = run ? runNow(run, wallNow) : wallNow;
  const early = at !== undefined && litAt !== undefined && value > (now - litAt) / 60000 + 1;

  function type(clock: string) {
    setAt(clock);
    const moment = onItsDay(clock, now);
    if (Number.isNaN(moment)) return;
    /* What is still to come by the clock was yesterday. */
    const past = moment > now + 60000 ? moment - dayMs : moment;
    onChange(Math.max(0, (now - past) / 60000));
  }

  return (
    <View className="gap-2">
      <Choice
        label={t`When`}
        options={options}
        value={at === undefined ? (String(value) as When) : "at"}
        onChange={(chosen) => {
          if (chosen === "at") return setAt(toClock(now - value * 60000));
          setAt(undefined);
          onChange(Number(chosen));
        }}
      />
      {at === undefined ? null : (
        <View className="flex-row items-center gap-3">
          <ClockField label={t`Time it was`} value={at} onChange={type} wrong={early} />
          <Txt variant="small" className={`min-w-0 flex-1 ${early ? "text-ember-ink" : ""}`}>
            {early ? t`That is before the heat went on.` : t`Any time since the heat went on.`}
          </Txt>
        </View>
      )}
    </View>
  );
}
