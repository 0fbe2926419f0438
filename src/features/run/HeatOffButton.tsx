import { showDuration } from "@/core/units/format";
import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { LiveRun } from "@/logbook/run/liveRun";
import { anyDanger } from "@/words/whatNow";
import { useAfterAnswer } from "@/ui/useAfterAnswer";
import { Tap } from "./Tap";

/* Nearer to the stop than this nobody is asked: the nose is as good as the plan. */
const nearStopMinutes = 10;

/** How far a run still is from its stop. */
export type EarlyBy = { minutes: number } | "beforeFirstDrop" | "noStop";

/** Whether turning the heat off now comes early enough to be asked about; undefined where it does not, or where anything is dangerous. */
export function earlyBy(run: LiveRun): EarlyBy | undefined {
  if (anyDanger(run)) return undefined;
  if (!run.live) return "beforeFirstDrop";
  const minutes = run.live.minutesToHeatOff;
  if (!Number.isFinite(minutes)) return "noStop";
  return minutes > nearStopMinutes ? { minutes } : undefined;
}

interface Props {
  hint?: string;
  /** Entries in the log. */
  entries: number;
  /** Prompt when it is tapped, not before: it changes with every tick. */
  early: () => EarlyBy | undefined;
  onOff: () => boolean;
  className?: string;
}

/** Heat off: at once where anything is dangerous or the stop is near, asked about once where it is not. */
export function HeatOffButton({ hint, entries, early, onOff, className = "flex-1 px-1" }: Props) {
  const [asked, setAsked] = useState<EarlyBy>();
  const [, later] = useAfterAnswer();
  return (
    <>
      <Tap
        label={t`Heat off`}
        hint={hint}
        look="danger"
        entries={entries}
        className={className}
        onTap={() => {
          const by = early();
          if (by === undefined) return onOff();
          later(() => setAsked(by));
          return false;
        }}
      />
      {asked ? (
        <Sheet title={question(asked)} open onClose={() => setAsked(undefined)}>
          <Txt>{t`The plan would let it run on. Its pot, its cooling and its oil are as they should be.`}</Txt>
          <View className="flex-row gap-2">
            <Button
              label={t`Heat off now`}
              look="danger"
              size="cockpit"
              className="flex-1"
              onPress={() => {
                onOff();
                setAsked(undefined);
              }}
            />
            <Button
              label={t`Keep heating`}
              look="quiet"
              size="cockpit"
              className="flex-1"
              onPress={() => setAsked(undefined)}
            />
          </View>
        </Sheet>
      ) : null}
    </>
  );
}

function question(by: EarlyBy): string {
  if (by === "beforeFirstDrop") return t`Before the first drop: heat off?`;
  if (by === "noStop") return t`No stop is in sight yet: heat off?`;
  return t`${showDuration(by.minutes)} before the stop: heat off?`;
}
