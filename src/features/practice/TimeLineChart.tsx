import { ticks } from "d3-array";
import { useState } from "react";
import { View } from "react-native";
import Svg, { Circle, Line, Rect, Text as SvgText } from "react-native-svg";
import { t } from "@/language/t";
import { lanes, type Lane, type Mark } from "./timeLine";

const names: Record<Lane, string> = {
  happened: t`At the still`,
  known: t`To be known`,
  rang: t`Sereno`,
  done: t`You`,
};
const gutter = 88;
const laneHeight = 34;
const foot = 24;
const wordsWidth = 58;
/* Room for half of the last minute's words. */
const margin = 26;

/** What happened, what could be known, what rang and what was done, one above the other over the minutes. */
export function TimeLineChart({
  marks,
  fromSecond,
  endSecond,
}: {
  marks: readonly Mark[];
  fromSecond: number;
  endSecond: number;
}) {
  const [width, setWidth] = useState(340);
  const span = Math.max(60, endSecond - fromSecond);
  const x = (second: number) =>
    gutter + ((Math.max(fromSecond, second) - fromSecond) / span) * (width - gutter - margin);
  const height = lanes.length * laneHeight + foot;
  /* As many as have room for their words. */
  const most = Math.max(2, Math.floor((width - gutter - margin) / wordsWidth));
  const minutes =
    [8, 6, 4, 3, 2]
      .map((count) => ticks(fromSecond / 60, endSecond / 60, count))
      .find(({ length }) => length <= most) ?? [];
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Svg
        width={width}
        height={height}
        role="img"
        aria-label={t`Time line of the exercise; the list below tells the same`}
      >
        {minutes.map((each) => (
          <Line
            key={each}
            x1={x(each * 60)}
            x2={x(each * 60)}
            y1={0}
            y2={height - foot}
            stroke="var(--line)"
          />
        ))}
        {lanes.map((lane, i) => (
          <SvgText
            key={lane}
            x={0}
            y={i * laneHeight + 21}
            fontSize={13}
            fontFamily="Atkinson_600"
            fill="var(--soft)"
          >
            {names[lane]}
          </SvgText>
        ))}
        {marks.map(({ lane, second, until, danger }, i) => {
          const y = lanes.indexOf(lane) * laneHeight + laneHeight / 2;
          const fill = danger || until !== undefined ? "var(--ember)" : "var(--bottle)";
          return until === undefined ? (
            <Circle
              key={i}
              cx={x(second)}
              cy={y}
              r={danger ? 7 : 5}
              fill={lane === "known" ? "var(--panel)" : fill}
              stroke={lane === "known" ? "var(--oil)" : fill}
              strokeWidth={2.5}
            />
          ) : (
            <Rect
              key={i}
              x={x(second)}
              y={y - 6}
              width={Math.max(4, x(until) - x(second))}
              height={12}
              rx={6}
              fill="var(--ember)"
              opacity={0.55}
            />
          );
        })}
        {minutes.map((each) => (
          <SvgText
            key={each}
            x={x(each * 60)}
            y={height - 6}
            fontSize={13}
            textAnchor="middle"
            fontFamily="Atkinson_600"
            fill="var(--soft)"
          >
            {t`${each} min`}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
