import { t } from "@/language/t";
import type { Bottle } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { clarities, colours, signs, smells, useCheckForm } from "./useCheckForm";
import { WordChips } from "@/ui/primitives/WordChips";
import { checkSentence, verdictWords } from "@/words/checkWords";

interface Props {
  lot: Lot;
  checks: readonly Check[];
  bottles: readonly Bottle[];
  onClose: () => void;
}

/** A look, a sniff, a pH: two taps are enough, and what it comes to stands below at once. */
export function CheckSheet({ lot, checks, bottles, onClose }: Props) {
  const { typed, change, problems, outcome, nothing, isEmptyTold, save } = useCheckForm({
    lot,
    checks,
    bottles,
    onClose,
  });
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
        value={typed.smell}
        onChange={(next) => change({ smell: next })}
      />
      <Choice
        label={t`Clarity`}
        shown
        options={clarities}
        value={typed.clarity}
        onChange={(next) => change({ clarity: next })}
      />
      <Choice
        label={t`Colour`}
        shown
        options={colours}
        value={typed.colour}
        onChange={(next) => change({ colour: next })}
      />
      <WordChips
        label={t`Also seen`}
        words={signs}
        value={typed.also}
        onChange={(next) => change({ also: next })}
      />
      {lot.product === "oil" ? null : (
        <>
          <NumberField
            label="pH"
            value={typed.ph}
            onChange={(next) => change({ ph: next })}
            choices={[]}
            placeholder={t`if measured`}
            problem={problems.ph}
          />
          <NumberField
            label={t`Colonies on a plate`}
            value={typed.colonies}
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
          value={typed.bottleId ?? ""}
          onChange={(id) => change({ bottleId: id })}
        />
      ) : null}
      <TextField
        label={t`Note`}
        value={typed.note}
        onChange={(next) => change({ note: next })}
        maxLength={5000}
      />
      {nothing ? (
        isEmptyTold ? (
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
