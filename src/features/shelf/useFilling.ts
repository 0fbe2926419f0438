import { useEffect, useState } from "react";
import { useWatch } from "react-hook-form";
import { bestBy } from "@/core/shelf/bestBy";
import { toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { emptiesLeft } from "@/logbook/shelf/empties";
import { monthsFilled, usualFilling } from "@/logbook/shelf/monthsFilled";
import { type Proposed } from "@/logbook/shelf/proposeBottles";
import { type Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import { fillBottles } from "@/store/acts/fillBottles";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectEmpties, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { useDraftedForm } from "@/store/useDraftedForm";
import { bottleFormSchema, waterOfForm } from "./bottleForm";
import { usualBottleMl } from "@/logbook/shelf/usualBottles";

/** Bottles of one sort as they are typed, kept as a draft until they are filled from a lot. */
export function useFilling(lot: Lot, openMl: number, onClose: () => void) {
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const empties = useAppSelector(selectEmpties);
  const { units } = useAppSelector(selectPreferences);
  const { rule, checks } = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const oil = lot.product === "oil";
  const choices = unitsFor(oil ? "oilVolume" : "volume", units);
  const unit = choices[0] ?? "mL";
  const usualMl = usualBottleMl(openMl, lot.product, units);
  const [beginning] = useState(() => ({
    size: toInput(usualMl, unit),
    filled: toInput(Number(Math.min(openMl, usualMl).toPrecision(6)), unit),
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
  const { form: filling, draft } = useDraftedForm(`bottle/${lot.id}`, bottleFormSchema, beginning, {
    start: (typed) => ({ ...beginning, ...typed }),
  });
  const { control, getValues } = filling;
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

  const saveTyped = filling.handleSubmit(({ size, filled, count, glass: of, closure }) => {
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
  return {
    control,
    choices,
    months,
    suggested,
    /** What is typed above what there is, mL. */
    overMl: overMl > openMl * 0.001 + 0.01 ? overMl : 0,
    fill: (those: readonly Proposed[]) => void fill(those),
    save: () => void saveTyped(),
  };
}
