import { useRouter } from "expo-router";
import { useState } from "react";
import { plantById } from "@/core/plant/catalogue";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { withProse } from "@/logbook/plant/withProse";
import { newRecord } from "@/records/base";
import type { Material } from "@/records/material";
import { addNew } from "@/store/acts/addNew";
import { keepForm } from "@/store/changes";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { useDraftedForm } from "@/store/useDraftedForm";
import { useProseBook } from "@/store/useProse";
import { ownFromForm, plantFormDefaults, plantFormSchema } from "./plantForm";

/** The form of a plant's figures: what stands in it, and what becomes of it when it is saved. */
export function usePlantForm(known: KnownPlant | undefined, material: Material | undefined) {
  const prose = useProseBook();
  const plant = known && withProse(known, prose);
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const [shown] = useState(material);
  const [beginning] = useState(() => plantFormDefaults(plant, material?.like ?? "lavender", units));
  const { form, draft, letGo } = useDraftedForm(
    `plant/${plant?.id ?? "new"}`,
    plantFormSchema,
    beginning,
  );
  const {
    control,
    handleSubmit,
    reset,
    formState: { isSubmitted, isValid },
  } = form;
  const [problem, setProblem] = useState<string>();
  const save = handleSubmit((form) => {
    const record = shown ?? newRecord("material", new Date());
    const like = plant?.origin === "catalogue" ? plant.id : form.like;
    const base = plantById(like);
    if (!base) return;
    const kept: Material = {
      ...record,
      plantId: plant?.id ?? `own-${record.id}`,
      like,
      own: ownFromForm(form, { ...base, ...prose(base.id) }),
    };
    const answer = dispatch(shown ? keepForm(shown, kept) : addNew([kept]));
    if (!answer.ok) return setProblem(answer.problem);
    draft.done();
    router.replace(`/bench/plants/${kept.plantId}`);
  });
  /** A new plant takes the figures of the one that it is like. */
  function beginLike(chosen: string) {
    const base = book.byId(chosen);
    if (!base) return;
    const figures = plantFormDefaults(withProse(base, prose), chosen, units);
    reset({ ...figures, name: "", code: "" });
  }
  const incomplete = isSubmitted && !isValid;
  return {
    plant,
    control,
    save,
    problem,
    incomplete,
    typedBefore: draft.typedBefore,
    beginLike,
    letGo,
  };
}
