import { useState } from "react";
import { Button } from "@/ui/primitives/Button";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { AgoChoice } from "./AgoChoice";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
}

/** A note in one's own words. */
export function NoteSheet({ open, onClose, log }: Props) {
  const [text, setText] = useState("");
  const [ago, setAgo] = useState(0);
  return (
    <Sheet title="Note" open={open} onClose={onClose}>
      <AgoChoice value={ago} onChange={setAgo} />
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
          log.write({ type: "note", note: text.trim() }, { agoMinutes: ago });
          setText("");
          setAgo(0);
          onClose();
        }}
      />
    </Sheet>
  );
}
