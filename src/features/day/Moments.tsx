import { View } from "react-native";
import { momentsOf } from "@/core/day/acts";
import { showTime } from "@/core/units/dates";
import { showIce, showMass, words } from "@/core/units/format";
import type { dayCalendar as DayCalendar } from "@/exchange/calendarFile";
import { handOver } from "@/exchange/download";
import type { DayRecord } from "@/records/day";
import { useUnits } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { dayActWords } from "@/words/dayLayoutWords";
import type { ChartCharge } from "./DayChart";

interface Props {
  day: DayRecord;
  charges: readonly ChartCharge[];
  beginning: number;
  nowMin: number;
  stillName: (id: string) => string;
}

/* What writes calendars comes with the first one that is asked for. */
async function calendarOf(...told: Parameters<typeof DayCalendar>): Promise<string> {
  const { dayCalendar } = await import("@/exchange/calendarFile");
  return dayCalendar(...told);
}

/** What to do when, from the first load to the last rinse; what is to come next stands out. */
export function Moments({ day, charges, beginning, nowMin, stillName }: Props) {
  const units = useUnits();
  const moments = momentsOf(charges).filter(({ act }) => act !== "done");
  const next = moments.findIndex(({ atMin }) => atMin >= nowMin);
  const lines = moments.map(({ atMin, act, charge }) => {
    const { name } = charges.find(({ id }) => id === charge.id)!;
    const of = day.charges.find(({ id }) => id === charge.id);
    const takes = of?.on[charge.still];
    const mass = act === "load" && of ? `, ${words(showMass(of.massG, units))}` : "";
    const ice =
      act === "lit" && takes && takes.iceKg > 0
        ? `, ${words(showIce(takes.iceKg, units))} of ice`
        : "";
    return {
      at: beginning + atMin * 60_000,
      text: `${dayActWords[act]}: ${name}${mass}${ice}`,
      still: stillName(charge.still),
    };
  });
  return (
    <Card className="gap-2">
      <Txt variant="heading">What to do when</Txt>
      {lines.map(({ at, text, still }, i) => (
        <View key={`${at}-${text}`} className="flex-row gap-3">
          <Txt variant={i === next ? "strong" : "small"} style={{ width: 62 }}>
            {showTime(at)}
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
          label="Put it in a calendar"
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
