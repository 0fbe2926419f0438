import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { showOil, showVolume, unitsFor, words, toInput } from "@/core";
import { newRecord } from "@/records/base";
import type { Use } from "@/records/bottle";
import type { Shelved } from "@/logbook/shelf/shelf";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { numberField } from "@/ui/primitives/numberField";
import { Sheet } from "@/ui/primitives/Sheet";

/** Takes some out of a bottle, with what for. */
export function TakeSheet({ item, onClose }: { item: Shelved; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const { bottle, lot, leftMl } = item;
  const oil = lot.product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const schema = z.object({
    amount: numberField({
      name: "The amount",
      min: 0,
      max: leftMl,
      above: true,
      remedy: "That is what is left in this bottle.",
    }),
    purpose: z
      .string()
      .trim()
      .min(1, "Say what it is for: soap, a gift, thrown away because it smelt sour.")
      .max(200),
  });
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { amount: toInput(undefined, choices[0] ?? "mL"), purpose: "" },
  });
  const save = handleSubmit(({ amount, purpose }) => {
    const now = new Date();
    const use: Use = {
      ...newRecord("use", now),
      bottleId: bottle.id,
      at: now.toISOString(),
      amountMl: amount,
      purpose,
    };
    const said = words(oil ? showOil(amount) : showVolume(amount, units));
    if (dispatch(keepUndoable(`${said} taken from ${bottle.code}.`, [use])).ok) onClose();
  });
  return (
    <Sheet
      title="Take some out"
      intro={`${bottle.code}: ${words(oil ? showOil(leftMl) : showVolume(leftMl, units))} left.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormNumber control={control} name="amount" label="How much" choices={choices} required />
      <FormText control={control} name="purpose" label="What for" required />
      <Button label="Taken" onPress={() => void save()} />
    </Sheet>
  );
}
