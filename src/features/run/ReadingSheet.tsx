import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { unitsFor, type UnitSystem } from "@/core";
import { Button } from "@/ui/primitives/Button";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { optionalNumberField, toInput } from "@/ui/primitives/numberInput";
import { Sheet } from "@/ui/primitives/Sheet";
import type { NewEntry } from "./useLog";

const temperature = (name: string) => optionalNumberField({ name, min: -20, max: 130 });

const schema = z
  .object({
    distillate: optionalNumberField({ name: "Distillate", min: 0, max: 1e6 }),
    head: temperature("Head"),
    outlet: temperature("Outlet"),
    note: z.string().max(5000),
  })
  .refine(
    ({ distillate, head, outlet, note }) => distillate ?? head ?? outlet ?? (note || undefined),
    {
      path: ["distillate"],
      message: "Read at least one thing: the jar, a temperature, or a note.",
    },
  );

interface Props {
  open: boolean;
  onClose: () => void;
  onWrite: (entry: NewEntry) => void;
  units: UnitSystem;
}

/** What the eye and the thermometers say right now. Any one of them is enough. */
export function ReadingSheet({ open, onClose, onWrite, units }: Props) {
  const degrees = unitsFor("temperature", units)[0] ?? "C";
  const volumes = unitsFor("volume", units);
  const { control, handleSubmit, reset } = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      distillate: toInput(undefined, volumes[0] ?? "mL"),
      head: toInput(undefined, degrees),
      outlet: toInput(undefined, degrees),
      note: "",
    },
  });
  const save = handleSubmit(({ distillate, head, outlet, note }) => {
    onWrite({
      type: "reading",
      at: new Date().toISOString(),
      ...(distillate !== undefined ? { distillateMl: distillate } : {}),
      ...(head !== undefined ? { headC: head } : {}),
      ...(outlet !== undefined ? { outletC: outlet } : {}),
      ...(note ? { note } : {}),
    });
    reset();
    onClose();
  });
  return (
    <Sheet
      title="Reading"
      intro="Leave empty what you did not look at."
      open={open}
      onClose={onClose}
    >
      <FormNumber
        control={control}
        name="distillate"
        label="Distillate so far, all jars"
        choices={volumes}
      />
      <FormNumber
        control={control}
        name="head"
        label="Head temperature"
        choices={unitsFor("temperature", units)}
      />
      <FormNumber
        control={control}
        name="outlet"
        label="Outlet temperature"
        choices={unitsFor("temperature", units)}
      />
      <FormText control={control} name="note" label="Note" lines={2} maxLength={5000} />
      <Button label="Write it down" onPress={() => void save()} />
    </Sheet>
  );
}
