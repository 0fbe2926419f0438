import { useState } from "react";
import { verdictOf } from "@/core/shelf/verdict";
import { readNumber, toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { firstReading } from "@/logbook/shelf/lotChecks";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import type { Bottle } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch } from "@/store/hooks";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { WordChips } from "@/ui/primitives/WordChips";
import {
  checkClarityWords,
  checkColourWords,
  checkSentence,
  checkSignWords,
  checkSmellWords,
  verdictWords,
} from "@/words/checkWords";

interface Props {
  lot: Lot;
  checks: readonly Check[];
  bottles: readonly Bottle[];
  onClose: () => void;
}

const options = <T extends string>(words: Record<T, string>) =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));
const smells = options(checkSmellWords);
const colours = options(checkColourWords);
const clarities = options(checkClarityWords);
/** Which of some options stands in a draft; none where it is another's. */
const chosen = <T extends string>(from: readonly { value: T }[], text: string) =>
  from.find(({ value }) => value === text)?.value;
const signs = Object.values(checkSignWords);
const signOf = new Map(options(checkSignWords).map(({ value, label }) => [label, value]));

/** A look, a sniff, a pH: two taps are enough, and what it comes to stands below at once. */
export function CheckSheet({ lot, checks, bottles, onClose }: Props) {
  const dispatch = useAppDispatch();
  const [typed, change, forget] = useKept(`check/${lot.id}`, {
    smell: "",
    colour: "",
    clarity: "",
    also: "",
    ph: toInput(undefined, "one"),
    colonies: toInput(undefined, "one"),
    bottleId: "",
    note: "",
  });
  const [tried, setTried] = useState(false);
  const { also, ph, colonies, note } = typed;
  const smell = chosen(smells, typed.smell);
  const colour = chosen(colours, typed.colour);
  const clarity = chosen(clarities, typed.clarity);
  const bottleId = bottles.find(({ id }) => id === typed.bottleId)?.id;
  const read = readNumber(ph, { name: "pH", ...limits.ph });
  const plate = readNumber(colonies, { name: t`Colonies`, ...limits.coloniesPerMl });
  const problems = {
    ph: ph.text.trim() === "" || read.ok ? undefined : read.problem,
    colonies: colonies.text.trim() === "" || plate.ok ? undefined : plate.problem,
  };
  const wrong = problems.ph !== undefined || problems.colonies !== undefined;
  const seen = {
    ...(smell ? { smell } : {}),
    ...(colour ? { colour } : {}),
    ...(clarity ? { clarity } : {}),
    ...(also ? { signs: also.split(", ").flatMap((word) => signOf.get(word) ?? []) } : {}),
    ...(read.ok && ph.text.trim() !== "" ? { ph: read.value } : {}),
    ...(plate.ok && colonies.text.trim() !== "" ? { coloniesPerMl: plate.value } : {}),
  };
  const nothing = Object.keys(seen).length === 0;
  const outcome = verdictOf(lot.product, seen, firstReading(lot, checks));

  const save = () => {
    setTried(true);
    if (wrong || nothing) return;
    const now = new Date();
    const check: Check = {
      ...newRecord("check", now),
      lotId: lot.id,
      at: now.toISOString(),
      ...seen,
      ...(bottleId ? { bottleId } : {}),
      ...(note ? { note } : {}),
    };
    const said = t`${lot.code} checked. ${checkSentence(outcome)}`;
    if (!dispatch(addNew([check], said)).ok) return;
    forget();
    onClose();
  };
  return (
    <Sheet
      title={t`Check it`}
      intro={t`${lot.code}: what you did not look at stays open.`}
      open
      onClose={onClose}
      onSubmit={save}
    >
      <Choice
        label={t`Smell`}
        shown
        options={smells}
        value={smell}
        onChange={(next) => change({ smell: next })}
      />
      <Choice
        label={t`Clarity`}
        shown
        options={clarities}
        value={clarity}
        onChange={(next) => change({ clarity: next })}
      />
      <Choice
        label={t`Colour`}
        shown
        options={colours}
        value={colour}
        onChange={(next) => change({ colour: next })}
      />
      <WordChips
        label={t`Also seen`}
        words={signs}
        value={also}
        onChange={(next) => change({ also: next })}
      />
      {lot.product === "oil" ? null : (
        <>
          <NumberField
            label="pH"
            value={ph}
            onChange={(next) => change({ ph: next })}
            choices={[]}
            placeholder={t`if measured`}
            problem={problems.ph}
          />
          <NumberField
            label={t`Colonies on a plate`}
            value={colonies}
            onChange={(next) => change({ colonies: next })}
            choices={[]}
            suffix={t`per mL`}
            placeholder={t`if counted`}
            problem={problems.colonies}
          />
        </>
      )}
      {bottles.length > 1 ? (
        <Choice
          label={t`Of`}
          shown
          options={[
            { value: "", label: t`The whole lot` },
            ...bottles.map(({ id, code }) => ({ value: id, label: code })),
          ]}
          value={bottleId ?? ""}
          onChange={(id) => change({ bottleId: id })}
        />
      ) : null}
      <TextField
        label={t`Note`}
        value={note}
        onChange={(next) => change({ note: next })}
        maxLength={5000}
      />
      {nothing ? (
        tried ? (
          <Notice severity="caution" message={t`Enter at least one thing that you saw or smelt.`} />
        ) : null
      ) : (
        <Notice
          severity={outcome.verdict === "keep" ? "note" : "caution"}
          message={checkSentence(outcome)}
          remedy={verdictWords[outcome.verdict].so}
        />
      )}
      <Button label={t`Save check`} onPress={save} />
    </Sheet>
  );
}
