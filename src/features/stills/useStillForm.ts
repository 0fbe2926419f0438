import { useRouter } from "expo-router";
import { useState } from "react";
import { useFieldArray, useWatch } from "react-hook-form";
import type { NumberInput } from "@/core/units/numberInput";
import { newRecord } from "@/records/base";
import type { Still } from "@/records/still";
import { addNew } from "@/store/acts/addNew";
import { keepForm } from "@/store/changes";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { useDraftedForm } from "@/store/useDraftedForm";
import { stillFormDefaults, stillFormSchema, stillFromForm, type StillFormRead } from "./stillForm";

/** The form of a still's measures: what stands in it, and what becomes of it when it is saved. */
export function useStillForm(still: Still | undefined) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  /* As it was when the form was opened: only what was changed since is written. */
  const [shown] = useState(still);
  const beginning = stillFormDefaults(shown, units);
  const { form, draft, letGo } = useDraftedForm(
    `still/${shown?.id ?? "new"}`,
    stillFormSchema,
    beginning,
  );
  const {
    control,
    setValue,
    formState: { isSubmitted, isValid },
  } = form;
  const [problem, setProblem] = useState<string>();
  const receivers = useFieldArray({ control, name: "receivers" });
  const typed = useWatch({ control });
  const read = stillFormSchema.safeParse(typed);
  const save = form.handleSubmit((typed) => {
    const kept = dispatch(shown ? keepForm(...changed(shown, typed)) : keepNew(typed));
    if (!kept.ok) return setProblem(kept.problem);
    draft.done();
    router.replace("/bench");
  });
  function changed(from: Still, typed: StillFormRead): [Still, Still] {
    const before = stillFormSchema.safeParse(beginning);
    return [
      { ...from, ...(before.success ? stillFromForm(before.data) : {}) },
      { ...from, ...stillFromForm(typed) },
    ];
  }
  return {
    control,
    receivers,
    typed,
    /** The still as it stands in the form, once its measures are whole. */
    sketched: read.success
      ? { ...newRecord("still", new Date(0)), ...stillFromForm(read.data) }
      : undefined,
    /** Puts a figure that was reckoned, which counts as typed. */
    put: (field: "power" | "emptyMass", value: NumberInput) =>
      setValue(field, value, { shouldDirty: true, shouldValidate: true }),
    save,
    problem,
    incomplete: isSubmitted && !isValid,
    typedBefore: draft.typedBefore,
    letGo,
  };
}

/** A still of which there is no record yet. */
function keepNew(typed: StillFormRead) {
  return addNew([{ ...newRecord("still", new Date()), ...stillFromForm(typed) }]);
}
