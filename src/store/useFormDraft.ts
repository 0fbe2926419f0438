import { useEffect } from "react";
import type { FieldValues, UseFormReturn } from "react-hook-form";
import type { Draft } from "./useDraft";

/** Notes every change of a form in its draft. */
export function useFormDraft<V extends FieldValues, T extends FieldValues>(
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
