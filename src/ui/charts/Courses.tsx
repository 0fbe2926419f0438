import { ticks } from "d3-array";
import line from "d3-shape/src/line.js";
import Svg, { Circle, G, Path, Text as SvgText } from "react-native-svg";
import { significant } from "@/core/units/format";
import { t } from "@/language/t";
import { GroundedText } from "./GroundedText";
import { ReadableChart } from "./ReadableChart";
import { linear } from "./linear";
import { ValueAxis } from "./ValueAxis";

interface Point {
  x: number;
  y: number;
}

/** One curve, with what was really read on it. */
export interface Course {
  name: string;
  points: readonly Point[];
  read: readonly Point[];
}

interface Props {
  courses: readonly Course[];
  xUnit: string;
  yUnit: string;
  inWords: string;
}

const [left, right, top, bottom] = [36, 318, 22, 164];
/* Told apart by colour and by stroke; six at most. */
const looks = [
  { ink: "var(--leaf)", dash: undefined },
  { ink: "var(--ember)", dash: "7 3" },
  { ink: "var(--dew)", dash: "2 3" },
  { ink: "var(--oil)", dash: "10 3 2 3" },
  { ink: "var(--ink)", dash: "4 4" },
  { ink: "var(--soft)", dash: undefined },
];
const labelHeight = 12;

/** Several runs over one axis; each curve is named at its end. */
export function Courses({ courses, xUnit, yUnit, inWords }: Props) {
  const all = courses.flatMap(({ points, read }) => [...points, ...read]);
  const x = linear([0, Math.max(1e-6, ...all.map((point) => point.x))], [left, right]);
  const most = Math.max(1e-6, ...all.map((point) => point.y));
  const y = linear([0, most * 1.06], [bottom, top]);
  const longest = courses.reduce<readonly Point[]>(
    (found, { points }) => ((points.at(-1)?.x ?? 0) > (found.at(-1)?.x ?? -1) ? points : found),
    [],
  );
  const places = longest.map((point) => point.x);
  const xTicks = ticks(0, Math.max(...all.map((point) => point.x), 1e-6), 5);
  const path = line<Point>(
    (point) => x(point.x),
    (point) => y(point.y),
  );
  /* Names at the ends, pushed apart from the top down so that none lies on another. */
  const ends = courses
    .map(({ name, points }, index) => ({ name, index, at: points.at(-1) ?? { x: 0, y: 0 } }))
    .sort((a, b) => y(a.at.y) - y(b.at.y))
    .reduce<{ name: string; index: number; x: number; y: number }[]>((placed, each) => {
      const above = placed.at(-1);
      const own = y(each.at.y) + 4;
      return [
        ...placed,
        {
          name: each.name,
          index: each.index,
          x: x(each.at.x) + 5,
          y: above ? Math.max(own, above.y + labelHeight) : own,
        },
      ];
    }, []);
  return (
    <ReadableChart
      inWords={inWords}
      at={places.map((place) => x(place) / 360)}
      said={(row) =>
        `${significant(places[row]!, 2)} ${xUnit.split(/,? from|,/)[0]} · ${courses
          .map(({ name, points }) => `${name}: ${significant(valueAt(points, places[row]!), 3)}`)
          .join(", ")}`
      }
      table={{
        name: t`runs beside each other`,
        columns: [xUnit, ...courses.map(({ name }) => `${name}, ${yUnit}`)],
        rows: places.map((place) => [
          place,
          ...courses.map(({ points }) => valueAt(points, place)),
        ]),
      }}
    >
      <Svg viewBox="0 0 360 200" width="100%" aria-hidden>
        <ValueAxis most={most} y={y} left={left} right={right} unit={yUnit} />
        {xTicks.map((tick, i) => (
          <SvgText
            key={tick}
            x={x(tick)}
            y={bottom + 16}
            textAnchor={i === 0 ? "start" : "middle"}
            fontFamily="Atkinson_400"
            fontSize={12}
            fill="var(--soft)"
          >
            {tick}
          </SvgText>
        ))}
        <SvgText
          x={right}
          y={bottom + 30}
          textAnchor="end"
          fontFamily="Atkinson_600"
          fontSize={12}
          fill="var(--soft)"
        >
          {xUnit}
        </SvgText>
        {courses.map(({ name, points, read }, index) => {
          const { ink, dash } = looks[index % looks.length]!;
          return (
            <G key={name}>
              <Path
                d={path([...points]) ?? ""}
                stroke={ink}
                strokeWidth={2.4}
                strokeDasharray={dash}
                fill="none"
              />
              {read.map((point) => (
                <Circle
                  key={`${point.x} ${point.y}`}
                  cx={x(point.x)}
                  cy={y(point.y)}
                  r={3.4}
                  fill="var(--panel)"
                  stroke={ink}
                  strokeWidth={2}
                />
              ))}
            </G>
          );
        })}
        {ends.map(({ name, index, x: at, y: down }) => (
          <GroundedText
            key={name}
            x={at}
            y={down}
            fontFamily="Atkinson_600"
            fill={looks[index % looks.length]!.ink}
            strokeWidth={5}
          >
            {name}
          </GroundedText>
        ))}
      </Svg>
    </ReadableChart>
  );
}

/* On the line between two points; before the first and after the last there is no more. */
function valueAt(points: readonly Point[], at: number): number {
  const next = points.findIndex((point) => point.x >= at);
  const after = points[next] ?? points.at(-1);
  const before = points[next - 1] ?? after;
  if (!after || !before) return 0;
  const share = after.x > before.x ? (at - before.x) / (after.x - before.x) : 0;
  return before.y + (after.y - before.y) * Math.max(0, Math.min(1, share));
}
