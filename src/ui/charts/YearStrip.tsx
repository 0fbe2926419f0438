import Svg, { Circle, Line, Rect } from "react-native-svg";
import { View } from "react-native";
import { linear } from "./linear";

interface Props {
  /** The stretch of the year, days from 1 January; over the new year where `to` is below `from`. */
  window?: { from: number; to: number };
  /** Days on which something was. */
  days: readonly number[];
  today: number;
  inWords: string;
}

const [width, height] = [360, 18];
const x = linear([0, 365], [0, width]);

/** A year as a strip of twelve months: a stretch of it, days in it, and today. */
export function YearStrip({ window, days, today, inWords }: Props) {
  const stretches = !window
    ? []
    : window.from <= window.to
      ? [[window.from, window.to] as const]
      : [[0, window.to] as const, [window.from, 365] as const];
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
        <Rect x={0} y={4} width={width} height={10} fill="var(--line)" />
        {Array.from({ length: 11 }, (_, i) => (
          <Line
            key={i}
            x1={(width / 12) * (i + 1)}
            x2={(width / 12) * (i + 1)}
            y1={4}
            y2={14}
            stroke="var(--panel)"
          />
        ))}
        {stretches.map(([from, to]) => (
          <Rect
            key={from}
            x={x(from)}
            y={4}
            width={Math.max(2, x(to) - x(from))}
            height={10}
            fill="var(--leaf)"
          />
        ))}
        {days.map((day, i) => (
          <Circle
            key={`${day} ${i}`}
            cx={x(day)}
            cy={9}
            r={3.4}
            fill="var(--oil)"
            stroke="var(--panel)"
            strokeWidth={1.4}
          />
        ))}
        <Line
          x1={x(today)}
          x2={x(today)}
          y1={0}
          y2={height}
          stroke="var(--ember)"
          strokeWidth={2}
        />
      </Svg>
    </View>
  );
}
