import { ticks } from "d3-array";
import area from "d3-shape/src/area.js";
import line from "d3-shape/src/line.js";
import Svg, { Circle, G, Line, Path } from "react-native-svg";
import { fontToFit } from "./fontToFit";
import { plainNumber, significant } from "@/core/units/format";
import type { Percentiles } from "@/core/statistics/chance";
import { t } from "@/language/t";
import { GroundedText } from "./GroundedText";
import { ReadableChart } from "./ReadableChart";
import { linear } from "./linear";

interface Props {
  /** Where 8 in 10 lie, over minutes from the first drop. */
  fan: readonly ({ minutes: number } & Percentiles)[];
  unit: string;
  /** What was really seen so far. */
  measured?: readonly { minutes: number; value: number }[];
  /** A line of its own over the fan: what the run has come to so far. */
  track?: readonly { minutes: number; value: number }[];
  /** Upright lines with a word each. */
  marks?: readonly { minutes: number; label: string; strong?: boolean }[];
  /** A few words at the top right. */
  note?: string;
  inWords: string;
  height?: number;
  /** Part of something that is pressed as a whole. */
  plain?: boolean;
}

const width = 360;
const left = 34;
const right = 348;

/** A forecast over time: the middle as a line, where 8 in 10 lie as a band, what was seen as dots. */
export function Fan({
  fan,
  unit,
  measured = [],
  track,
  marks = [],
  note,
  inWords,
  height = 170,
  plain = false,
}: Props) {
  const bottom = height - 24;
  const end = Math.max(1, fan.at(-1)?.minutes ?? 1, ...measured.map(({ minutes }) => minutes));
  const most = Math.max(0.001, ...fan.map(({ p90 }) => p90), ...measured.map(({ value }) => value));
  const x = linear([0, end], [left, right]);
  const y = linear([0, most * 1.08], [bottom, 16]);
  const band = area<(typeof fan)[number]>(
    ({ minutes }) => x(minutes),
    ({ p10 }) => y(p10),
    ({ p90 }) => y(p90),
  )([...fan]);
  const middle = line<(typeof fan)[number]>(
    ({ minutes }) => x(minutes),
    ({ p50 }) => y(p50),
  )([...fan]);
  const tracked = track
    ? line<(typeof track)[number]>(
        ({ minutes }) => x(minutes),
        ({ value }) => y(value),
      )([...track])
    : null;
  /* The axis and the note share the top line. */
  const topSize = fontToFit(`${unit}  ${note ?? ""}`, right - left + 5, 12);
  return (
    <ReadableChart
      inWords={inWords}
      plain={plain}
      at={fan.map(({ minutes }) => x(minutes) / width)}
      said={(row) => {
        const { minutes, p10, p50, p90 } = fan[row]!;
        return t`${Math.round(minutes)} min: ${significant(p50, 3)} ${unit}, likely ${significant(p10, 2)} to ${significant(p90, 2)}`;
      }}
      table={{
        name: t`oil over the run`,
        columns: ["minutes", `p10, ${unit}`, `p50, ${unit}`, `p90, ${unit}`],
        rows: fan.map(({ minutes, p10, p50, p90 }) => [minutes, p10, p50, p90]),
      }}
    >
      <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
        {apart(ticks(0, most * 1.08, 3), y).map((tick) => (
          <G key={tick}>
            <Line
              x1={left}
              x2={right}
              y1={y(tick)}
              y2={y(tick)}
              stroke="var(--line)"
              strokeWidth={1}
            />
            <Mark x={left - 5} y={y(tick) + 4} anchor="end">
              {plainNumber(tick)}
            </Mark>
          </G>
        ))}
        <Path d={band ?? ""} fill="var(--oil)" opacity={0.22} />
        {/* The wash alone is too faint to be seen by everybody: its edges are drawn. */}
        <Path d={band ?? ""} stroke="var(--oil-ink)" strokeWidth={1} fill="none" />
        <Path
          d={middle ?? ""}
          stroke="var(--oil)"
          strokeWidth={track ? 2 : 2.6}
          strokeDasharray={track ? "5 4" : undefined}
          fill="none"
        />
        {tracked ? <Path d={tracked} stroke="var(--oil)" strokeWidth={3} fill="none" /> : null}
        {spread(marks, end).map(({ minutes, label, strong, row }) => (
          <G key={label}>
            <Line
              x1={x(minutes)}
              x2={x(minutes)}
              y1={14}
              y2={bottom}
              stroke={strong ? "var(--ember)" : "var(--soft)"}
              strokeWidth={strong ? 2 : 1.2}
              strokeDasharray="3 4"
            />
            <Mark
              x={x(minutes) + (minutes > end * 0.6 ? -4 : 4)}
              y={bottom - 8 - row * 14}
              anchor={minutes > end * 0.6 ? "end" : "start"}
              ink={strong ? "var(--ember-ink)" : "var(--soft)"}
            >
              {label}
            </Mark>
          </G>
        ))}
        {measured.map(({ minutes, value }) => (
          <Circle
            key={minutes}
            cx={x(minutes)}
            cy={y(value)}
            r={5}
            fill="var(--oil)"
            stroke="var(--panel)"
            strokeWidth={2}
          />
        ))}
        {ticks(0, end, 4).map((tick, i, all) => (
          <Mark key={tick} x={x(tick)} y={height - 6} anchor={i === 0 ? "start" : "middle"}>
            {i === all.length - 1 ? t`${tick} min` : String(tick)}
          </Mark>
        ))}
        <Mark x={left - 5} y={11} anchor="start" size={topSize}>
          {unit}
        </Mark>
        {note ? (
          <Mark x={right} y={11} anchor="end" ink="var(--ember-ink)" size={topSize}>
            {note}
          </Mark>
        ) : null}
      </Svg>
    </ReadableChart>
  );
}

function Mark({
  x,
  y,
  anchor,
  ink = "var(--soft)",
  size,
  children,
}: {
  x: number;
  y: number;
  anchor: "start" | "middle" | "end";
  ink?: string;
  size?: number;
  children: string;
}) {
  return (
    <GroundedText
      x={x}
      y={y}
      textAnchor={anchor}
      fontFamily="Atkinson_400"
      fontSize={size ?? 12}
      fill={ink}
    >
      {children}
    </GroundedText>
  );
}

/* Values whose words do not lie on one another: every second or third one where the chart is low. */
function apart(values: readonly number[], y: (value: number) => number): readonly number[] {
  const gap = Math.abs(y(values[1] ?? 0) - y(values[0] ?? 0));
  const every = gap > 0 ? Math.max(1, Math.ceil(lineHeight / gap)) : 1;
  return values.filter((_, i) => i % every === 0);
}
const lineHeight = 13;

/* Labels of marks that stand close go on rows of their own. */
function spread<T extends { minutes: number }>(
  marks: readonly T[],
  end: number,
): (T & { row: number })[] {
  const sorted = [...marks]
    .filter(({ minutes }) => minutes <= end * 1.001)
    .sort((a, b) => a.minutes - b.minutes);
  return sorted.map((mark, row) => ({ ...mark, row }));
}
