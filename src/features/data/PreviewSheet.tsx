import { counted } from "@/core/units/format";
import type { ImportPreview } from "@/exchange/logbookFile";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { nameOf } from "@/words/nameOf";

interface PreviewProps {
  name: string;
  preview: ImportPreview;
  onClose: () => void;
  onTake: (preview: ImportPreview) => void;
}

/** What a logbook file would add, change and leave, before it does. */
export function PreviewSheet({ name, preview, onClose, onTake }: PreviewProps) {
  const { added, changed, gained, skipped, broken, samples, attachments, setAside } = preview;
  const something =
    added.length + changed.length + samples.length + attachments.length + setAside.length > 0;
  return (
    <Sheet title="What this file would do" intro={name} open onClose={onClose}>
      <Card className="gap-2">
        <Txt variant="strong">{`${count(added.length)} added`}</Txt>
        <Txt variant="small">{naming(added)}</Txt>
        <Txt variant="strong">{`${count(changed.length)} changed`}</Txt>
        <Txt variant="small">{naming(changed)}</Txt>
        {gained.slice(0, 6).map(({ record, count: entries }) => (
          <Txt key={record.id} variant="small">
            {`${counted(entries, "log entry", "log entries")} into ${nameOf(record)}`}
          </Txt>
        ))}
        <Txt variant="strong">{`${count(skipped.length)} skipped: nothing new in them`}</Txt>
        {samples.length > 0 ? (
          <Txt variant="small">{`${samples.length} stretches of instruments' samples`}</Txt>
        ) : null}
        {attachments.length > 0 ? (
          <Txt variant="small">
            {counted(attachments.length, "picture or spoken note", "pictures and spoken notes")}
          </Txt>
        ) : null}
        {setAside.length > 0 ? (
          <Txt variant="small">{`${setAside.length} unreadable texts, to be set aside here too`}</Txt>
        ) : null}
      </Card>
      {broken.length > 0 ? (
        <Notice
          severity="caution"
          message={`${count(broken.length)} would not open and will be left out.`}
          remedy={broken.slice(0, 3).join(" ")}
        />
      ) : null}
      <Button
        label={something ? "Bring in" : "Nothing to bring in"}
        disabled={!something}
        onPress={() => onTake(preview)}
      />
    </Sheet>
  );
}

function count(records: number): string {
  return counted(records, "record");
}

function naming(records: ImportPreview["added"]): string {
  const names = records.slice(0, 6).map((record) => nameOf(record));
  return records.length > 6
    ? `${names.join(", ")} and ${records.length - 6} more`
    : names.join(", ");
}
