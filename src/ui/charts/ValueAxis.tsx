import { ticks } from "d3-array";
import { G, Line, Text as SvgText } from "react-native-svg";

interface Props {
  /** The highest value; the lowest is nothing. */
  most: number;
  y: (value: number) => number;
  left: number;
  right: number;
  /** About so many lines. */
  lines?: number;
  /** Written above, at the left edge. */
  unit?: string;
}

/** The lines across a chart with their values at the left. */
export function ValueAxis({ most, y, left, right, lines = 4, unit }: Props) {
  return (
    <G>
      {unit === undefined ? null : (
        <SvgText x={4} y={11} fontFamily="Atkinson_600" fontSize={12} fill="var(--soft)">
          {unit}
        </SvgText>
      )}
      {ticks(0, most, lines).map((tick) => (
        <G key={tick}>
          <Line x1={left} x2={right} y1={y(tick)} y2={y(tick)} stroke="var(--line)" />
          <SvgText
            x={left - 5}
            y={y(tick) + 4}
            textAnchor="end"
            fontFamily="Atkinson_400"
            fontSize={12}
            fill="var(--soft)"
          >
            {tick}
          </SvgText>
        </G>
      ))}
    </G>
  );
}
