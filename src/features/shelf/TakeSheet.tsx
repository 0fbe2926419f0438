import type { Product } from "@/core/shelf/products";
import { toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { Controller } from "react-hook-form";
import { z } from "zod";
import { t } from "@/language/t";
import { lastPurposes } from "@/logbook/shelf/purposes";
import type { OwnerNow } from "@/logbook/shelf/ownersOf";
import { takeable } from "@/logbook/shelf/takeable";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import { useWays, type Use, type UseWay } from "@/records/bottle";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences, selectUses } from "@/store/selectors";
import { useDraftedForm } from "@/store/useDraftedForm";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { numberField } from "@/ui/primitives/numberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { WordChips } from "@/ui/primitives/WordChips";
import { useWayInSentence, useWayWords } from "@/words/bottleWords";
import { amountOf } from "./amountOf";

/** What is taken from: a bottle, or what of a lot is in none. */
export interface TakeFrom {
  bottleId?: string;
  lotId?: string;
  code: string;
  product: Product;
  leftMl: number;
  /** Whom it was distilled for. */
  owners: readonly OwnerNow[];
  /** The share of the owner of this name is what is taken. */
  handOverTo?: string;
}

/* Of these one may want to know to whom. */
const passedOn = new Set<UseWay>(["gift", "sold"]);

/** Takes some out of a bottle: how much, what for, what became of it. */
export function TakeSheet({ from, onClose }: { from: TakeFrom; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const purposes = lastPurposes(useAppSelector(selectUses));
  const { product, leftMl, owners, handOverTo } = from;
  const share = owners.find(({ name }) => name === handOverTo)?.leftMl;
  const oil = product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const schema = z
    .object({
      amount: numberField({ name: t`The amount`, ...limits.positive }),
      way: z.enum(useWays),
      purpose: z.string().trim().max(200),
      owner: z.string(),
      to: z.string().trim().max(200),
    })
    .refine(({ amount }) => takeable(amount, leftMl) !== undefined, {
      path: ["amount"],
      message: t`Only ${amountOf(product, leftMl, units)} are left by the log. More came out? Enter what is left, and delete a use that did not happen.`,
    })
    .refine(({ way, purpose }) => way !== "used" || purpose !== "", {
      path: ["purpose"],
      message: t`Say what it is for: soap, a linen spray.`,
    });
  const inUnit = (ml: number) => toInput(Number(ml.toPrecision(6)), choices[0] ?? "mL");
  const { form: taking, draft } = useDraftedForm(
    `${handOverTo ? `hand/${handOverTo}` : "take"}/${from.bottleId ?? from.lotId}`,
    schema,
    {
      amount:
        share === undefined
          ? toInput(undefined, choices[0] ?? "mL")
          : inUnit(Math.min(leftMl, share)),
      way: (handOverTo ? "theirs" : "used") as UseWay,
      purpose: "",
      owner: handOverTo ?? owners[0]?.name ?? "",
      to: "",
    },
    { mode: "onSubmit" },
  );
  const { control, handleSubmit, setValue } = taking;
  const save = handleSubmit(({ amount, way, purpose, owner, to }) => {
    const whom = way === "theirs" ? owner : passedOn.has(way) ? to : "";
    const now = new Date();
    const use: Use = {
      ...newRecord("use", now),
      ...(from.bottleId ? { bottleId: from.bottleId } : {}),
      ...(from.lotId ? { lotId: from.lotId } : {}),
      at: now.toISOString(),
      amountMl: takeable(amount, leftMl) ?? amount,
      purpose: purpose || useWayInSentence[way],
      ...(way === "used" ? {} : { way }),
      ...(whom ? { to: whom } : {}),
    };
    const said = amountOf(product, amount, units);
    if (!dispatch(addNew([use], t`${said} taken from ${from.code}.`)).ok) return;
    draft.done();
    onClose();
  });
  return (
    <Sheet
      title={t`Use or loss`}
      intro={t`${from.code}: ${amountOf(product, leftMl, units)} left.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormNumber control={control} name="amount" label={t`How much`} choices={choices} required />
      <Button
        look="quiet"
        size="small"
        label={t`All of it`}
        onPress={() => setValue("amount", inUnit(leftMl), { shouldValidate: true })}
      />
      <FormChoice
        control={control}
        name="way"
        label={t`What happened to it?`}
        options={waysFor(owners)}
      />
      <FormText control={control} name="purpose" label={t`What for`} />
      <Controller
        control={control}
        name="purpose"
        render={({ field }) => (
          <WordChips
            label={t`What for, as before`}
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
          field.value === "theirs" ? (
            <FormChoice
              control={control}
              name="owner"
              label={t`Whose it is`}
              options={owners.map(({ name }) => ({ value: name, label: name }))}
            />
          ) : passedOn.has(field.value) ? (
            <FormText
              control={control}
              name="to"
              label={t`To whom`}
              help={t`Only if you wish: so that this bottle could be called back.`}
            />
          ) : (
            <></>
          )
        }
      />
      <Button label={t`Taken`} onPress={() => void save()} />
    </Sheet>
  );
}

function waysFor(owners: readonly OwnerNow[]): { value: UseWay; label: string }[] {
  return useWays
    .filter((way) => way !== "blended" && (way !== "theirs" || owners.length > 0))
    .map((value) => ({ value, label: useWayWords[value] }));
}
