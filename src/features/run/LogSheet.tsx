import { useState } from "react";
import { View } from "react-native";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { runNow } from "@/logbook/run/runClock";
import { entryWords, logLine } from "@/words/logLine";
import type { LoggedEntry, RunState } from "@/logbook/run/runState";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch } from "@/store/hooks";
import { Correction } from "./Correction";
import { ClockField, onItsDay, toClock } from "@/ui/primitives/ClockField";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { timeOf } from "@/words/runWords";

interface Props {
  run: Run;
  state: RunState;
  units: UnitSystem;
  open: boolean;
  onClose: () => void;
}

/** The run's log, each entry open to correction. Nothing is overwritten: a correction is an entry. */
export function LogSheet({ run, state, units, open, onClose }: Props) {
  const [chosen, setChosen] = useState<string>();
  const entry = state.entries.find(({ id }) => id === chosen);
  return (
    <Sheet
      title={entry ? t`Correct: ${entryWords[entry.type]}` : t`Log`}
      intro={
        entry
          ? undefined
          : state.entries.length > 0
            ? t`Tap a time to set it, an entry to correct it.`
            : t`Nothing is written down yet.`
      }
      open={open}
      onClose={() => {
        setChosen(undefined);
        onClose();
      }}
    >
      {entry ? (
        <Correction run={run} entry={entry} units={units} onDone={() => setChosen(undefined)} />
      ) : (
        <View className="gap-2">
          {state.entries.map((each) => (
            <View key={each.id} className="flex-row items-center gap-2">
              <View className="min-w-0 flex-1">
                <Row
                  title={entryWords[each.type]}
                  detail={logLine(each, units).detail}
                  onPress={isMeasure(each) ? undefined : () => setChosen(each.id)}
                />
              </View>
              {isMeasure(each) ? (
                <Txt variant="label">{timeOf(each.at)}</Txt>
              ) : (
                <EntryTime key={each.at} run={run} entry={each} />
              )}
            </View>
          ))}
        </View>
      )}
    </Sheet>
  );
}

/** An entry's time of day, set where it stands: tapped, typed, done. */
function EntryTime({ run, entry }: { run: Run; entry: LoggedEntry }) {
  const dispatch = useAppDispatch();
  const was = Date.parse(entry.at);
  const [clock, setClock] = useState(toClock(was));
  const moment = onItsDay(clock, was);
  const now = runNow(run, useNow());
  const wrong = Number.isNaN(moment) || moment > now + 60000;
  function done() {
    if (wrong || clock === toClock(was)) return setClock(toClock(was));
    const change = { at: new Date(moment).toISOString() };
    dispatch(
      appendEntry(
        run.id,
        { type: "amendment", of: entry.id, change },
        { label: t`Time corrected.` },
      ),
    );
  }
  return (
    <ClockField
      label={t`Time of ${entryWords[entry.type]}`}
      value={clock}
      onChange={setClock}
      onDone={done}
      wrong={wrong}
    />
  );
}

/** What was measured is corrected where it is measured: its lots change with it. */
function isMeasure({ type }: LoggedEntry): boolean {
  return type === "separated" || type === "drawnOff";
}
