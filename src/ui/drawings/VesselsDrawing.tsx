import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { View } from "react-native";
import { type Hollow, heightOf, radiusAt } from "@/core/separation/vessel";

interface Drawn {
  id: string;
  name: string;
  inside: Hollow;
  hydrosolMl: number;
  oilMl: number;
  /** The oil lies on the water, under it, or hangs in it. */
  layer: "floats" | "sinks" | "hangs";
  /** Thickness of the layer in words. */
  layerText: string;
  chosen: boolean;
}

const width = 340;
const height = 190;
const ground = 158;
/* A millimetre of glass at least, so that a thin layer is still a line. */
const thinnest = 1.6;

/** Vessels side by side to one scale, with this run's hydrosol and oil in them as they stand once parted. */
export function VesselsDrawing({
  vessels,
  inWords,
}: {
  vessels: readonly Drawn[];
  inWords: string;
}) {
  const tallest = Math.max(1, ...vessels.map(({ inside }) => inside.heightMm));
  const across = vessels.reduce((sum, { inside }) => sum + inside.diameterMm, 0);
  const gap = 26;
  const scale = Math.min(
    (ground - 8) / tallest,
    (width - gap * (vessels.length + 1)) / Math.max(1, across),
  );
  const slot = width / Math.max(1, vessels.length);
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
        <Line x1={0} x2={width} y1={ground} y2={ground} stroke="var(--line)" strokeWidth={1.5} />
        {vessels.map((vessel, i) => (
          <OneVessel key={vessel.id} vessel={vessel} x={slot * (i + 0.5)} scale={scale} />
        ))}
      </Svg>
    </View>
  );
}

function OneVessel({ vessel, x, scale }: { vessel: Drawn; x: number; scale: number }) {
  const { id, inside, hydrosolMl, oilMl, layer, layerText, chosen, name } = vessel;
  const outline = outlineOf(inside, x, scale);
  const full = inside.heightMm;
  const oilBelow = layer === "sinks";
  const top = Math.min(full, heightOf(inside, hydrosolMl + oilMl));
  const line = oilBelow
    ? Math.min(full, heightOf(inside, oilMl))
    : Math.min(top, heightOf(inside, hydrosolMl));
  const y = (mm: number) => ground - mm * scale;
  const half = (inside.diameterMm / 2) * scale + 2;
  const oilTop = oilBelow ? y(line) : y(top);
  const oilHigh = Math.max(
    oilMl > 0 ? thinnest : 0,
    oilBelow ? line * scale : (top - line) * scale,
  );
  const clip = `inside-${id.replace(/[^a-zA-Z0-9-]/g, "")}`;
  return (
    <G>
      <Defs>
        <ClipPath id={clip}>
          <Path d={`${outline} Z`} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${clip})`}>
        <Rect
          x={x - half}
          y={y(top)}
          width={half * 2}
          height={top * scale}
          fill="var(--dew)"
          opacity={0.35}
        />
        <Rect
          x={x - half}
          y={oilBelow ? ground - oilHigh : oilTop}
          width={half * 2}
          height={oilHigh}
          fill="var(--oil)"
          opacity={layer === "hangs" ? 0.4 : 1}
        />
      </G>
      <Path
        d={outline}
        fill="none"
        stroke={chosen ? "var(--bottle)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 2}
        strokeLinejoin="round"
      />
      <SvgText
        x={x}
        y={172}
        textAnchor="middle"
        fontFamily="Atkinson_700"
        fontSize={12}
        fill="var(--ink)"
      >
        {layerText}
      </SvgText>
      <SvgText
        x={x}
        y={186}
        textAnchor="middle"
        fontFamily="Atkinson_400"
        fontSize={11}
        fill="var(--soft)"
      >
        {name.length > 17 ? `${name.slice(0, 16)}…` : name}
      </SvgText>
    </G>
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
