import { ClipPath, Defs, G, Path, Rect } from "react-native-svg";
import type { ChargeLevels } from "@/core/plan/chargeLevels";
import { type StillShape, cylinderHeightMm } from "@/core/still/geometry";
import { Liquid } from "./Liquid";
import type { StillLayout } from "./stillLayout";

interface Props {
  shape: StillShape;
  levels: ChargeLevels;
  layout: StillLayout;
  /** What has dripped into the bowl, mL. */
  caughtMl: number;
  oilMl: number;
}

/** A covered pot with a bowl inside and ice on the inverted lid. */
export function BowlBody({ shape, levels, layout, caughtMl, oilMl }: Props) {
  const { bodyLeft, bodyRight, potTop, base, scale } = layout;
  const middle = (bodyLeft + bodyRight) / 2;
  const pot = `M${bodyLeft} ${potTop}V${base - 9}q0 9 9 9H${bodyRight - 9}q9 0 9 -9V${potTop}`;
  const lid = `M${bodyLeft - 6} ${potTop}H${bodyLeft + 4}Q${middle} ${potTop + 42} ${bodyRight - 4} ${potTop}H${bodyRight + 6}`;
  return (
    <G>
      <Defs>
        <ClipPath id="bowl-pot">
          <Path d={`${pot}Z`} />
        </ClipPath>
      </Defs>
      <Path d={`${pot}Z`} fill="var(--ground)" />
      <G clipPath="url(#bowl-pot)">
        <Liquid name="bowlpot" levels={levels} layout={layout} plant />
      </G>
      {shape.bowl ? (
        <Bowl
          bowl={shape.bowl}
          middle={middle}
          base={base}
          scale={scale}
          caughtMl={caughtMl}
          oilMl={oilMl}
        />
      ) : null}
      <Path d={pot} stroke="var(--ink)" strokeWidth={3} fill="none" strokeLinejoin="round" />
      {/* Ice lies in the lid's hollow; drops run to its middle. */}
      <Path
        d={`M${middle - 44} ${potTop + 8}l14 -14l14 12l15 -15l14 13l16 -13l15 14Q${middle} ${potTop + 38} ${middle - 44} ${potTop + 8}`}
        fill="var(--dew-wash)"
        stroke="var(--dew)"
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <Path d={lid} stroke="var(--ink)" strokeWidth={3} fill="none" strokeLinejoin="round" />
      <Path d={`M${middle} ${potTop + 27}q-4 7 0 9q4 -2 0 -9`} fill="var(--dew)" />
    </G>
  );
}

function Bowl({
  bowl,
  middle,
  base,
  scale,
  caughtMl,
  oilMl,
}: {
  bowl: NonNullable<StillShape["bowl"]>;
  middle: number;
  base: number;
  scale: number;
  caughtMl: number;
  oilMl: number;
}) {
  const half = (bowl.diameterMm / 2) * scale;
  const floor = base - bowl.floorMm * scale;
  const height = cylinderHeightMm(bowl.volumeMl, bowl.diameterMm) * scale;
  const level = floor - 2 - Math.min(1, caughtMl / bowl.volumeMl) * (height - 4);
  return (
    <G>
      <Path
        d={`M${middle - half * 0.7} ${base}V${floor}M${middle + half * 0.7} ${base}V${floor}`}
        stroke="var(--soft)"
        strokeWidth={2}
      />
      {caughtMl > 0 ? (
        <Rect
          x={middle - half + 2}
          y={level}
          width={half * 2 - 4}
          height={floor - level}
          fill="var(--dew)"
          opacity={0.45}
        />
      ) : null}
      {oilMl > 0 ? (
        <Rect x={middle - half + 2} y={level} width={half * 2 - 4} height={2.5} fill="var(--oil)" />
      ) : null}
      <Path
        d={`M${middle - half} ${floor - height}V${floor - 5}q0 5 5 5H${middle + half - 5}q5 0 5 -5V${floor - height}`}
        stroke="var(--ink)"
        strokeWidth={2.4}
        fill="none"
      />
    </G>
  );
}
