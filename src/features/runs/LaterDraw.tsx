import { useState } from "react";
import { type NumberInput, readNumber } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { runState } from "@/logbook/run/runState";
import { limits } from "@/messages/limits";
import type { Run } from "@/records/run";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectLots } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";

/** A second draw, hours or days later: it adds to the run's oil and to its lot. */
export function LaterDraw({ run, units }: { run: Run; units: UnitSystem }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        look="quiet"
        size="small"
        label={t`Drew off more`}
        opens
        onPress={() => setOpen(true)}
      />
      {open ? <DrawSheet run={run} units={units} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function DrawSheet({ run, units, onClose }: { run: Run; units: UnitSystem; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const lots = useAppSelector(selectLots);
  const choices = unitsFor("oilVolume", units);
  const [amount, setAmount] = useState<NumberInput>({ text: "", unit: choices[0] ?? "mL" });
  const [tried, setTried] = useState(false);
  const read = readNumber(amount, { name: t`The oil`, ...limits.positive });
  const save = () => {
    setTried(true);
    if (!read.ok) return;
    const kept = dispatch(
      appendEntry(
        run.id,
        { type: "drawnOff", oilMl: read.value },
        {
          label: t`Run ${run.number}: more oil drawn off.`,
          along: (changed) => {
            const result = runState(changed.entries).result;
            return result ? lotsOfRun(changed, result, lots, new Date()) : [];
          },
        },
      ),
    );
    if (kept.ok) onClose();
  };
  return (
    <Sheet title={t`More oil drawn off`} open onClose={onClose} onSubmit={save}>
      <Txt>{t`Oil that separated later. It is added to this run.`}</Txt>
      <NumberField
        label={t`Oil`}
        value={amount}
        onChange={setAmount}
        choices={choices}
        problem={tried && !read.ok ? read.problem : undefined}
        required
      />
      <Button label={t`Add it`} onPress={save} />
    </Sheet>
  );
}
