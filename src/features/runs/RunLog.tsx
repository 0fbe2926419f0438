import { View } from "react-native";
import { showTime, type UnitSystem } from "@/core";
import type { RunState } from "@/logbook/run/runState";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { logLine } from "@/words/logLine";

/** All that was written down of a run, as it stands corrected. */
export function RunLog({ entries, units }: { entries: RunState["entries"]; units: UnitSystem }) {
  return (
    <Card className="gap-1">
      <Txt variant="heading">Log</Txt>
      {entries.length === 0 ? <Txt variant="small">Nothing is written down yet.</Txt> : null}
      {entries.map((entry) => {
        const { what, detail } = logLine(entry, units);
        return (
          <View key={entry.id} className="flex-row gap-3 border-b border-line py-2">
            <Txt variant="label" className="w-[52px]">
              {showTime(new Date(entry.at))}
            </Txt>
            <View className="min-w-0 flex-1">
              <Txt variant="strong">{what}</Txt>
              {detail ? <Txt variant="small">{detail}</Txt> : null}
            </View>
          </View>
        );
      })}
    </Card>
  );
}
