import { zodResolver } from "@hookform/resolvers/zod";
import { Controller, useForm } from "react-hook-form";
import { z } from "zod";
import { toInput, unitsFor } from "@/core";
import { lastPurposes } from "@/logbook/shelf/purposes";
import { takeable } from "@/logbook/shelf/takeable";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import { useWays, type Use, type UseWay } from "@/records/bottle";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences, selectUses } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { numberField } from "@/ui/primitives/numberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { WordChips } from "@/ui/primitives/WordChips";
import { useWayWords } from "@/words/bottleWords";
import { amountOf } from "./amountOf";

/** What is taken from: a bottle, or what of a lot is in none. */
export interface TakeFrom {
  bottleId?: string;
  lotId?: string;
  code: string;
  product: "oil" | "hydrosol" | "liquor";
  leftMl: number;
  /** Whom it was distilled for, where their share is not handed over yet. */
  owner?: { name: string; shareMl: number };
  /** That share is what is taken. */
  handOver?: boolean;
}

/* Of these one may want to know to whom. */
const passedOn = new Set<UseWay>(["gift", "sold", "theirs"]);

/** Takes some out of a bottle: how much, what for, what became of it. */
export function TakeSheet({ from, onClose }: { from: TakeFrom; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const purposes = lastPurposes(useAppSelector(selectUses));
  const { product, leftMl, owner } = from;
  const handOver = from.handOver === true && owner !== undefined;
  const oil = product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const schema = z
    .object({
      amount: numberField({ name: "The amount", ...limits.positive }),
      way: z.enum(useWays),
      purpose: z.string().trim().max(200),
      to: z.string().trim().max(200),
    })
    .refine(({ amount }) => takeable(amount, leftMl) !== undefined, {
      path: ["amount"],
      message: `Only ${amountOf(product, leftMl, units)} are left by the log. More came out? Take what is left, and bin a use that was not.`,
    })
    .refine(({ way, purpose }) => way !== "used" || purpose !== "", {
      path: ["purpose"],
      message: "Say what it is for: soap, a linen spray.",
    });
  const inUnit = (ml: number) => toInput(Number(ml.toPrecision(6)), choices[0] ?? "mL");
  const draft = useDraft(`${handOver ? "hand" : "take"}/${from.bottleId ?? from.lotId}`, {
    amount: handOver
      ? inUnit(Math.min(leftMl, owner.shareMl))
      : toInput(undefined, choices[0] ?? "mL"),
    way: (handOver ? "theirs" : "used") as UseWay,
    purpose: "",
    to: owner?.name ?? "",
  });
  const taking = useForm({ resolver: zodResolver(schema), defaultValues: draft.start });
  const { control, handleSubmit, setValue } = taking;
  useFormDraft(taking, draft);
  const save = handleSubmit(({ amount, way, purpose, to }) => {
    const now = new Date();
    const use: Use = {
      ...newRecord("use", now),
      ...(from.bottleId ? { bottleId: from.bottleId } : {}),
      ...(from.lotId ? { lotId: from.lotId } : {}),
      at: now.toISOString(),
      amountMl: takeable(amount, leftMl) ?? amount,
      purpose: purpose || useWayWords[way].toLowerCase(),
      ...(way === "used" ? {} : { way }),
      ...(to && passedOn.has(way) ? { to } : {}),
    };
    const said = amountOf(product, amount, units);
    if (!dispatch(keepUndoable(`${said} taken from ${from.code}.`, [use])).ok) return;
    draft.done();
    onClose();
  });
  return (
    <Sheet
      title="Take some out"
      intro={`${from.code}: ${amountOf(product, leftMl, units)} left.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormNumber control={control} name="amount" label="How much" choices={choices} required />
      <Button
        look="quiet"
        size="small"
        label="All of it"
        onPress={() => setValue("amount", inUnit(leftMl), { shouldValidate: true })}
      />
      <FormChoice
        control={control}
        name="way"
        label="What becomes of it"
        options={waysFor(owner)}
      />
      <FormText control={control} name="purpose" label="What for" />
      <Controller
        control={control}
        name="purpose"
        render={({ field }) => (
          <WordChips
            label="What for, as before"
            words={purposes.filter((purpose) => !purpose.includes(","))}
            value={field.value}
            onChange={(next) => field.onChange(next.split(", ").at(-1) ?? "")}
          />
        )}
      />
      <Controller
        control={control}
        name="way"
        render={({ field }) =>
          passedOn.has(field.value) ? (
            <FormText
              control={control}
              name="to"
              label="To whom"
              help="Only if you wish: so that this bottle could be called back."
            />
          ) : (
            <></>
          )
        }
      />
      <Button label="Taken" onPress={() => void save()} />
    </Sheet>
  );
}

function waysFor(owner: TakeFrom["owner"]): { value: UseWay; label: string }[] {
  return useWays
    .filter((way) => way !== "blended" && (way !== "theirs" || owner))
    .map((value) => ({ value, label: useWayWords[value] }));
}
