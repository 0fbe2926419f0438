import { useState } from "react";
import { t } from "@/language/t";
import { useDraft } from "@/store/useDraft";
import { Button } from "@/ui/primitives/Button";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentButtons } from "@/ui/attachments/AttachmentsCard";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
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
  /* A picture or a spoken note is a note of its own, with what was typed so far. */
  const {
    items,
    dropped: _dropped,
    problem,
    ...attach
  } = useAttachments(log.runId, undefined, (what) => {
    const note = text.trim() || (what === "picture" ? t`Picture` : t`Spoken note`);
    const kept = log.write({ type: "note", note }, { agoMinutes: ago });
    if (!kept.ok) return undefined;
    draft.done();
    setText("");
    return kept.entryId;
  });
  const [before] = useState(() => Date.now());
  const added = items.filter(({ at }) => at >= before).length;
  function write() {
    const note = text.trim();
    if (note === "" || !log.write({ type: "note", note }, { agoMinutes: ago }).ok) return;
    draft.done();
    setText("");
    setAgo(0);
    onClose();
  }
  return (
    <Sheet title={t`Note`} open={open} onClose={onClose}>
      <AgoChoice runId={log.runId} value={ago} onChange={setAgo} />
      <TextField
        label={t`What you saw, smelt or did`}
        value={text}
        onChange={(next) => {
          setText(next);
          draft.note({ text: next });
        }}
        lines={4}
        maxLength={5000}
      />
      <Button label={t`Save entry`} disabled={text.trim() === ""} onPress={write} />
      {problem ? <Notice answersPress severity="error" message={problem} /> : null}
      <AttachmentButtons name={t`this run`} {...attach} />
      {added > 0 ? <Txt role="status">{t`${added} noted in the log.`}</Txt> : null}
    </Sheet>
  );
}
