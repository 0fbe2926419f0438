import { useState } from "react";
import { readNumber, toInput, verdictOf, type NumberInput } from "@/core";
import { firstReading } from "@/logbook/shelf/lotChecks";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import type { Bottle } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
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
const signs = Object.values(checkSignWords);
const signOf = new Map(options(checkSignWords).map(({ value, label }) => [label, value]));

/** A look, a sniff, a pH: two taps are enough, and what it comes to stands below at once. */
export function CheckSheet({ lot, checks, bottles, onClose }: Props) {
  const dispatch = useAppDispatch();
  const [seen, setSeen] = useState<Pick<Check, "smell" | "colour" | "clarity" | "bottleId">>({});
  const [also, setAlso] = useState("");
  const [ph, setPh] = useState<NumberInput>(toInput(undefined, "one"));
  const [note, setNote] = useState("");
  const [tried, setTried] = useState(false);
  const read = readNumber(ph, { name: "pH", ...limits.ph });
  const wrong = ph.text.trim() !== "" && !read.ok;
  const shown: Omit<Check, keyof ReturnType<typeof newRecord> | "lotId" | "at" | "kind"> = {
    ...seen,
    ...(also ? { signs: also.split(", ").flatMap((word) => signOf.get(word) ?? []) } : {}),
    ...(read.ok && ph.text.trim() !== "" ? { ph: read.value } : {}),
  };
  const nothing = Object.keys(shown).every((field) => field === "bottleId");
  const outcome = verdictOf(lot.product, shown, firstReading(lot, checks));

  const save = () => {
    setTried(true);
    if (wrong || nothing) return;
    const now = new Date();
    const check: Check = {
      ...newRecord("check", now),
      lotId: lot.id,
      at: now.toISOString(),
      ...shown,
      ...(note ? { note } : {}),
    };
    const said = `${lot.code} checked. ${checkSentence(outcome)}`;
    if (dispatch(keepUndoable(said, [check])).ok) onClose();
  };
  return (
    <Sheet
      title="Check it"
      intro={`${lot.code}: what you did not look at stays open.`}
      open
      onClose={onClose}
      onSubmit={save}
    >
      <Choice
        label="Smell"
        shown
        options={smells}
        value={seen.smell}
        onChange={(smell) => setSeen((before) => ({ ...before, smell }))}
      />
      <Choice
        label="Clarity"
        shown
        options={clarities}
        value={seen.clarity}
        onChange={(clarity) => setSeen((before) => ({ ...before, clarity }))}
      />
      <Choice
        label="Colour"
        shown
        options={colours}
        value={seen.colour}
        onChange={(colour) => setSeen((before) => ({ ...before, colour }))}
      />
      <WordChips label="Also seen" words={signs} value={also} onChange={setAlso} />
      {lot.product === "oil" ? null : (
        <NumberField
          label="pH"
          value={ph}
          onChange={setPh}
          choices={[]}
          placeholder="if measured"
          problem={wrong && !read.ok ? read.problem : undefined}
        />
      )}
      {bottles.length > 1 ? (
        <Choice
          label="Of"
          shown
          options={[
            { value: "", label: "The whole lot" },
            ...bottles.map(({ id, code }) => ({ value: id, label: code })),
          ]}
          value={seen.bottleId ?? ""}
          onChange={(id) =>
            setSeen(({ bottleId: _, ...before }) => (id ? { ...before, bottleId: id } : before))
          }
        />
      ) : null}
      <TextField label="Note" value={note} onChange={setNote} maxLength={5000} />
      {nothing ? (
        tried ? (
          <Notice severity="caution" message="Say at least one thing that you saw or smelt." />
        ) : null
      ) : (
        <Notice
          severity={outcome.verdict === "keep" ? "note" : "caution"}
          message={checkSentence(outcome)}
          remedy={verdictWords[outcome.verdict].so}
        />
      )}
      <Button label="Keep the check" onPress={save} />
    </Sheet>
  );
}
