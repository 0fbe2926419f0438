import { ticks } from "d3-array";
import { View } from "react-native";
import Svg, { G, Line, Path, Text as SvgText } from "react-native-svg";
import { thinned, type Series } from "@/core";
import { linear } from "./linear";

interface Trace {
  name: string;
  series: Series;
  unit: string;
}

interface Props {
  lines: readonly Trace[];
  inWords: string;
}

const [left, right, top, bottom] = [30, 330, 10, 118];
/* One stretch a drawn pixel and a half: what is kept is more, what is drawn looks the same. */
const stretches = 200;
const inks = ["var(--ember)", "var(--oil)", "var(--dew)", "var(--leaf)"];
const dashes = [undefined, "6 3", undefined, "2 3"];

/** Several channels over one time: temperatures on the left scale, masses on the right one. */
export function Traces({ lines, inWords }: Props) {
  const drawn = lines.map((line) => ({ ...line, series: thinned(line.series, stretches) }));
  const from = Math.min(...drawn.map(({ series }) => series.at[0] ?? Infinity));
  const to = Math.max(...drawn.map(({ series }) => series.at.at(-1) ?? -Infinity));
  const x = linear([from, Math.max(to, from + 60000)], [left, right]);
  const degrees = linear([0, 105], [bottom, top]);
  const mostG = Math.max(
    100,
    ...drawn.filter(({ unit }) => unit === "g").flatMap(({ series }) => series.value),
  );
  const grams = linear([0, mostG], [bottom, top]);
  const path = ({ series, unit }: Trace) => {
    const y = unit === "g" ? grams : degrees;
    let text = "";
    for (let i = 0; i < series.at.length; i += 1)
      text += `${i === 0 ? "M" : "L"}${x(series.at[i]!).toFixed(1)} ${y(series.value[i]!).toFixed(1)}`;
    return text;
  };
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox="0 0 360 152" width="100%" aria-hidden>
        {[0, 25, 50, 75, 100].map((tick) => (
          <G key={tick}>
            <Line x1={left} x2={right} y1={degrees(tick)} y2={degrees(tick)} stroke="var(--line)" />
            <SvgText
              x={left - 4}
              y={degrees(tick) + 4}
              textAnchor="end"
              fontFamily="Atkinson_400"
              fontSize={11}
              fill="var(--soft)"
            >
              {tick}
            </SvgText>
          </G>
        ))}
        {ticks(0, mostG, 2).map((tick) => (
          <SvgText
            key={tick}
            x={right + 3}
            y={grams(tick) + 4}
            fontFamily="Atkinson_400"
            fontSize={11}
            fill="var(--soft)"
          >
            {tick}
          </SvgText>
        ))}
        {drawn.map((line, index) => (
          <Path
            key={line.name}
            d={path(line)}
            stroke={inks[index % 4]}
            strokeWidth={1.8}
            strokeDasharray={dashes[index % 4]}
            fill="none"
          />
        ))}
        {drawn.map(({ name, unit }, index) => (
          <G key={name}>
            <Line
              x1={left + index * 82}
              x2={left + index * 82 + 14}
              y1={138}
              y2={138}
              stroke={inks[index % 4]}
              strokeWidth={2.4}
              strokeDasharray={dashes[index % 4]}
            />
            <SvgText
              x={left + index * 82 + 18}
              y={142}
              fontFamily="Atkinson_600"
              fontSize={11.5}
              fill="var(--soft)"
            >
              {`${name}, ${unit}`}
            </SvgText>
          </G>
        ))}
      </Svg>
    </View>
  );
}
