import { Line, Rect } from "react-native-svg";
import type { ChargeLevels } from "@/core/plan/chargeLevels";
import { Leaves } from "./Leaves";
import type { StillLayout } from "./stillLayout";

interface Props {
  /** Tells this patch of leaves from others on the page. */
  name: string;
  levels: ChargeLevels;
  layout: StillLayout;
  /** Plant swims in it. */
  plant: boolean;
}

/** Water in a pot up to its level, with the plant in it where it swims. */
export function Liquid({ name, levels, layout, plant }: Props) {
  const { bodyLeft, bodyRight, base, scale } = layout;
  const top = base - levels.liquidMm * scale;
  const width = bodyRight - bodyLeft;
  return (
    <>
      <Rect x={bodyLeft} y={top} width={width} height={base - top} fill="var(--dew-wash)" />
      <Line x1={bodyLeft} x2={bodyRight} y1={top} y2={top} stroke="var(--dew)" strokeWidth={2.5} />
      {plant ? (
        <Leaves name={name} x={bodyLeft} y={top + 3} width={width} height={base - top - 8} sparse />
      ) : null}
    </>
  );
}
