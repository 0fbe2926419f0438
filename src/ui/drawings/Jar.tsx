import { G, Path, Rect } from "react-native-svg";

interface JarProps {
  x: number;
  base: number;
  /** Units per mm, the same as the still's. */
  scale: number;
  sizeMl: number;
  hydrosolMl: number;
  oilMl: number;
  /** It lies on the bottom. */
  oilSinks?: boolean;
}

/** Height of an ordinary jar for its width. */
const slenderness = 1.6;

/** The receiving jar at the still's scale; oil on top or on the bottom, thickened to be seen where it is a film. */
export function Jar({ x, base, scale, sizeMl, hydrosolMl, oilMl, oilSinks }: JarProps) {
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
        <Rect
          x={left + 2}
          y={oilSinks ? base - 2 - oil : level}
          width={width - 4}
          height={oil}
          fill="var(--oil)"
        />
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
