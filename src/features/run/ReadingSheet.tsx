import { useState } from "react";
import { View } from "react-native";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { knownFields } from "@/core/knownFields";
import { t } from "@/language/t";
import { useDraftedForm } from "@/store/useDraftedForm";
import { Button } from "@/ui/primitives/Button";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { Sheet } from "@/ui/primitives/Sheet";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { AgoChoice } from "./AgoChoice";
import { readingSchema } from "./readingForm";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
  units: UnitSystem;
  /** What the head should show by now. */
  headHelp?: string;
  /** Cooled by running water, without a tub. */
  onTap?: boolean;
}

/** What the eye and the thermometers say. Any one of them is enough. */
export function ReadingSheet({ open, onClose, log, units, headHelp, onTap = false }: Props) {
  const degrees = unitsFor("temperature", units);
  const volumes = unitsFor("volume", units);
  const [ago, setAgo] = useState(0);
  const [beginning] = useState(() => ({
    distillate: toInput(undefined, volumes[0] ?? "mL"),
    oil: toInput(undefined, "mL"),
    head: toInput(undefined, degrees[0] ?? "C"),
    outlet: toInput(undefined, degrees[0] ?? "C"),
    coolingOut: toInput(undefined, degrees[0] ?? "C"),
    tub: toInput(undefined, degrees[0] ?? "C"),
    note: "",
  }));
  const { form, draft, letGo } = useDraftedForm(`reading/${log.runId}`, readingSchema, beginning, {
    mode: "onSubmit",
  });
  const { control, handleSubmit } = form;
  const save = handleSubmit(({ distillate, oil, head, outlet, coolingOut, tub, note }) => {
    const kept = log.write(
      {
        type: "reading",
        ...knownFields({
          distillateMl: distillate,
          oilMl: oil,
          headC: head,
          outletC: outlet,
          coolingOutC: coolingOut,
          tubC: tub,
        }),
        ...(note ? { note } : {}),
      },
      { agoMinutes: ago },
    );
    if (!kept.ok) return;
    letGo();
    setAgo(0);
    onClose();
  });
  return (
    <Sheet
      title={t`Reading`}
      intro={t`Leave empty what you did not look at.`}
      open={open}
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <TypedBefore shown={draft.typedBefore} onLetGo={letGo} />
      <AgoChoice runId={log.runId} value={ago} onChange={setAgo} />
      <FormNumber
        control={control}
        name="distillate"
        label={t`Distillate so far, all jars`}
        choices={volumes}
      />
      <View className="flex-row gap-3">
        <FormNumber control={control} name="oil" label={t`Visible oil`} choices={["mL", "drop"]} />
        <FormNumber
          control={control}
          name={onTap ? "coolingOut" : "tub"}
          label={onTap ? t`Cooling water out` : t`Tub temperature`}
          choices={degrees}
        />
      </View>
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="head"
          label={t`Head temperature`}
          choices={degrees}
          help={headHelp}
        />
        <FormNumber
          control={control}
          name="outlet"
          label={t`Outlet temperature`}
          choices={degrees}
        />
      </View>
      <FormText control={control} name="note" label={t`Note`} lines={2} maxLength={5000} />
      <Button label={t`Save entry`} onPress={() => void save()} />
    </Sheet>
  );
}
