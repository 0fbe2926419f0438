import { ticks } from "d3-array";
import Svg, { G, Line, Path, Text as SvgText } from "react-native-svg";
import { showTime } from "@/core/units/dates";
import { type Series, thinned } from "@/core/statistics/thin";
import { type UnitSystem, fromCanonical, toCanonical } from "@/core/units/units";
import { t } from "@/language/t";
import { clockTicks } from "./clockTicks";
import { fixed } from "@/core/units/format";
import { ReadableChart } from "./ReadableChart";
import { linear } from "./linear";

interface Trace {
  name: string;
  series: Series;
  unit: string;
}

interface Props {
  /** Temperatures in °C, masses in g. */
  lines: readonly Trace[];
  units: UnitSystem;
  inWords: string;
}

const [left, right, top, bottom] = [30, 330, 10, 118];
/* One stretch a drawn pixel and a half: what is kept is more, what is drawn looks the same. */
const stretches = 200;
/* More places than a finger can tell apart are of no use. */
const readPlaces = 120;
const inks = ["var(--ember)", "var(--oil)", "var(--dew)", "var(--leaf)"];
const dashes = [undefined, "6 3", undefined, "2 3"];

/** Several channels over the time of day: temperatures on the left scale, masses on the right one. */
export function Traces({ lines, units, inWords }: Props) {
  const degree = units === "metric" ? "C" : "F";
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
  const longest = drawn.reduce<readonly number[]>(
    (found, { series }) => (series.at.length > found.length ? [...series.at] : found),
    [],
  );
  const every = Math.max(1, Math.ceil(longest.length / readPlaces));
  const moments = longest.filter((_, i) => i % every === 0);
  const shownAt = ({ series, unit }: Trace, moment: number) => {
    const value = valueAt(series, moment);
    if (value === undefined) return "–";
    return unit === "g"
      ? `${Math.round(value)} g`
      : `${fixed(fromCanonical(value, degree), 1)} °${degree}`;
  };
  const path = ({ series, unit }: Trace) => {
    const y = unit === "g" ? grams : degrees;
    let text = "";
    for (let i = 0; i < series.at.length; i += 1)
      text += `${i === 0 ? "M" : "L"}${x(series.at[i]!).toFixed(1)} ${y(series.value[i]!).toFixed(1)}`;
    return text;
  };
  return (
    <ReadableChart
      inWords={inWords}
      at={moments.map((moment) => x(moment) / 360)}
      said={(row) =>
        `${showTime(moments[row]!)}: ${drawn
          .map((each) => `${each.name} ${shownAt(each, moments[row]!)}`)
          .join(", ")}`
      }
      table={{
        name: t`what the probes read`,
        columns: ["time", ...lines.map(({ name, unit }) => `${name}, ${unit}`)],
        rows: moments.map((moment) => [
          new Date(moment).toISOString(),
          ...drawn.map(({ series }) => valueAt(series, moment)),
        ]),
      }}
    >
      <Svg viewBox="0 0 360 164" width="100%" aria-hidden>
        {ticks(fromCanonical(0, degree), fromCanonical(105, degree), 4).map((tick) => (
          <G key={tick}>
            <Line
              x1={left}
              x2={right}
              y1={degrees(toCanonical(tick, degree))}
              y2={degrees(toCanonical(tick, degree))}
              stroke="var(--line)"
            />
            <SvgText
              x={left - 4}
              y={degrees(toCanonical(tick, degree)) + 4}
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
        {clockTicks(from, to).map((moment) => (
          <G key={moment}>
            <Line x1={x(moment)} x2={x(moment)} y1={bottom} y2={bottom + 4} stroke="var(--soft)" />
            <SvgText
              x={x(moment)}
              y={bottom + 15}
              textAnchor="middle"
              fontFamily="Atkinson_400"
              fontSize={11}
              fill="var(--soft)"
            >
              {showTime(moment)}
            </SvgText>
          </G>
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
              y1={151}
              y2={151}
              stroke={inks[index % 4]}
              strokeWidth={2.4}
              strokeDasharray={dashes[index % 4]}
            />
            <SvgText
              x={left + index * 82 + 18}
              y={155}
              fontFamily="Atkinson_600"
              fontSize={11.5}
              fill="var(--soft)"
            >
              {`${name}, ${unit === "g" ? unit : `°${degree}`}`}
            </SvgText>
          </G>
        ))}
      </Svg>
    </ReadableChart>
  );
}

/* The last that was read by then; undefined before the first. */
function valueAt({ at, value }: Series, moment: number): number | undefined {
  let found: number | undefined;
  for (let i = 0; i < at.length && at[i]! <= moment; i += 1) found = value[i];
  return found;
}
