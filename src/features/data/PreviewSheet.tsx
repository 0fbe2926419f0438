import type { ImportPreview } from "@/exchange/logbookFile";
import { plural, t } from "@/language/t";
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
    <Sheet title={t`What this file would do`} intro={name} open onClose={onClose}>
      <Card className="gap-2">
        <Txt variant="strong">{t`${count(added.length)} added`}</Txt>
        <Txt variant="small">{naming(added)}</Txt>
        <Txt variant="strong">{t`${count(changed.length)} changed`}</Txt>
        <Txt variant="small">{naming(changed)}</Txt>
        {gained.slice(0, 6).map(({ record, count: entries }) => (
          <Txt key={record.id} variant="small">
            {t`${plural(entries, { one: "# log entry", other: "# log entries" })} into ${nameOf(record)}`}
          </Txt>
        ))}
        <Txt variant="strong">{t`${count(skipped.length)} skipped: nothing new in them`}</Txt>
        {samples.length > 0 ? (
          <Txt variant="small">{t`${samples.length} stretches of instruments' samples`}</Txt>
        ) : null}
        {attachments.length > 0 ? (
          <Txt variant="small">
            {plural(attachments.length, {
              one: "# picture or spoken note",
              other: "# pictures and spoken notes",
            })}
          </Txt>
        ) : null}
        {setAside.length > 0 ? (
          <Txt variant="small">{t`${setAside.length} unreadable texts, to be set aside here too`}</Txt>
        ) : null}
      </Card>
      {broken.length > 0 ? (
        <Notice
          severity="caution"
          message={t`${count(broken.length)} would not open and will be left out.`}
          remedy={broken.slice(0, 3).join(" ")}
        />
      ) : null}
      <Button
        label={something ? t`Bring in` : t`Nothing to bring in`}
        disabled={!something}
        onPress={() => onTake(preview)}
      />
    </Sheet>
  );
}

function count(records: number): string {
  return plural(records, { one: "# record", other: "# records" });
}

function naming(records: ImportPreview["added"]): string {
  const names = records.slice(0, 6).map((record) => nameOf(record));
  return records.length > 6
    ? t`${names.join(", ")} and ${records.length - 6} more`
    : names.join(", ");
}
