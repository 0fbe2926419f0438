import { useId } from "react";
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from "react-native-svg";
import { type Hollow, heightOf, radiusAt } from "@/core/separation/vessel";

interface Filled {
  inside: Hollow;
  hydrosolMl: number;
  oilMl: number;
  /** The oil lies on the water, under it, or hangs in it. */
  layer: "floats" | "sinks" | "hangs";
}

const width = 96;
const height = 132;
const ground = height - 4;
/* A millimetre of glass at least, so that a thin layer is still a line. */
const thinnest = 1.6;

/** Points a millimetre at which the largest of these vessels just fits its picture: the scale of all of them. */
export function scaleOf(insides: readonly Hollow[]): number {
  const tallest = Math.max(1, ...insides.map(({ heightMm }) => heightMm));
  const widest = Math.max(1, ...insides.map(({ diameterMm }) => diameterMm));
  return Math.min((ground - 4) / tallest, (width - 8) / widest);
}

/** A vessel with a run's hydrosol and oil in it as they stand once parted. */
export function VesselDrawing({
  vessel: { inside, hydrosolMl, oilMl, layer },
  scale,
}: {
  vessel: Filled;
  scale: number;
}) {
  const clip = `inside-${useId()}`;
  const x = width / 2;
  const outline = outlineOf(inside, x, scale);
  const full = inside.heightMm;
  const oilBelow = layer === "sinks";
  const top = Math.min(full, heightOf(inside, hydrosolMl + oilMl));
  const line = oilBelow
    ? Math.min(full, heightOf(inside, oilMl))
    : Math.min(top, heightOf(inside, hydrosolMl));
  const y = (mm: number) => ground - mm * scale;
  const oilHigh = Math.max(
    oilMl > 0 ? thinnest : 0,
    oilBelow ? line * scale : (top - line) * scale,
  );
  return (
    <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
      <Line x1={0} x2={width} y1={ground} y2={ground} stroke="var(--line)" strokeWidth={1.5} />
      <Defs>
        <ClipPath id={clip}>
          <Path d={`${outline} Z`} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${clip})`}>
        <Rect
          x={0}
          y={y(top)}
          width={width}
          height={top * scale}
          fill="var(--dew)"
          opacity={0.35}
        />
        <Rect
          x={0}
          y={oilBelow ? ground - oilHigh : y(top)}
          width={width}
          height={oilHigh}
          fill="var(--oil)"
          opacity={layer === "hangs" ? 0.4 : 1}
        />
      </G>
      <Path d={outline} fill="none" stroke="var(--ink)" strokeWidth={2} strokeLinejoin="round" />
    </Svg>
  );
}

/* The wall in so many steps from rim to rim. */
const steps = 40;

function outlineOf(inside: Hollow, x: number, scale: number): string {
  const points: [number, number][] = [];
  const at = (mm: number) => radiusAt(inside, Math.min(mm, inside.heightMm - 1e-6)) * scale;
  const rim = inside.shape === "pear" ? steps - 2 : steps;
  for (let i = rim; i >= 0; i -= 1) {
    const mm = (inside.heightMm * i) / steps;
    points.push([x - at(mm), ground - mm * scale]);
  }
  for (let i = 0; i <= rim; i += 1) {
    const mm = (inside.heightMm * i) / steps;
    points.push([x + at(mm), ground - mm * scale]);
  }
  return points
    .map(([px, py], i) => `${i === 0 ? "M" : "L"}${px.toFixed(1)} ${py.toFixed(1)}`)
    .join(" ");
}
