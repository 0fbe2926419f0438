import { ticks } from "d3-array";
import line from "d3-shape/src/line.js";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import { fontToFit } from "./fontToFit";
import { significant } from "@/core/units/format";
import { t } from "@/language/t";
import { ReadableChart } from "./ReadableChart";
import { linear } from "./linear";
import { ValueAxis } from "./ValueAxis";

interface Point {
  hours: number;
  percent: number;
}

interface Props {
  /** Water as it was weighed, the cut first. */
  weighed: readonly Point[];
  /** How it goes on by the last two weighings. */
  ahead: readonly Point[];
  /** How such a plant usually dries. */
  usual: readonly Point[];
  /** Water at which it is called wilted. */
  aim?: number;
  inWords: string;
}

const [left, right, top, bottom] = [36, 346, 22, 128];

/** Water in a harvest over the hours that it lies. */
export function WiltingChart({ weighed, ahead, usual, aim, inWords }: Props) {
  const all = [...weighed, ...ahead, ...usual];
  const end = Math.max(1, ...all.map(({ hours }) => hours));
  const most = Math.max(...all.map(({ percent }) => percent), aim ?? 0);
  const x = linear([0, end], [left, right]);
  const y = linear([0, most * 1.08], [bottom, top]);
  /* The first point ahead is the last that was weighed. */
  const read = [...weighed, ...ahead.filter(({ hours }) => hours > (weighed.at(-1)?.hours ?? -1))];
  const path = line<Point>(
    ({ hours }) => x(hours),
    ({ percent }) => y(percent),
  );
  const drawn = (points: readonly Point[]) => path([...points]) ?? "";
  const legend = t`weighed · dashes: if it goes on so · dots: as it usually dries`;
  return (
    <ReadableChart
      inWords={inWords}
      at={read.map(({ hours }) => x(hours) / 360)}
      said={(row) =>
        row < weighed.length
          ? t`${significant(read[row]!.hours, 2)} h: ${Math.round(read[row]!.percent)} % of water, weighed`
          : t`${significant(read[row]!.hours, 2)} h: ${Math.round(read[row]!.percent)} % of water, if it goes on so`
      }
      table={{
        name: t`water as it lies`,
        columns: ["hours", "water_percent", "weighed"],
        rows: read.map(({ hours, percent }, row) => [
          hours,
          percent,
          row < weighed.length ? "yes" : "no",
        ]),
      }}
    >
      <Svg viewBox="0 0 360 165" width="100%" aria-hidden>
        <ValueAxis most={most} y={y} left={left} right={right} unit={t`% of water`} />
        {ticks(0, end, 5).map((tick, i, shown) => (
          <SvgText
            key={tick}
            x={x(tick)}
            y={bottom + 16}
            textAnchor={i === 0 ? "start" : i === shown.length - 1 ? "end" : "middle"}
            fontFamily="Atkinson_400"
            fontSize={12}
            fill="var(--soft)"
          >
            {i === shown.length - 1 ? `${tick} h` : tick}
          </SvgText>
        ))}
        {aim === undefined ? null : (
          <G>
            <Line
              x1={left}
              x2={right}
              y1={y(aim)}
              y2={y(aim)}
              stroke="var(--leaf)"
              strokeWidth={1.6}
              strokeDasharray="5 4"
            />
            <SvgText
              x={right}
              y={y(aim) - 4}
              textAnchor="end"
              fontFamily="Atkinson_600"
              fontSize={12}
              fill="var(--leaf-ink)"
            >
              {t`wilted`}
            </SvgText>
          </G>
        )}
        <Path
          d={drawn(usual)}
          stroke="var(--soft)"
          strokeWidth={1.4}
          strokeDasharray="2 4"
          fill="none"
        />
        <Path
          d={drawn(ahead)}
          stroke="var(--dew)"
          strokeWidth={2}
          strokeDasharray="6 4"
          fill="none"
        />
        <Path d={drawn(weighed)} stroke="var(--dew)" strokeWidth={2.6} fill="none" />
        {weighed.map(({ hours, percent }) => (
          <Circle
            key={`${hours} ${percent}`}
            cx={x(hours)}
            cy={y(percent)}
            r={3.6}
            fill="var(--panel)"
            stroke="var(--dew)"
            strokeWidth={2}
          />
        ))}
        <SvgText
          x={left}
          y={bottom + 31}
          fontFamily="Atkinson_400"
          fontSize={fontToFit(legend, right - left, 12)}
          fill="var(--soft)"
        >
          {legend}
        </SvgText>
      </Svg>
    </ReadableChart>
  );
}
