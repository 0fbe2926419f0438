import { ticks } from "d3-array";
import line from "d3-shape/src/line.js";
import { View } from "react-native";
import Svg, { G, Line, Path, Text as SvgText } from "react-native-svg";
import { t } from "@/language/t";
import { linear } from "./linear";
import { ValueAxis } from "./ValueAxis";

interface Props {
  points: readonly { minutes: number; value: number }[];
  /** A level that should not be passed. */
  limit?: number;
  unit: string;
  inWords: string;
}

/** A single quantity over time, with its limit. */
export function Steps({ points, limit, unit, inWords }: Props) {
  const end = Math.max(1, points.at(-1)?.minutes ?? 1);
  const values = points.map(({ value }) => value);
  const top = Math.max(limit ?? 0, ...values) * 1.08 || 1;
  const x = linear([0, end], [34, 348]);
  const y = linear([0, top], [92, 10]);
  const path = line<(typeof points)[number]>(
    ({ minutes }) => x(minutes),
    ({ value }) => y(value),
  )([...points]);
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox="0 0 360 114" width="100%" aria-hidden>
        <ValueAxis most={top} y={y} left={34} right={348} lines={3} />
        {limit === undefined ? null : (
          <G>
            <Line
              x1={34}
              x2={348}
              y1={y(limit)}
              y2={y(limit)}
              stroke="var(--ember)"
              strokeWidth={1.6}
              strokeDasharray="5 4"
            />
            <SvgText
              x={38}
              y={y(limit) - 4}
              fontFamily="Atkinson_600"
              fontSize={12}
              fill="var(--ember-ink)"
            >
              {t`limit ${limit} ${unit}`}
            </SvgText>
          </G>
        )}
        <Path d={path ?? ""} stroke="var(--dew)" strokeWidth={2.6} fill="none" />
        {ticks(0, end, 4).map((tick, i, all) => (
          <SvgText
            key={tick}
            x={x(tick)}
            y={110}
            textAnchor={i === 0 ? "start" : "middle"}
            fontFamily="Atkinson_400"
            fontSize={12}
            fill="var(--soft)"
          >
            {i === all.length - 1 ? t`${tick} min` : tick}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
