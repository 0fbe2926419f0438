import { View } from "react-native";
import type { dayCalendar as DayCalendar } from "@/exchange/calendarFile";
import { handOver } from "@/exchange/download";
import { t } from "@/language/t";
import type { DayRecord } from "@/records/day";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import type { DayLine } from "./dayLines";

interface Props {
  day: DayRecord;
  lines: readonly DayLine[];
  nowMin: number;
}

/* What writes calendars comes with the first one that is asked for. */
async function calendarOf(...told: Parameters<typeof DayCalendar>): Promise<string> {
  const { dayCalendar } = await import("@/exchange/calendarFile");
  return dayCalendar(...told);
}

/** What to do when, from the first load to the last rinse; what is to come next stands out. */
export function Moments({ day, lines, nowMin }: Props) {
  const next = lines.findIndex(({ atMin }) => atMin >= nowMin);
  return (
    <Card className="no-print gap-2">
      <Txt variant="heading">{t`What to do when`}</Txt>
      {lines.map(({ key, clock, text, still }, i) => (
        <View key={key} className="flex-row gap-3">
          <Txt variant={i === next ? "strong" : "small"} style={{ width: 62 }}>
            {clock}
          </Txt>
          <View className="min-w-0 flex-1">
            <Txt variant={i === next ? "strong" : undefined}>{text}</Txt>
            <Txt variant="small">{still}</Txt>
          </View>
        </View>
      ))}
      <View className="no-print flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Put it in a calendar`}
          onPress={() =>
            void handOver(
              `sereno-day-${day.on}.ics`,
              calendarOf(
                day,
                lines.map(({ at, text, still }) => ({ at, title: text, detail: still })),
              ),
              "text/calendar",
            )
          }
        />
      </View>
    </Card>
  );
}
