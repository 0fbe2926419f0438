import Svg, { Circle, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { fixed } from "@/core/units/format";
import { t } from "@/language/t";
import { ReadableChart } from "./ReadableChart";
import { linear } from "./linear";

interface Props {
  /** Days since it was made, and what was read then. */
  readings: readonly { day: number; ph: number }[];
  /** What such a hydrosol usually has. */
  usual?: readonly [number, number];
  /** The lot's own first reading, and how far from it means it has turned. */
  first?: number;
  step: number;
  inWords: string;
}

const width = 340;
const height = 150;
const left = 34;
const right = 10;
const top = 10;
const bottom = 24;

/** A hydrosol's pH over the days: its readings, the plant's usual band, and the lines it must not cross. */
export function PhChart({ readings, usual, first, step, inWords }: Props) {
  const values = [
    ...readings.map(({ ph }) => ph),
    ...(usual ?? []),
    ...(first === undefined ? [] : [first - step, first + step]),
  ];
  const low = Math.floor((Math.min(...values) - 0.1) * 2) / 2;
  const high = Math.ceil((Math.max(...values) + 0.1) * 2) / 2;
  const lastDay = Math.max(30, ...readings.map(({ day }) => day));
  const x = linear([0, lastDay], [left, width - right]);
  const y = linear([low, high], [height - bottom, top]);
  const by = high - low > 2 ? 1 : 0.5;
  const ticks = Array.from({ length: Math.floor((high - low) / by) + 1 }, (_, i) => low + i * by);
  return (
    <ReadableChart
      inWords={inWords}
      at={readings.map(({ day }) => x(day) / width)}
      said={(row) => t`Day ${Math.round(readings[row]!.day)}: pH ${fixed(readings[row]!.ph, 1)}`}
      table={{
        name: t`pH over the days`,
        columns: ["day", "pH"],
        rows: readings.map(({ day, ph }) => [day, ph]),
      }}
    >
      <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
        {usual ? (
          <Rect
            x={left}
            y={y(usual[1])}
            width={width - left - right}
            height={Math.max(2, y(usual[0]) - y(usual[1]))}
            fill="var(--dew-wash)"
          />
        ) : null}
        {ticks.map((tick) => (
          <SvgText
            key={tick}
            x={left - 6}
            y={y(tick) + 4}
            fontSize={12}
            textAnchor="end"
            fill="var(--soft)"
          >
            {tick.toFixed(1)}
          </SvgText>
        ))}
        {first === undefined
          ? null
          : [first - step, first + step].map((edge) => (
              <Line
                key={edge}
                x1={left}
                x2={width - right}
                y1={y(edge)}
                y2={y(edge)}
                stroke="var(--ember)"
                strokeDasharray="5 4"
                strokeWidth={1.5}
              />
            ))}
        <Line
          x1={left}
          x2={width - right}
          y1={height - bottom}
          y2={height - bottom}
          stroke="var(--edge)"
        />
        <Path
          d={readings.map(({ day, ph }, i) => `${i === 0 ? "M" : "L"}${x(day)} ${y(ph)}`).join("")}
          fill="none"
          stroke="var(--dew)"
          strokeWidth={2.5}
        />
        {readings.map(({ day, ph }) => (
          <Circle key={day} cx={x(day)} cy={y(ph)} r={4.5} fill="var(--dew)" />
        ))}
        <SvgText x={left} y={height - 6} fontSize={12} fill="var(--soft)">
          {t`made`}
        </SvgText>
        <SvgText x={width - right} y={height - 6} fontSize={12} textAnchor="end" fill="var(--soft)">
          {t`day ${Math.round(lastDay)}`}
        </SvgText>
      </Svg>
    </ReadableChart>
  );
}
