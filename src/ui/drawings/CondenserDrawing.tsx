import { G, Line, Path, Rect } from "react-native-svg";
import type { Condenser } from "@/core/cooling/condenser";

interface Props {
  x: number;
  kind?: Condenser["kind"];
}

/** What turns vapour to drops beside the still: a coil in a tub, or a jacket on the tap or on a tub's pump. */
export function CondenserDrawing({ x, kind = "tubCoil" }: Props) {
  if (kind === "tap" || kind === "recirculated")
    return <Jacket x={x} pumped={kind === "recirculated"} />;
  return <TubWithCoil x={x} />;
}

function TubWithCoil({ x }: { x: number }) {
  const turns = [92, 108, 124, 140].map(
    (y) =>
      `C${x + 24} ${y + 3} ${x + 24} ${y + 9} ${x} ${y + 8}S${x - 24} ${y + 11} ${x} ${y + 16}`,
  );
  return (
    <G>
      <Path d={`M${x - 33} 84V170H${x + 33}V84Z`} fill="var(--dew-wash)" />
      <Line x1={x - 33} x2={x + 33} y1={84} y2={84} stroke="var(--dew)" strokeWidth={2} />
      <Path
        d={`M${x - 34} 74V164q0 8 8 8H${x + 26}q8 0 8 -8V74`}
        stroke="var(--ink)"
        strokeWidth={2.4}
        fill="none"
      />
      <Path
        d={`M${x} 74V92${turns.join("")}V190`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
        strokeLinecap="round"
      />
    </G>
  );
}

function Jacket({ x, pumped }: { x: number; pumped: boolean }) {
  return (
    <G>
      <Rect
        x={x - 12}
        y={80}
        width={24}
        height={92}
        rx={7}
        fill="var(--dew-wash)"
        stroke="var(--dew)"
        strokeWidth={2}
      />
      <Path d={`M${x} 74V190`} stroke="var(--ink)" strokeWidth={2.6} strokeLinecap="round" />
      {pumped ? (
        <G>
          <Path d={`M${x + 38} 122V158H${x + 78}V122Z`} fill="var(--dew-wash)" />
          <Path
            d={`M${x + 36} 112V160H${x + 80}V112`}
            stroke="var(--ink)"
            strokeWidth={2.2}
            fill="none"
            strokeLinejoin="round"
          />
          {/* In at the bottom from the tub's pump, out at the top and back. */}
          <Path
            d={`M${x + 50} 150V164q0 4 -4 4H${x + 12}M${x + 12} 88H${x + 58}q5 0 5 5V128`}
            stroke="var(--dew)"
            strokeWidth={2.4}
            fill="none"
          />
          <Rect x={x + 45} y={146} width={10} height={8} rx={2} fill="var(--dew)" />
        </G>
      ) : (
        <Path
          d={`M${x + 36} 164h-24m8 -5l-8 5l8 5M${x + 12} 88h24m-8 -5l8 5l-8 5`}
          stroke="var(--dew)"
          strokeWidth={2.2}
          fill="none"
        />
      )}
    </G>
  );
}

/** Under the condenser of a still whose hydrosol flows back: oil stays in the tube, water overflows home. */
export function ReturnTube({
  x,
  base,
  toX,
  toY,
  oil,
  heavy,
}: {
  x: number;
  base: number;
  toX: number;
  toY: number;
  oil: boolean;
  /** A trap for oils that sink: its water leaves above them. */
  heavy: boolean;
}) {
  const top = 196;
  const foot = base - 6;
  const overflow = top + 12;
  return (
    <G>
      <Path
        d={`M${x - 8} ${top + 10}V${foot - 6}q0 6 6 6h4q6 0 6 -6V${top + 10}Z`}
        fill="var(--dew)"
        opacity={0.4}
      />
      {oil ? (
        <Rect x={x - 8} y={heavy ? foot - 8 : top + 8} width={16} height={6} fill="var(--oil)" />
      ) : null}
      <Path
        d={`M${x - 9} ${top}V${foot - 6}q0 8 8 8h2q8 0 8 -8V${top}`}
        stroke="var(--ink)"
        strokeWidth={2.4}
        fill="none"
      />
      <Path
        d={`${heavy ? `M${x - 9} ${overflow}` : `M${x - 9} ${foot - 8}H${x - 22}V${overflow + 6}q0 -6 -6 -6`}H${(x + toX) / 2}L${toX} ${toY}`}
        stroke="var(--dew)"
        strokeWidth={2.6}
        fill="none"
        strokeLinejoin="round"
      />
    </G>
  );
}
