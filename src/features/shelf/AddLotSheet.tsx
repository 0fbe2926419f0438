import { moneySign } from "@/core/units/money";
import { useRouter } from "expo-router";
import { Controller } from "react-hook-form";
import { z } from "zod";
import { products } from "@/core/shelf/products";
import { toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import { newCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { useDraftedForm } from "@/store/useDraftedForm";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { MomentField } from "@/ui/primitives/MomentField";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { useToday } from "@/ui/useToday";

const schema = z.object({
  product: z.enum(products),
  plantId: z.string().min(1),
  from: z.string().max(200),
  madeOn: z.iso.date(t`Got on must be a day.`),
  volume: numberField({ name: t`The volume`, ...limits.positive }),
  paid: optionalNumberField({ name: t`The price`, ...limits.price }),
  smell: z.string().max(200),
});

const kinds: { value: Lot["product"]; label: string }[] = [
  { value: "oil", label: t`Oil` },
  { value: "hydrosol", label: t`Hydrosol` },
  { value: "liquor", label: t`Pot liquor` },
];

/** Something that came of no run: bought for comparison, swapped, or kept of a pot. */
export function AddLotSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const { units, prices } = useAppSelector(selectPreferences);
  const { bottles, lots } = useAppSelector(selectStock);
  const choices = unitsFor("volume", units);
  const { form: adding, draft } = useDraftedForm("addLot", schema, {
    product: "oil" as Lot["product"],
    plantId: "lavender",
    from: "",
    madeOn: useToday(),
    volume: toInput(undefined, choices[0] ?? "mL"),
    paid: toInput(undefined, "one"),
    smell: "",
  });
  const { control, handleSubmit } = adding;
  const save = handleSubmit(({ product, plantId, from, madeOn, volume, paid, smell }) => {
    const lot: Lot = {
      ...newRecord("lot", new Date()),
      code: newCode([...bottles, ...lots].map(({ code }) => code)),
      product,
      origin: "bought",
      plantId,
      runIds: [],
      madeOn,
      volumeMl: volume,
      ...(from ? { boughtFrom: from } : {}),
      ...(paid === undefined ? {} : { paid }),
      ...(smell ? { smell } : {}),
    };
    if (!dispatch(addNew([lot], t`${lot.code} is on the shelf.`)).ok) return;
    draft.done();
    onClose();
    router.push(`/shelf/${lot.id}`);
  });
  return (
    <Sheet
      title={t`Bought or received`}
      intro={t`Bought for comparison, swapped, or kept of a pot.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormChoice control={control} name="product" label={t`What`} options={kinds} />
      <Controller
        control={control}
        name="plantId"
        render={({ field }) => (
          <Select
            label={t`Plant`}
            options={book.all.map(({ id, name }) => ({ value: id, label: name }))}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <FormNumber control={control} name="volume" label={t`How much`} choices={choices} required />
      <FormText control={control} name="from" label={t`From where`} />
      <Controller
        control={control}
        name="madeOn"
        render={({ field, fieldState }) => (
          <MomentField
            kind="day"
            label={t`Received on`}
            value={field.value}
            onChange={field.onChange}
            problem={fieldState.error?.message}
          />
        )}
      />
      <FormNumber
        control={control}
        name="paid"
        label={t`Price paid`}
        choices={[]}
        suffix={prices?.currency || moneySign()}
      />
      <FormText control={control} name="smell" label={t`Smell`} />
      <Button label={t`Add to shelf`} onPress={() => void save()} />
    </Sheet>
  );
}
