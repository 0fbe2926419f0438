import { ClipPath, Defs, G, Path, Rect } from "react-native-svg";

interface Props {
  /** Tells this patch of leaves from others on the page. */
  name: string;
  x: number;
  y: number;
  width: number;
  height: number;
  /** Clips to this outline instead of the box. */
  outline?: string;
  /** Leaves adrift in water are sparser. */
  sparse?: boolean;
}

/** Plant in a still: small leaves strewn over a box, the same every time. */
export function Leaves({ name, x, y, width, height, outline, sparse }: Props) {
  if (width <= 0 || height <= 0) return null;
  const pitch = sparse ? 15 : 10.5;
  const leaves: string[] = [];
  for (let row = 0; row * pitch < height + pitch; row += 1) {
    for (let column = 0; column * pitch < width + pitch; column += 1) {
      /* A fixed scramble: looks strewn, never flickers. */
      const jitter = ((row * 7 + column * 13) % 11) / 11;
      const turn = ((row * 5 + column * 3) % 8) * 45;
      const [cx, cy] = [x + column * pitch + jitter * 5, y + row * pitch + (1 - jitter) * 5];
      const [dx, dy] = [Math.cos((turn * Math.PI) / 180) * 4, Math.sin((turn * Math.PI) / 180) * 4];
      leaves.push(
        `M${cx - dx} ${cy - dy}Q${cx - dy * 0.7} ${cy + dx * 0.7} ${cx + dx} ${cy + dy}Q${cx + dy * 0.7} ${cy - dx * 0.7} ${cx - dx} ${cy - dy}`,
      );
    }
  }
  return (
    <>
      <Defs>
        <ClipPath id={`leaves-${name}`}>
          {outline ? <Path d={outline} /> : <Rect x={x} y={y} width={width} height={height} />}
        </ClipPath>
      </Defs>
      <G clipPath={`url(#leaves-${name})`}>
        <Path d={leaves.join("")} fill="var(--leaf)" opacity={sparse ? 0.55 : 0.5} />
      </G>
    </>
  );
}
