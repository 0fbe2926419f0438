import { useState } from "react";
import { readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { AgoChoice } from "./AgoChoice";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
  units: UnitSystem;
}

/** Ice into the tub, or water into the pot. */
export function AddSheet({ open, onClose, log, units }: Props) {
  const [what, setWhat] = useState<"ice" | "water">("ice");
  const [ago, setAgo] = useState(0);
  const masses = units === "metric" ? (["kg", "lb"] as const) : (["lb", "kg"] as const);
  const volumes = unitsFor("volume", units);
  const [ice, setIce] = useState(toInput(1000, masses[0]));
  const [water, setWater] = useState(toInput(undefined, volumes[0] ?? "mL"));
  const read =
    what === "ice"
      ? readNumber(ice, { name: t`Ice`, ...limits.positive })
      : readNumber(water, { name: t`Water`, ...limits.positive });
  function write() {
    if (!read.ok) return;
    const kept = log.write(
      what === "ice"
        ? { type: "iceAdded", massG: read.value }
        : { type: "waterAdded", volumeMl: read.value },
      { agoMinutes: ago, label: what === "ice" ? t`Ice noted.` : t`Water noted.` },
    );
    if (!kept.ok) return;
    setAgo(0);
    onClose();
  }
  return (
    <Sheet title={t`Ice or water`} open={open} onClose={onClose} onSubmit={write}>
      <Choice
        label={t`What was added`}
        options={[
          { value: "ice", label: t`Ice in the tub` },
          { value: "water", label: t`Water in the pot` },
        ]}
        value={what}
        onChange={setWhat}
      />
      <AgoChoice runId={log.runId} value={ago} onChange={setAgo} />
      {what === "ice" ? (
        <NumberField
          label={t`How much ice`}
          value={ice}
          onChange={setIce}
          choices={masses}
          problem={ice.text && !read.ok ? read.problem : undefined}
        />
      ) : (
        <>
          <Txt variant="small">{t`Only hot water, and only through a filling port: never open a still that boils.`}</Txt>
          <NumberField
            label={t`How much`}
            value={water}
            onChange={setWater}
            choices={volumes}
            problem={water.text && !read.ok ? read.problem : undefined}
          />
        </>
      )}
      <Button label={t`Save entry`} disabled={!read.ok} onPress={write} />
    </Sheet>
  );
}
