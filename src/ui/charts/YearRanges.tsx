import { View } from "react-native";
import Svg, { Circle, G, Line, Text as SvgText } from "react-native-svg";
import { linear } from "./linear";
import { ValueAxis } from "./ValueAxis";

interface Props {
  years: readonly { year: number; low: number; middle: number; high: number }[];
  unit: string;
  inWords: string;
}

const [left, right, top, bottom] = [36, 348, 22, 116];

/** A figure year by year: from the lowest to the highest, with the middle on it. */
export function YearRanges({ years, unit, inWords }: Props) {
  const most = Math.max(...years.map(({ high }) => high)) * 1.08;
  const y = linear([0, most], [bottom, top]);
  const step = (right - left) / years.length;
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox="0 0 360 138" width="100%" aria-hidden>
        <ValueAxis most={most} y={y} left={left} right={right} lines={3} unit={unit} />
        {years.map(({ year, low, middle, high }, i) => {
          const x = left + step * (i + 0.5);
          return (
            <G key={year}>
              <Line
                x1={x}
                x2={x}
                y1={y(low)}
                y2={y(high)}
                stroke="var(--leaf)"
                strokeWidth={6}
                strokeLinecap="round"
              />
              <Circle
                cx={x}
                cy={y(middle)}
                r={6}
                fill="var(--panel)"
                stroke="var(--leaf)"
                strokeWidth={2.6}
              />
              <SvgText
                x={x}
                y={bottom + 16}
                textAnchor="middle"
                fontFamily="Atkinson_400"
                fontSize={12}
                fill="var(--soft)"
              >
                {year}
              </SvgText>
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
