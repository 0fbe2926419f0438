import { zodResolver } from "@hookform/resolvers/zod";
import { useEffect } from "react";
import { useForm, type DefaultValues, type FieldValues, type UseFormReturn } from "react-hook-form";
import type { z } from "zod";
import { useDraft, type Draft } from "./useDraft";

interface Ways<V> {
  /** What is done to what was typed before, on its way into the form. */
  start?: (typed: V) => V;
  /** When a field is first checked: as it is left, or with the whole form. */
  mode?: "onBlur" | "onSubmit";
}

/**
 * A form that its schema checks, and whose content outlives a reload, Back, or a tap beside its sheet.
 * @param name the draft's own name
 * @param beginning what stands in the form where nothing was typed before
 */
export function useDraftedForm<V extends FieldValues, T extends FieldValues>(
  name: string,
  schema: z.ZodType<T, V>,
  beginning: V,
  { start = (typed) => typed, mode = "onBlur" }: Ways<V> = {},
) {
  const draft = useDraft(name, beginning);
  const form = useForm<V, unknown, T>({
    resolver: zodResolver(schema),
    defaultValues: start(draft.start) as DefaultValues<V>,
    mode,
  });
  useNoted(form, draft);
  /** What was typed before is let go: the form is as it began. */
  const letGo = () => {
    draft.done();
    form.reset(beginning);
  };
  return { form, draft, letGo };
}

/* Every change of the form is noted in its draft. */
function useNoted<V extends FieldValues, T extends FieldValues>(
  { watch }: Pick<UseFormReturn<V, unknown, T>, "watch">,
  { note }: Draft<V>,
): void {
  useEffect(() => {
    const { unsubscribe } = watch((values, { type }) => {
      if (type === "change") note(values as V);
    });
    return unsubscribe;
  }, [watch, note]);
}
