import { Circle, ClipPath, Defs, G, Line, Path, Rect } from "react-native-svg";
import { cylinderHeightMm, type ChargeLevels, type HeatKind, type StillShape } from "@/core";
import { Leaves } from "./Leaves";
import type { StillLayout } from "./stillLayout";

interface Props {
  shape: StillShape;
  levels: ChargeLevels;
  hydro: boolean;
  heatKind: HeatKind;
  lit: boolean;
  layout: StillLayout;
}

/** Pot, flask or boiler with vessel: outline, water, plant and heat. */
export function StillBody({ shape, levels, hydro, heatKind, lit, layout }: Props) {
  const { base, scale, bodyLeft, bodyRight, charge, vessel } = layout;
  const liquidTop = base - levels.liquidMm * scale;
  const outline = shape.construction === "flask" ? flaskOutline(layout) : potOutline(layout);
  return (
    <G>
      <Defs>
        <ClipPath id="pot-inside">
          <Path d={outline.body} />
        </ClipPath>
      </Defs>
      <Path
        d={outline.pipe}
        stroke="var(--ink)"
        strokeWidth={3}
        fill="none"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      <Path d={outline.body} fill="var(--ground)" />
      <G clipPath="url(#pot-inside)">
        <Rect
          x={bodyLeft}
          y={liquidTop}
          width={bodyRight - bodyLeft}
          height={base - liquidTop}
          fill="var(--dew-wash)"
        />
        <Line
          x1={bodyLeft}
          x2={bodyRight}
          y1={liquidTop}
          y2={liquidTop}
          stroke="var(--dew)"
          strokeWidth={2.5}
        />
        {hydro ? (
          <Leaves
            name="pot"
            x={bodyLeft}
            y={liquidTop + 3}
            width={bodyRight - bodyLeft}
            height={base - liquidTop - 8}
            sparse
          />
        ) : null}
        {heatKind === "element" ? (
          <Element left={bodyLeft} right={bodyRight} base={base} lit={lit} />
        ) : null}
      </G>
      {hydro || vessel ? null : <Basket shape={shape} layout={layout} />}
      <Path
        d={outline.body}
        stroke="var(--ink)"
        strokeWidth={3}
        fill="none"
        strokeLinejoin="round"
      />
      {vessel ? (
        <G>
          <Rect {...boxOf(vessel)} rx={8} fill="var(--ground)" />
          <Rect
            x={charge.left + 2}
            y={charge.top}
            width={charge.width - 4}
            height={charge.height}
            fill="var(--leaf-wash)"
          />
          <Leaves
            name="vessel"
            x={charge.left + 2}
            y={charge.top}
            width={charge.width - 4}
            height={charge.height}
          />
          <Rect {...boxOf(vessel)} rx={8} stroke="var(--ink)" strokeWidth={3} fill="none" />
        </G>
      ) : null}
      {heatKind === "element" ? null : (
        <HeatBelow kind={heatKind} left={bodyLeft} right={bodyRight} base={base} lit={lit} />
      )}
    </G>
  );
}

function boxOf({ left, width, top, bottom }: NonNullable<StillLayout["vessel"]>) {
  return { x: left, y: top, width, height: bottom - top };
}

function Basket({ shape, layout }: { shape: StillShape; layout: StillLayout }) {
  const { charge, base, scale } = layout;
  if (!shape.basket) return null;
  const grid = base - shape.basket.floorMm * scale;
  const rim = grid - cylinderHeightMm(shape.basket.volumeMl, shape.basket.diameterMm) * scale;
  const [left, right] = [charge.left + 4, charge.left + charge.width - 4];
  return (
    <G>
      <Rect
        x={left}
        y={charge.top}
        width={right - left}
        height={charge.height}
        fill="var(--leaf-wash)"
      />
      <Leaves name="basket" x={left} y={charge.top} width={right - left} height={charge.height} />
      <Path
        d={`M${left} ${rim}V${grid}M${right} ${rim}V${grid}`}
        stroke="var(--leaf)"
        strokeWidth={1.6}
      />
      <Line
        x1={left}
        x2={right}
        y1={grid}
        y2={grid}
        stroke="var(--leaf)"
        strokeWidth={3.5}
        strokeDasharray="5 3"
      />
    </G>
  );
}

function Element({
  left,
  right,
  base,
  lit,
}: {
  left: number;
  right: number;
  base: number;
  lit: boolean;
}) {
  const inset = (right - left) * 0.16;
  const y = base - 9;
  return (
    <Path
      d={`M${left} ${y}H${right - inset}q7 0 7 -4t-7 -4H${left}`}
      stroke={lit ? "var(--ember)" : "var(--soft)"}
      strokeWidth={3}
      fill="none"
    />
  );
}

function HeatBelow({
  kind,
  left,
  right,
  base,
  lit,
}: {
  kind: HeatKind;
  left: number;
  right: number;
  base: number;
  lit: boolean;
}) {
  const colour = lit ? "var(--ember)" : "var(--soft)";
  if (kind === "gas") {
    const count = Math.max(3, Math.floor((right - left - 20) / 15));
    const step = (right - left - 20) / count;
    const flames = Array.from({ length: count }, (_, i) => {
      const x = left + 10 + step * (i + 0.5);
      return `M${x - 5} ${base + 18}q-2 -7 5 -14q7 7 5 14z`;
    });
    return <Path d={flames.join("")} fill={colour} opacity={0.85} />;
  }
  if (kind === "externalSteam") {
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
      {kind === "induction" ? (
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

/** Body and vapour path of an upright pot with a domed head. */
function potOutline({
  bodyLeft,
  bodyRight,
  potTop,
  base,
  headX,
  headTop,
  coolerX,
  vessel,
}: StillLayout) {
  const width = bodyRight - bodyLeft;
  const middle = (bodyLeft + bodyRight) / 2;
  const shoulder = Math.min(46, width * 0.36, potTop - headTop - 18);
  const top = potTop - Math.max(14, shoulder);
  const neck = 6;
  const body =
    `M${middle - neck} ${top}C${middle - neck} ${top + 12} ${bodyLeft} ${potTop - 22} ${bodyLeft} ${potTop}` +
    `V${base - 9}q0 9 9 9H${bodyRight - 9}q9 0 9 -9V${potTop}` +
    `C${bodyRight} ${potTop - 22} ${middle + neck} ${top + 12} ${middle + neck} ${top}Z`;
  const over = `V${headTop + 14}q0 -14 14 -14H${coolerX - 12}q12 0 12 12V74`;
  if (!vessel) return { body, pipe: `M${headX} ${top}${over}` };
  const inX = vessel.left + vessel.width / 2;
  const between = (bodyRight + vessel.left) / 2;
  const steam = `M${middle} ${top}V${top - 8}q0 -8 8 -8H${between - 7}q7 0 7 7V${vessel.bottom + 9}q0 7 7 7H${inX - 7}q7 0 7 -7V${vessel.bottom}`;
  return { body, pipe: `${steam}M${inX} ${vessel.top}${over}` };
}

/** Body and vapour path of a round flask. */
function flaskOutline({ bodyLeft, bodyRight, base, headX, headTop, coolerX }: StillLayout) {
  const radius = (bodyRight - bodyLeft) / 2;
  const neck = Math.max(8, radius * 0.2);
  const joint = base - radius - Math.sqrt(radius ** 2 - neck ** 2);
  const rim = joint - 24;
  const body = `M${headX - neck} ${rim}V${joint}A${radius} ${radius} 0 1 0 ${headX + neck} ${joint}V${rim}Z`;
  return {
    body,
    pipe: `M${headX} ${rim}V${headTop + 14}q0 -14 14 -14H${coolerX - 12}q12 0 12 12V74`,
  };
}
