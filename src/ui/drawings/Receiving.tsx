import { G, Path, Rect } from "react-native-svg";

/** The condenser: the vapour's way through cold water. */
export function Cooler({ x }: { x: number }) {
  const turns = [86, 104, 122, 140].map(
    (y) =>
      `C${x + 24} ${y + 4} ${x + 24} ${y + 10} ${x} ${y + 9}S${x - 24} ${y + 12} ${x} ${y + 18}`,
  );
  return (
    <G>
      <Rect
        x={x - 23}
        y={74}
        width={46}
        height={96}
        rx={9}
        fill="var(--dew-wash)"
        stroke="var(--dew)"
        strokeWidth={2}
      />
      <Path
        d={`M${x} 74V86${turns.join("")}V190`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
        strokeLinecap="round"
      />
      {/* Cooling in at the bottom, out at the top. */}
      <Path
        d={`M${x + 44} 160h-19m7 -5l-7 5l7 5M${x + 25} 84h19m-7 -5l7 5l-7 5`}
        stroke="var(--dew)"
        strokeWidth={2}
        fill="none"
      />
    </G>
  );
}

interface JarProps {
  x: number;
  base: number;
  /** Units per mm, the same as the still's. */
  scale: number;
  sizeMl: number;
  hydrosolMl: number;
  oilMl: number;
}

/** Height of an ordinary jar for its width. */
const slenderness = 1.6;

/** The receiving jar at the still's scale; oil on top, thickened to be seen where it is a film. */
export function Jar({ x, base, scale, sizeMl, hydrosolMl, oilMl }: JarProps) {
  const trueWidth = Math.cbrt((sizeMl * 1000 * 4) / (Math.PI * slenderness)) * scale;
  const width = Math.min(Math.max(trueWidth, 20), 56);
  const height = Math.min(width * slenderness, 74);
  const full = Math.min(1, (hydrosolMl + oilMl) / sizeMl);
  const level = base - 2 - full * (height - 10);
  const oil = oilMl > 0 ? Math.max(2.5, (oilMl / sizeMl) * (height - 10)) : 0;
  const [left, right] = [x - width / 2, x + width / 2];
  return (
    <G>
      <Path
        d={`M${left + 2} ${level}V${base - 6}q0 5 5 5H${right - 7}q5 0 5 -5V${level}Z`}
        fill="var(--dew)"
        opacity={0.42}
      />
      {oil > 0 ? (
        <Rect x={left + 2} y={level} width={width - 4} height={oil} fill="var(--oil)" />
      ) : null}
      <Path
        d={`M${left - 2} ${base - height}h3V${base - 7}q0 7 7 7H${right - 8}q7 0 7 -7V${base - height}h3`}
        stroke="var(--ink)"
        strokeWidth={2.4}
        fill="none"
        strokeLinejoin="round"
      />
    </G>
  );
}
