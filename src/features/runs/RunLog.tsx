import { View } from "react-native";
import { showTime } from "@/core/units/dates";
import type { UnitSystem } from "@/core/units/units";
import type { ShownAttachment } from "@/exchange/useAttachments";
import { t } from "@/language/t";
import type { RunState } from "@/logbook/run/runState";
import { AttachmentView } from "@/ui/attachments/AttachmentView";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { logLine } from "@/words/logLine";

interface Props {
  entries: RunState["entries"];
  /** Pictures and spoken notes of the run, those of an entry among them. */
  attachments: readonly ShownAttachment[];
  units: UnitSystem;
}

/** All that was written down of a run, as it stands corrected, with what was seen and said. */
export function RunLog({ entries, attachments, units }: Props) {
  return (
    <Card className="gap-1">
      <Txt variant="heading">{t`Log`}</Txt>
      {entries.length === 0 ? <Txt variant="small">{t`Nothing is written down yet.`}</Txt> : null}
      {entries.map((entry) => {
        const { what, detail } = logLine(entry, units);
        return (
          <View key={entry.id} className="flex-row gap-3 border-b border-line py-2">
            <Txt variant="label" className="w-[66px]">
              {showTime(new Date(entry.at))}
            </Txt>
            <View className="min-w-0 flex-1 gap-1">
              <Txt variant="strong">{what}</Txt>
              {detail ? <Txt variant="small">{detail}</Txt> : null}
              {attachments
                .filter(({ entryId }) => entryId === entry.id)
                .map(({ id, href, aspect }) => (
                  <AttachmentView
                    key={id}
                    href={href}
                    aspect={aspect}
                    name={`${what}, ${showTime(new Date(entry.at))}`}
                  />
                ))}
            </View>
          </View>
        );
      })}
    </Card>
  );
}
