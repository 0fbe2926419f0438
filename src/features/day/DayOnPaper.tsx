import { Text, View } from "react-native";
import type { DayLine } from "./dayLines";

interface Props {
  /** What the day is and its limits, a line each. */
  head: readonly string[];
  lines: readonly DayLine[];
}

/* Wet hands turn no page: so many lines stand in one column, what is more in two. */
const oneColumn = 34;

/** The day as it is printed: one sheet with a box to tick for each thing that hands do. Not on the screen. */
export function DayOnPaper({ head, lines }: Props) {
  return (
    <View className="on-paper" aria-hidden>
      {head.map((text) => (
        <View key={text}>
          <Text className="font-body text-[15px] leading-[20px]">{text}</Text>
        </View>
      ))}
      <View className={`mt-3 ${lines.length > oneColumn ? "on-paper-columns" : ""}`}>
        {lines.map(({ key, clock, text, still }) => (
          <View
            key={key}
            role="row"
            className="flex-row items-start gap-3 border-b border-line py-[3px]"
          >
            <Text className="font-body text-[14px]">☐</Text>
            <Text className="font-bold text-[14px]" style={{ width: 12 + 8 * clock.length }}>
              {clock}
            </Text>
            <Text className="min-w-0 flex-1 font-body text-[14px]">{`${text} · ${still}`}</Text>
          </View>
        ))}
      </View>
    </View>
  );
}
