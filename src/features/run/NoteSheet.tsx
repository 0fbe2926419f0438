import { useState } from "react";
import { useDraft } from "@/store/useDraft";
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

const beginning = { text: "" };

/** A note in one's own words. */
export function NoteSheet({ open, onClose, log }: Props) {
  const draft = useDraft(`note/${log.runId}`, beginning);
  const [text, setText] = useState(draft.start.text);
  const [ago, setAgo] = useState(0);
  function write() {
    const note = text.trim();
    if (note === "" || !log.write({ type: "note", note }, { agoMinutes: ago }).ok) return;
    draft.done();
    setText("");
    setAgo(0);
    onClose();
  }
  return (
    <Sheet title="Note" open={open} onClose={onClose}>
      <AgoChoice value={ago} onChange={setAgo} />
      <TextField
        label="What you saw, smelt or did"
        value={text}
        onChange={(next) => {
          setText(next);
          draft.note({ text: next });
        }}
        lines={4}
        maxLength={5000}
      />
      <Button label="Write it down" disabled={text.trim() === ""} onPress={write} />
    </Sheet>
  );
}
