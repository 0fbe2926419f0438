import { ticks } from "d3-array";
import { View } from "react-native";
import Svg, { Circle, Line, Rect, Text as SvgText } from "react-native-svg";
import { significant } from "@/core/units/format";
import type { Percentiles } from "@/core/statistics/chance";

interface Props {
  /** What was expected: 8 in 10 lie between p10 and p90. */
  expected: Percentiles;
  /** What was measured, in the same unit; absent while nothing is. */
  measured?: number;
  unit: string;
  inWords: string;
}

/** A measured amount against the range that was expected of it. */
export function RangeBar({ expected, measured, unit, inWords }: Props) {
  const top = Math.max(expected.p90, measured ?? 0) * 1.2 || 1;
  const x = (value: number) => 8 + (value / top) * 324;
  const marks = ticks(0, top, 4);
  return (
    <View role="img" aria-label={inWords}>
      <Svg viewBox="0 0 340 76" width="100%" aria-hidden>
        <Rect
          x={x(expected.p10)}
          y={12}
          width={Math.max(2, x(expected.p90) - x(expected.p10))}
          height={34}
          rx={6}
          fill="var(--oil-wash)"
          stroke="var(--oil-ink)"
          strokeWidth={1.4}
        />
        <Line
          x1={x(expected.p50)}
          x2={x(expected.p50)}
          y1={12}
          y2={46}
          stroke="var(--oil)"
          strokeWidth={2}
          strokeDasharray="3 3"
        />
        <Line x1={8} x2={332} y1={52} y2={52} stroke="var(--line)" strokeWidth={1.5} />
        {measured === undefined ? null : (
          <Circle
            cx={x(measured)}
            cy={29}
            r={8.5}
            fill="var(--oil)"
            stroke="var(--panel)"
            strokeWidth={2}
          />
        )}
        {marks.map((tick) => (
          <SvgText
            key={tick}
            x={tick === marks.at(-1) && x(tick) > 300 ? 338 : x(tick)}
            y={68}
            textAnchor={tick === marks.at(-1) && x(tick) > 300 ? "end" : "middle"}
            fontFamily="Atkinson_400"
            fontSize={12.5}
            fill="var(--soft)"
          >
            {tick === marks.at(-1) ? `${significant(tick, 2)} ${unit}` : significant(tick, 2)}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
