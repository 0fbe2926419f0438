import { useState } from "react";
import { View } from "react-native";
import type { UnitSystem } from "@/core/units/units";
import { useAttachments } from "@/exchange/useAttachments";
import { t } from "@/language/t";
import { runNow } from "@/logbook/run/runClock";
import type { LoggedEntry } from "@/logbook/run/runState";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch } from "@/store/hooks";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { fromLocalInput, MomentField, toLocalInput } from "@/ui/primitives/MomentField";
import { NumberField } from "@/ui/primitives/NumberField";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { entryWords } from "@/words/logLine";
import { amountsOf, inputOf, readAmount } from "./entryAmounts";

/** One entry of the log, set right: its moment, its numbers, its note, or that it happened at all. */
export function Correction({
  run,
  entry,
  units,
  onDone,
}: {
  run: Run;
  entry: LoggedEntry;
  units: UnitSystem;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const attachments = useAttachments(run.id, entry.id);
  const now = runNow(run, useNow());
  /* The moment itself, beside its local text: in the autumn hour one text means two moments. */
  const [when, setWhen] = useState(() => asWhen(Date.parse(entry.at)));
  const [note, setNote] = useState(entry.note ?? "");
  const [amounts] = useState(() => amountsOf(entry));
  const [inputs, setInputs] = useState(() => amounts.map((each) => inputOf(entry, each, units)));
  const moment = when.ms;
  const future = moment > now + 60000;
  const timeProblem = Number.isNaN(moment)
    ? t`Choose a day and a time.`
    : future
      ? t`That is still to come.`
      : undefined;
  const read = amounts.map((amount, at) => readAmount(entry, amount, inputs[at]!));

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
    ...Object.assign({}, ...read.map((each) => each.change)),
  };
  return (
    <View className="gap-4">
      <MomentField
        kind="moment"
        label={t`When`}
        value={when.text}
        onChange={(text) => setWhen({ text, ms: fromLocalInput(text) })}
        problem={timeProblem}
      />
      <View className="flex-row gap-2">
        {[1, 5, 10].map((minutes) => (
          <Button
            key={minutes}
            label={t`${minutes} min earlier`}
            look="quiet"
            size="small"
            className="flex-1 px-1"
            onPress={() => minutesAgo(minutes)}
          />
        ))}
      </View>
      {amounts.map((amount, at) => (
        <NumberField
          key={amount.field}
          label={amount.label}
          value={inputs[at]!}
          onChange={(next) => setInputs(inputs.map((one, i) => (i === at ? next : one)))}
          choices={amount.units(units)}
          problem={read[at]!.problem}
        />
      ))}
      <TextField label={t`Note`} value={note} onChange={setNote} lines={2} maxLength={5000} />
      <Button
        label={t`Correct it`}
        disabled={timeProblem !== undefined || read.some(({ problem }) => problem !== undefined)}
        onPress={() =>
          Object.keys(change).length > 0 ? amend({ change }, t`Entry corrected.`) : onDone()
        }
      />
      <AttachmentsCard name={entryWords[entry.type]} {...attachments} />
      <Card className="flex-row items-center justify-between gap-3">
        <Txt variant="small" className="flex-1">{t`Did not happen at all?`}</Txt>
        <Button
          label={t`Leave it out`}
          look="quiet"
          size="small"
          onPress={() => amend({ struck: true }, t`Entry left out.`)}
        />
      </Card>
    </View>
  );
}

function asWhen(ms: number) {
  return { ms, text: toLocalInput(ms) };
}
