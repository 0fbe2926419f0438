import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { Controller, useForm, useWatch } from "react-hook-form";
import { bestBy, keepingMonths, unitsFor, toInput } from "@/core";
import { newRecord } from "@/records/base";
import type { Bottle } from "@/records/bottle";
import { bottleCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectBottles, selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { MomentField } from "@/ui/primitives/MomentField";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { bottleFormSchema } from "./bottleForm";

const glasses: { value: Bottle["glass"]; label: string }[] = [
  { value: "amber", label: "Amber" },
  { value: "blue", label: "Blue" },
  { value: "green", label: "Green" },
  { value: "clear", label: "Clear" },
  { value: "metal", label: "Metal" },
  { value: "plastic", label: "Plastic" },
];
const places: { value: Bottle["storage"]; label: string }[] = [
  { value: "fridge", label: "Fridge" },
  { value: "cellar", label: "Cool and dark" },
  { value: "room", label: "Room" },
];

/** Fills one bottle of a lot. */
export function BottleSheet({
  lot,
  openMl,
  onClose,
}: {
  lot: Lot;
  openMl: number;
  onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const plantBook = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const bottles = useAppSelector(selectBottles);
  const oil = lot.product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const unit = choices[0] ?? "mL";
  const [beginning] = useState(() => ({
    size: toInput(usualSizeMl(openMl, oil), unit),
    filled: toInput(Math.min(openMl, usualSizeMl(openMl, oil)), unit),
    glass: "amber" as Bottle["glass"],
    storage: (oil ? "cellar" : "fridge") as Bottle["storage"],
    place: "",
    bestBy: "",
    note: "",
  }));
  const draft = useDraft(`bottle/${lot.id}`, beginning);
  const filling = useForm({
    resolver: zodResolver(bottleFormSchema),
    defaultValues: draft.start,
    mode: "onBlur",
  });
  const { control, handleSubmit } = filling;
  useFormDraft(filling, draft);
  const storage = useWatch({ control, name: "storage" });
  const plant = plantBook.byId(lot.plantId) ?? unknownPlant;
  const months = keepingMonths(lot.product, plant, storage);
  const suggested = bestBy(lot.madeOn, months);

  const save = handleSubmit((values) => {
    const { place, note } = values;
    const bottle: Bottle = {
      ...newRecord("bottle", new Date()),
      code: bottleCode(
        lot.code,
        bottles.map(({ code }) => code),
      ),
      lotId: lot.id,
      sizeMl: values.size,
      filledMl: values.filled,
      glass: values.glass,
      storage: values.storage,
      bestBy: values.bestBy || suggested,
      ...(place ? { place } : {}),
      ...(note ? { note } : {}),
    };
    const kept = dispatch(keepUndoable(`${bottle.code} is on the shelf.`, [bottle]));
    if (!kept.ok) return;
    draft.done();
    onClose();
  });

  return (
    <Sheet
      title="Fill a bottle"
      intro={`From ${lot.code}.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormNumber control={control} name="size" label="Bottle holds" choices={choices} required />
      <FormNumber control={control} name="filled" label="Filled with" choices={choices} required />
      <FormChoice control={control} name="glass" label="Glass" options={glasses} />
      <FormChoice control={control} name="storage" label="Kept" options={places} />
      <FormText
        control={control}
        name="place"
        label="Where exactly"
        placeholder="top shelf, box 2"
      />
      <Controller
        control={control}
        name="bestBy"
        render={({ field, fieldState }) => (
          <MomentField
            kind="day"
            label="Best by"
            value={field.value || suggested}
            onChange={field.onChange}
            problem={fieldState.error?.message}
          />
        )}
      />
      <Txt variant="small">
        {`A plain rule: ${months} months from the run for ${oil ? `an oil that keeps ${keepingWords[plant.keeping]}` : "a hydrosol"} kept this way. Smell and look decide.`}
      </Txt>
      <FormText control={control} name="note" label="Note" />
      <Button label="On the shelf" onPress={() => void save()} />
    </Sheet>
  );
}

/* Of a plant that is in no book any more nothing better is known. */
const unknownPlant = { keeping: "middling" as const, hydrosol: { months: 12 } };
const keepingWords = { short: "a short time", middling: "a fair time", long: "long" };

/** The usual bottle that takes an amount: the smallest that holds it, or the largest there is. */
function usualSizeMl(amountMl: number, oil: boolean): number {
  const sizes = oil ? [5, 10, 15, 30, 50, 100] : [100, 250, 500, 1000];
  return sizes.find((size) => size >= amountMl) ?? sizes.at(-1) ?? amountMl;
}
