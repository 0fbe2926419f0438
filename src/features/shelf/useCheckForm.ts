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
import {
  checkClarityWords,
  checkColourWords,
  checkSentence,
  checkSignWords,
  checkSmellWords,
} from "@/words/checkWords";

interface Checked {
  lot: Lot;
  checks: readonly Check[];
  bottles: readonly Bottle[];
  onClose: () => void;
}

const options = <T extends string>(words: Record<T, string>) =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));
export const smells = options(checkSmellWords);
export const colours = options(checkColourWords);
export const clarities = options(checkClarityWords);
/** Which of some options stands in a draft; none where it is another's. */
const chosen = <T extends string>(from: readonly { value: T }[], text: string) =>
  from.find(({ value }) => value === text)?.value;
export const signs = Object.values(checkSignWords);
const signOf = new Map(options(checkSignWords).map(({ value, label }) => [label, value]));

/** A check as it is typed: what was seen, what it comes to, and what becomes of it. */
export function useCheckForm({ lot, checks, bottles, onClose }: Checked) {
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
  return {
    typed: { ...typed, smell, colour, clarity, bottleId },
    change,
    problems,
    outcome,
    nothing,
    /** It was to be saved with nothing in it. */
    isEmptyTold: tried && nothing,
    save,
  };
}
