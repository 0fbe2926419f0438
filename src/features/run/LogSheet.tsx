import { useState } from "react";
import { View } from "react-native";
import { readableAmount } from "./readableAmount";
import type { NumberInput } from "@/core/units/numberInput";
import type { UnitSystem } from "@/core/units/units";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { runNow } from "@/logbook/run/runClock";
import { entryWords, logLine } from "@/words/logLine";
import type { LoggedEntry, RunState } from "@/logbook/run/runState";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch } from "@/store/hooks";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { ClockField, onItsDay, toClock } from "@/ui/primitives/ClockField";
import { fromLocalInput, MomentField, toLocalInput } from "@/ui/primitives/MomentField";
import { NumberField } from "@/ui/primitives/NumberField";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
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
      title={entry ? `Correct: ${entryWords[entry.type]}` : "Log"}
      intro={
        entry
          ? undefined
          : state.entries.length > 0
            ? "Tap a time to set it, an entry to correct it."
            : "Nothing is written down yet."
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
        { label: "Time corrected." },
      ),
    );
  }
  return (
    <ClockField
      label={`Time of ${entryWords[entry.type]}`}
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

function Correction({
  run,
  entry,
  units,
  onDone,
}: {
  run: Run;
  entry: RunState["entries"][number];
  units: UnitSystem;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const attachments = useAttachments(run.id, entry.id);
  const now = runNow(run, useNow());
  /* The moment itself, beside its local text: in the autumn hour one text means two moments. */
  const [when, setWhen] = useState(() => asWhen(Date.parse(entry.at)));
  const [note, setNote] = useState(entry.note ?? "");
  const [volume, setVolume] = useState<NumberInput>(readableAmount.input(entry, units));
  const moment = when.ms;
  const future = moment > now + 60000;
  const timeProblem = Number.isNaN(moment)
    ? "Choose a day and a time."
    : future
      ? "That is still to come."
      : undefined;
  const read = readableAmount.read(entry, volume);

  function amend(
    part: Pick<Extract<Entry, { type: "amendment" }>, "struck" | "change">,
    label: string,
  ) {
    dispatch(appendEntry(run.id, { type: "amendment", of: entry.id, ...part }, { label }));
    onDone();
  }
  const minutesAgo = (minutes: number) => setWhen(asWhen(Date.parse(entry.at) - minutes * 60000));
  const change = {
    ...(moment === Date.parse(entry.at) ? {} : { at: new Date(moment || 0).toISOString() }),
    ...(note === (entry.note ?? "") ? {} : { note }),
    ...read.change,
  };
  return (
    <View className="gap-4">
      <MomentField
        kind="moment"
        label="When"
        value={when.text}
        onChange={(text) => setWhen({ text, ms: fromLocalInput(text) })}
        problem={timeProblem}
      />
      <View className="flex-row gap-2">
        {[1, 5, 10].map((minutes) => (
          <Button
            key={minutes}
            label={`${minutes} min earlier`}
            look="quiet"
            size="small"
            className="flex-1 px-1"
            onPress={() => minutesAgo(minutes)}
          />
        ))}
      </View>
      {read.applies ? (
        <NumberField
          label={read.label}
          value={volume}
          onChange={setVolume}
          choices={readableAmount.units(entry, units)}
          problem={read.problem}
        />
      ) : null}
      <TextField label="Note" value={note} onChange={setNote} lines={2} maxLength={5000} />
      <Button
        label="Correct it"
        disabled={timeProblem !== undefined || read.problem !== undefined}
        onPress={() =>
          Object.keys(change).length > 0 ? amend({ change }, "Entry corrected.") : onDone()
        }
      />
      <AttachmentsCard name={entryWords[entry.type]} {...attachments} />
      <Card className="flex-row items-center justify-between gap-3">
        <Txt variant="small" className="flex-1">
          Did not happen at all?
        </Txt>
        <Button
          label="Leave it out"
          look="quiet"
          size="small"
          onPress={() => amend({ struck: true }, "Entry struck out.")}
        />
      </Card>
    </View>
  );
}

function asWhen(ms: number) {
  return { ms, text: toLocalInput(ms) };
}
