import { Circle, G, Path, Rect } from "react-native-svg";
import { type HeatKind, heatSources } from "@/core/still/heatSources";
import type { StillLayout } from "./stillLayout";

interface Props {
  kind: HeatKind;
  layout: StillLayout;
  lit: boolean;
}

/** What makes the heat under, or beside, the pot; an element is drawn inside it. */
export function HeatSource({ kind, layout, lit }: Props) {
  const { bodyLeft: left, bodyRight: right, base } = layout;
  const colour = lit ? "var(--ember)" : "var(--soft)";
  const { stands } = heatSources[kind];
  if (stands === "inside") return null;
  if (stands === "flames") {
    const count = Math.max(3, Math.floor((right - left - 20) / 15));
    const step = (right - left - 20) / count;
    const flames = Array.from({ length: count }, (_, i) => {
      const x = left + 10 + step * (i + 0.5);
      return `M${x - 5} ${base + 18}q-2 -7 5 -14q7 7 5 14z`;
    });
    return <Path d={flames.join("")} fill={colour} opacity={0.85} />;
  }
  if (stands === "beside") {
    return (
      <Path
        d={`M${left - 26} ${base - 6}h22m-7 -5l7 5l-7 5`}
        stroke={colour}
        strokeWidth={3}
        fill="none"
      />
    );
  }
  return (
    <G>
      <Rect x={left - 4} y={base + 4} width={right - left + 8} height={7} rx={3.5} fill={colour} />
      {stands === "field" ? (
        <Circle cx={(left + right) / 2} cy={base + 17} r={2.5} fill={colour} />
      ) : (
        <Path
          d={`M${left + 12} ${base + 11}v6M${right - 12} ${base + 11}v6`}
          stroke="var(--ink)"
          strokeWidth={3}
        />
      )}
    </G>
  );
}
