import { ClipPath, Defs, G, Line, Path, Rect } from "react-native-svg";
import type { ChargeLevels } from "@/core/plan/chargeLevels";
import { constructionOf } from "@/core/still/constructions";
import { type StillShape, cylinderHeightMm, isRound } from "@/core/still/geometry";
import type { HeatKind } from "@/core/still/heatSources";
import { Leaves } from "./Leaves";
import { Liquid } from "./Liquid";
import type { StillLayout } from "./stillLayout";

interface Props {
  shape: StillShape;
  levels: ChargeLevels;
  hydro: boolean;
  heatKind: HeatKind;
  lit: boolean;
  layout: StillLayout;
  head?: HeadKind;
}

/** What leads the vapour over. */
export type HeadKind = "swanNeck" | "dome" | "column" | "packedColumn";

/** Pot, flask or boiler with vessel: outline, water, plant and heat. */
export function StillBody({ shape, levels, hydro, heatKind, lit, layout, head = "dome" }: Props) {
  const { base, bodyLeft, bodyRight, charge, vessel } = layout;
  const outline = isRound(shape) ? flaskOutline(layout) : potOutline(layout, head);
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
      {outline.column ? <Column {...outline.column} packed={head === "packedColumn"} /> : null}
      <Path d={outline.body} fill="var(--ground)" />
      <G clipPath="url(#pot-inside)">
        <Liquid name="pot" levels={levels} layout={layout} plant={hydro} />
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
      {constructionOf(shape.construction).canShut ? <Clamps layout={layout} /> : null}
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
    </G>
  );
}

/* Of a pot that locks: the rim of its lid, its handles, and the open seat of its weight. */
function Clamps({ layout: { bodyLeft, bodyRight, potTop } }: { layout: StillLayout }) {
  const seat = bodyLeft + (bodyRight - bodyLeft) * 0.24;
  return (
    <Path
      d={`M${bodyLeft - 7} ${potTop + 4}H${bodyRight + 7}M${bodyLeft - 3} ${potTop - 2}h-12v14h12M${bodyRight + 3} ${potTop - 2}h12v14h-12M${seat - 5} ${potTop - 24}v-8M${seat + 5} ${potTop - 24}v-8`}
      stroke="var(--ink)"
      strokeWidth={2.6}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
    />
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

interface Outline {
  body: string;
  pipe: string;
  column?: { x: number; top: number; bottom: number };
}

/** A column on the pot's shoulder; packing is drawn as crossed lines. */
function Column({ x, top, bottom, packed }: NonNullable<Outline["column"]> & { packed: boolean }) {
  const half = 11;
  const rows = Math.max(0, Math.floor((bottom - top - 6) / 9));
  const hatch = Array.from({ length: rows }, (_, i) => {
    const y = top + 4 + i * 9;
    return `M${x - half + 2} ${y}L${x + half - 2} ${y + 8}M${x + half - 2} ${y}L${x - half + 2} ${y + 8}`;
  });
  return (
    <G>
      <Rect
        x={x - half}
        y={top}
        width={half * 2}
        height={Math.max(0, bottom - top)}
        rx={4}
        fill="var(--ground)"
        stroke="var(--ink)"
        strokeWidth={2.6}
      />
      {packed ? <Path d={hatch.join("")} stroke="var(--soft)" strokeWidth={1.2} /> : null}
    </G>
  );
}

/** Body and vapour path of an upright pot with a domed head. */
function potOutline(
  { bodyLeft, bodyRight, potTop, base, headX, headTop, coolerX, vessel }: StillLayout,
  head: HeadKind,
): Outline {
  const width = bodyRight - bodyLeft;
  const middle = (bodyLeft + bodyRight) / 2;
  const shoulder = Math.min(46, width * 0.36, potTop - headTop - 18);
  const top = potTop - Math.max(14, shoulder);
  const neck = 6;
  const body = `M${middle - neck} ${top}C${middle - neck} ${top + 12} ${bodyLeft} ${potTop - 22} ${bodyLeft} ${potTop}V${base - 9}q0 9 9 9H${bodyRight - 9}q9 0 9 -9V${potTop}C${bodyRight} ${potTop - 22} ${middle + neck} ${top + 12} ${middle + neck} ${top}Z`;
  const bend = `V${headTop + 14}q0 -14 14 -14H${coolerX - 12}q12 0 12 12V74`;
  /* A swan's neck rises, bows, and falls all the way, so that nothing lies in it. */
  const swan = `C${headX - 2} ${headTop - 14} ${headX + 34} ${headTop - 2} ${headX + 62} ${headTop + 6}L${coolerX - 12} 58q12 3 12 16`;
  const over = head === "swanNeck" ? swan : bend;
  if (!vessel) {
    const column =
      head === "column" || head === "packedColumn"
        ? { x: headX, top: headTop + 8, bottom: top + 8 }
        : undefined;
    return { body, pipe: `M${headX} ${top}${over}`, column };
  }
  const inX = vessel.left + vessel.width / 2;
  const between = (bodyRight + vessel.left) / 2;
  const steam = `M${middle} ${top}V${top - 8}q0 -8 8 -8H${between - 7}q7 0 7 7V${vessel.bottom + 9}q0 7 7 7H${inX - 7}q7 0 7 -7V${vessel.bottom}`;
  return { body, pipe: `${steam}M${inX} ${vessel.top}${over}` };
}

/** Body and vapour path of a round flask. */
function flaskOutline({
  bodyLeft,
  bodyRight,
  base,
  headX,
  headTop,
  coolerX,
}: StillLayout): Outline {
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
