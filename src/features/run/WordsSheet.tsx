import { useState } from "react";
import { unitsFor, type UnitSystem } from "@/core";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { readNumber, toInput } from "@/ui/primitives/numberInput";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import type { NewEntry } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  onWrite: (entry: NewEntry) => void;
}

/** A note in one's own words. */
export function NoteSheet({ open, onClose, onWrite }: Props) {
  const [text, setText] = useState("");
  return (
    <Sheet title="Note" open={open} onClose={onClose}>
      <TextField
        label="What you saw, smelt or did"
        value={text}
        onChange={setText}
        lines={4}
        maxLength={5000}
      />
      <Button
        label="Write it down"
        disabled={text.trim() === ""}
        onPress={() => {
          onWrite({ type: "note", at: new Date().toISOString(), note: text.trim() });
          setText("");
          onClose();
        }}
      />
    </Sheet>
  );
}

/** Water put into the pot while it runs. */
export function WaterSheet({ open, onClose, onWrite, units }: Props & { units: UnitSystem }) {
  const choices = unitsFor("volume", units);
  const [volume, setVolume] = useState(toInput(undefined, choices[0] ?? "mL"));
  const read = readNumber(volume, { name: "Water", min: 0, max: 1e5, above: true });
  return (
    <Sheet
      title="Water added"
      intro="Only hot water, and only through a filling port: never open a still that boils."
      open={open}
      onClose={onClose}
    >
      <NumberField
        label="How much"
        value={volume}
        onChange={setVolume}
        choices={choices}
        problem={volume.text && !read.ok ? read.problem : undefined}
      />
      <Button
        label="Write it down"
        disabled={!read.ok}
        onPress={() => {
          if (!read.ok) return;
          onWrite({ type: "waterAdded", at: new Date().toISOString(), volumeMl: read.value });
          setVolume(toInput(undefined, volume.unit));
          onClose();
        }}
      />
    </Sheet>
  );
}
