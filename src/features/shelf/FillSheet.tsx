import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "expo-router";
import { useEffect, useState } from "react";
import { Controller, useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { bestBy } from "@/core/shelf/bestBy";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { showBottle, words } from "@/core/units/format";
import type { Product } from "@/core/shelf/products";
import { t } from "@/language/t";
import type { OwnerNow } from "@/logbook/shelf/ownersOf";
import { emptiesLeft } from "@/logbook/shelf/empties";
import { monthsFilled, phOfLot, usualFilling } from "@/logbook/shelf/monthsFilled";
import { proposeBottles, type Proposed } from "@/logbook/shelf/proposeBottles";
import { closures, glasses, storages, type Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import { fillBottles } from "@/store/acts/fillBottles";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectEmpties, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { MomentField } from "@/ui/primitives/MomentField";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { spanWords } from "@/words/bestByWords";
import { closureWords, inGlass, storageWords } from "@/words/bottleWords";
import { amountOf } from "./amountOf";
import { bottleFormSchema, waterOfForm } from "./bottleForm";
import { WaterFields } from "./WaterFields";

interface Props {
  lot: Lot;
  openMl: number;
  /** Whose share of it is not handed over yet. */
  owing: readonly OwnerNow[];
  onClose: () => void;
}

const named = <T extends string>(values: readonly T[], words: Record<T, string>) =>
  values.map((value) => ({ value, label: words[value] }));

/** Fills bottles of a lot: as proposed from the empties there are, or of one sort as typed. */
export function FillSheet({ lot, openMl, owing, onClose }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const empties = useAppSelector(selectEmpties);
  const { units } = useAppSelector(selectPreferences);
  const { rule, checks } = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const oil = lot.product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const unit = choices[0] ?? "mL";
  const proposal = proposeBottles(openMl, lot.product, empties);
  const [beginning] = useState(() => ({
    size: toInput(usualSizeMl(openMl, oil), unit),
    filled: toInput(Number(Math.min(openMl, usualSizeMl(openMl, oil)).toPrecision(6)), unit),
    count: toInput(1, "one"),
    glass: "amber" as Bottle["glass"],
    closure: (oil ? "dropper" : "cap") as NonNullable<Bottle["closure"]> | "",
    storage: (oil ? "cellar" : "fridge") as Bottle["storage"],
    place: "",
    filling: usualFilling(lot, runs) as NonNullable<Bottle["filling"]>,
    filtering: "" as NonNullable<Bottle["filtering"]> | "",
    preservative: "" as NonNullable<Bottle["preserved"]>["with"] | "",
    preservativePercent: toInput(undefined, "one"),
    bestBy: "",
    note: "",
  }));
  const draft = useDraft(`bottle/${lot.id}`, beginning);
  const filling = useForm({
    resolver: zodResolver(bottleFormSchema),
    defaultValues: { ...beginning, ...draft.start },
    mode: "onBlur",
  });
  const { control, getValues } = filling;
  useFormDraft(filling, draft);
  const form = useWatch({ control });
  const water = lot.product === "hydrosol" ? waterOfForm(form) : {};
  const { storage = "cellar", glass = "amber" } = form;
  const full = { sizeMl: 1, filledMl: 1, glass, storage, ...water };
  const months = monthsFilled(lot, full, { book, rule, runs, checks });
  const suggested = bestBy(lot.madeOn, months);
  const typed = bottleFormSchema.safeParse(form);
  const typedMl = typed.success ? typed.data.filled * typed.data.count : 0;
  const overMl = typedMl - openMl;

  /* Until somebody types how full they are, equal bottles share what is left, each up to its size. */
  const shared = typed.success ? typed.data : undefined;
  const [size, count] = [shared?.size, shared?.count];
  const ownFill = filling.formState.dirtyFields.filled !== undefined || draft.typedBefore;
  useEffect(() => {
    if (ownFill || size === undefined || count === undefined || count < 1) return;
    const each = Math.min(size, openMl / count);
    filling.setValue("filled", toInput(Number(each.toPrecision(4)), unit), {
      shouldValidate: true,
    });
  }, [ownFill, size, count, openMl, unit, filling]);

  async function fill(those: readonly Proposed[]) {
    /* What was added is not left out because its share cannot be read. */
    if (!(await filling.trigger("preservativePercent"))) return;
    const { storage: stored, place, note, bestBy: own } = getValues();
    const told = { lotId: lot.id, bottles: those, storage: stored, place, note, water };
    if (!dispatch(fillBottles(own ? { ...told, bestBy: own } : told)).ok) return;
    draft.done();
    onClose();
  }

  const save = filling.handleSubmit(({ size, filled, count, glass: of, closure }) => {
    const sort = empties.find(
      (empty) => empty.sizeMl === size && empty.glass === of && emptiesLeft(empty) > 0,
    );
    void fill(
      Array.from({ length: count }, () => ({
        sizeMl: size,
        filledMl: filled,
        glass: of,
        ...(closure ? { closure } : {}),
        ...(sort ? { emptyId: sort.id } : {}),
      })),
    );
  });
  const worth = proposal.bottles.length > 1 || empties.length > 0;
  return (
    <Sheet
      title={t`Fill bottles`}
      intro={[
        t`From ${lot.code}: ${amountOf(lot.product, openMl, units)} in no bottle yet.`,
        ...owing.map(
          ({ name, leftMl }) => t`${amountOf(lot.product, leftMl, units)} of it is ${name}’s.`,
        ),
      ].join(" ")}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      {worth && proposal.bottles.length > 0 ? (
        <Card wash="leaf" className="gap-2">
          <Txt variant="strong">{inWords(proposal.bottles, lot.product, units)}</Txt>
          <Txt variant="small" className="text-ink">
            {empties.length > 0
              ? t`Out of your empties, full to the shoulder, so that little air stands over it.`
              : t`Of usual sizes, full to the shoulder, so that little air stands over it.`}{" "}
            {proposal.leftMl > 0.005
              ? t`${amountOf(lot.product, proposal.leftMl, units)} left over.`
              : t`Nothing left over.`}
          </Txt>
          <Button label={t`Fill these`} look="quiet" onPress={() => void fill(proposal.bottles)} />
        </Card>
      ) : null}
      <View className="flex-row">
        <Button
          look="plain"
          size="small"
          label={
            empties.length > 0 ? t`Change my empty bottles` : t`Say which empty bottles I have`
          }
          onPress={() => {
            onClose();
            router.push("/bench");
          }}
        />
      </View>
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="size"
          label={t`Bottle size`}
          choices={choices}
          required
        />
        <FormNumber
          control={control}
          name="filled"
          label={t`Filled with`}
          choices={choices}
          required
        />
      </View>
      <FormNumber control={control} name="count" label={t`How many`} choices={[]} required />
      {overMl > openMl * 0.001 + 0.01 ? (
        <Notice
          severity="caution"
          message={t`That is ${amountOf(lot.product, overMl, units)} more than there is by the measures.`}
          remedy={t`Check size and number. If you save it, the lot shows the difference.`}
        />
      ) : null}
      <FormChoice
        control={control}
        name="glass"
        label={t`Glass`}
        options={named(glasses, inGlass)}
      />
      <FormChoice
        control={control}
        name="closure"
        label={t`Closure`}
        options={named(closures, closureWords)}
      />
      <FormChoice
        control={control}
        name="storage"
        label={t`Kept`}
        options={named(storages, storageWords)}
      />
      {lot.product === "hydrosol" ? (
        <WaterFields control={control} ph={phOfLot(lot, checks)} />
      ) : null}
      <FormText
        control={control}
        name="place"
        label={t`New place`}
        placeholder={t`top shelf, box 2`}
      />
      <Controller
        control={control}
        name="bestBy"
        render={({ field, fieldState }) => (
          <MomentField
            kind="day"
            label={t`Best by`}
            value={field.value || suggested}
            onChange={field.onChange}
            problem={fieldState.error?.message}
          />
        )}
      />
      <Txt variant="small">
        {t`A rule, not a promise: ${spanWords(months)} from the run, full and closed, kept this way. Opening, air and what a check finds bring it nearer; smell and look decide.`}
      </Txt>
      <FormText control={control} name="note" label={t`Note`} />
      <Button label={t`Add to shelf`} onPress={() => void save()} />
    </Sheet>
  );
}

/** "2 × 500 mL clear; 1 × 100 mL amber, filled to 80 mL". */
function inWords(bottles: readonly Proposed[], product: Product, units: UnitSystem): string {
  const sorts = new Map<string, number>();
  for (const { sizeMl, filledMl, glass } of bottles) {
    const bottle = `${words(showBottle(sizeMl, units))} ${inGlass[glass]}`;
    const name =
      filledMl < sizeMl * 0.999
        ? t`${bottle}, filled to ${amountOf(product, filledMl, units)}`
        : bottle;
    sorts.set(name, (sorts.get(name) ?? 0) + 1);
  }
  return [...sorts].map(([name, count]) => `${count} × ${name}`).join("; ");
}

/** The usual bottle that takes an amount: the smallest that holds it, or the largest there is. */
function usualSizeMl(amountMl: number, oil: boolean): number {
  const sizes = oil ? [5, 10, 15, 30, 50, 100] : [100, 250, 500, 1000];
  return sizes.find((size) => size >= amountMl) ?? sizes.at(-1) ?? amountMl;
}
