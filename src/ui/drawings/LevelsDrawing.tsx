import { View } from "react-native";
import Svg, { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { fullShare } from "@/core/run/liveEstimate";
import type { Catches } from "@/core/still/methods";

interface Pot {
  /** Water now, at most and at the dry line, mL; as words. */
  waterMl: number;
  fullMl: number;
  dryLineMl: number;
  shown: string;
  dryShown: string;
  low: boolean;
}
interface Tub {
  temperatureC: number;
  limitC: number;
  shown: string;
  detail: string;
  warm: boolean;
}
interface Jar {
  catches: Catches;
  filledMl: number;
  sizeMl: number;
  oilMl: number;
  /** It lies on the bottom. */
  oilSinks?: boolean;
  shown: string;
  detail: string;
  full: boolean;
}

interface Props {
  pot: Pot;
  /** What cools; a tap has no level. */
  tub?: Tub;
  jar: Jar;
  lit: boolean;
  inWords: string;
}

const floor = 92;

/** The three levels that matter while it runs, large enough for arm's length: pot, tub, jar. */
export function LevelsDrawing({ pot, tub, jar, lit, inWords }: Props) {
  const places = tub ? [62, 181, 300] : [96, 0, 264];
  return (
    <View role="img" aria-label={inWords} className="w-full">
      <Svg viewBox="0 4 362 128" width="100%" aria-hidden>
        <PotLevel x={places[0]!} {...pot} lit={lit} />
        {tub ? <TubLevel x={places[1]!} {...tub} /> : null}
        {jar.catches === "trap" ? (
          <TrapLevel x={places[2]!} {...jar} />
        ) : jar.catches === "bowl" ? (
          <BowlLevel x={places[2]!} {...jar} />
        ) : (
          <JarLevel x={places[2]!} {...jar} />
        )}
      </Svg>
    </View>
  );
}

function Words({
  x,
  shown,
  detail,
  alarm,
}: {
  x: number;
  shown: string;
  detail: string;
  alarm: boolean;
}) {
  return (
    <>
      <SvgText
        x={x}
        y={112}
        textAnchor="middle"
        fontFamily="Atkinson_700"
        fontSize={17}
        fill={alarm ? "var(--ember-ink)" : "var(--ink)"}
      >
        {shown}
      </SvgText>
      <SvgText
        x={x}
        y={128}
        textAnchor="middle"
        fontFamily="Atkinson_400"
        fontSize={13}
        fill={alarm ? "var(--ember-ink)" : "var(--soft)"}
      >
        {detail}
      </SvgText>
    </>
  );
}

function PotLevel({
  x,
  waterMl,
  fullMl,
  dryLineMl,
  shown,
  dryShown,
  low,
  lit,
}: Pot & { x: number; lit: boolean }) {
  const [left, right] = [x - 46, x + 46];
  const height = 62;
  const y = (volumeMl: number) =>
    floor - 8 - Math.min(1, Math.max(0, volumeMl) / Math.max(1, fullMl)) * (height - 4);
  return (
    <G>
      <Rect
        x={left}
        y={y(waterMl)}
        width={92}
        height={Math.max(0, floor - 8 - y(waterMl))}
        fill="var(--dew)"
        opacity={0.42}
      />
      <Path
        d={`M${left} ${floor - 8 - height}V${floor - 12}q0 6 6 6H${right - 6}q6 0 6 -6V${floor - 8 - height}`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
      />
      <Path
        d={`M${left} ${floor - 8 - height}C${left + 4} ${floor - height - 20} ${x - 8} ${floor - height - 20} ${x - 8} ${floor - height - 28}M${right} ${floor - 8 - height}C${right - 4} ${floor - height - 20} ${x + 8} ${floor - height - 20} ${x + 8} ${floor - height - 28}`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
      />
      <Line
        x1={left - 6}
        x2={right + 6}
        y1={y(dryLineMl)}
        y2={y(dryLineMl)}
        stroke="var(--ember)"
        strokeWidth={2.2}
        strokeDasharray="5 4"
      />
      <Path
        d={`M${left + 8} ${floor}q6 -5 12 0t12 0t12 0t12 0t12 0t12 0`}
        stroke={lit ? "var(--ember)" : "var(--line)"}
        strokeWidth={2.4}
        fill="none"
      />
      <Words x={x} shown={shown} detail={dryShown} alarm={low} />
    </G>
  );
}

function TubLevel({ x, temperatureC, limitC, shown, detail, warm }: Tub & { x: number }) {
  const [left, top, height] = [x - 34, 26, 64];
  const share = Math.min(1, Math.max(0.04, temperatureC / (limitC * 1.25)));
  const y = (part: number) => top + height - part * height;
  return (
    <G>
      <Rect x={left} y={top} width={68} height={height} fill="var(--dew-wash)" />
      <Rect
        x={left}
        y={y(share)}
        width={68}
        height={share * height}
        fill={warm ? "var(--ember)" : "var(--dew)"}
        opacity={0.42}
      />
      <Path
        d={`M${left - 2} ${top - 6}V${top + height - 6}q0 6 6 6H${left + 64}q6 0 6 -6V${top - 6}`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
      />
      <Path
        d={`M${x} 10V34c12 2 12 9 0 9s-12 8 0 9s12 8 0 9s-12 8 0 9V88`}
        stroke="var(--ink)"
        strokeWidth={2}
        fill="none"
      />
      <Line
        x1={left - 8}
        x2={left + 76}
        y1={y(0.8)}
        y2={y(0.8)}
        stroke="var(--ember)"
        strokeWidth={2.2}
        strokeDasharray="5 4"
      />
      <Words x={x} shown={shown} detail={detail} alarm={warm} />
    </G>
  );
}

function JarLevel({
  x,
  filledMl,
  sizeMl,
  oilMl,
  oilSinks,
  shown,
  detail,
  full,
}: Jar & { x: number }) {
  const [left, right, top, height] = [x - 26, x + 26, 22, 70];
  const y = floor - 1 - Math.min(1, Math.max(0, filledMl) / Math.max(1, sizeMl)) * (height - 6);
  return (
    <G>
      <Rect
        x={left + 2}
        y={y}
        width={48}
        height={Math.max(0, floor - 2 - y)}
        fill="var(--dew)"
        opacity={0.42}
      />
      {oilMl > 0 && filledMl > 0 ? (
        <Rect x={left + 2} y={oilSinks ? floor - 6 : y} width={48} height={4} fill="var(--oil)" />
      ) : null}
      <Path
        d={`M${left - 4} ${top}h4V${floor - 7}q0 7 7 7H${right - 7}q7 0 7 -7V${top}h4`}
        stroke={full ? "var(--ember)" : "var(--ink)"}
        strokeWidth={2.6}
        fill="none"
      />
      <Line
        x1={left - 6}
        x2={right + 6}
        y1={floor - 1 - fullShare.jar * (height - 6)}
        y2={floor - 1 - fullShare.jar * (height - 6)}
        stroke="var(--soft)"
        strokeWidth={1.4}
        strokeDasharray="3 4"
      />
      <Words x={x} shown={shown} detail={detail} alarm={full} />
    </G>
  );
}

/** A trap: the water stands still at its overflow, the oil gathers on it and is drawn as high as it is. */
function TrapLevel({ x, sizeMl, oilMl, oilSinks, shown, detail }: Jar & { x: number }) {
  const [left, right, top, height] = [x - 15, x + 15, 12, 80];
  const overflow = top + 16;
  const layer = Math.min(height - 24, (Math.max(0, oilMl) / Math.max(1, sizeMl)) * height);
  return (
    <G>
      <Rect
        x={left + 2}
        y={overflow}
        width={26}
        height={floor - 2 - overflow}
        fill="var(--dew)"
        opacity={0.42}
      />
      {oilMl > 0 ? (
        <Rect
          x={left + 2}
          y={oilSinks ? floor - 2 - Math.max(2, layer) : overflow}
          width={26}
          height={Math.max(2, layer)}
          fill="var(--oil)"
        />
      ) : null}
      <Path
        d={`M${left} ${top - 4}V${floor - 7}q0 7 7 7H${right - 7}q7 0 7 -7V${top - 4}`}
        stroke="var(--ink)"
        strokeWidth={2.6}
        fill="none"
      />
      {/* The way back: from the bottom up to the overflow, or from above an oil that sinks, and down into the pot. */}
      <Path
        d={
          oilSinks
            ? `M${left} ${overflow - 1}h-30`
            : `M${left} ${floor - 12}h-16V${overflow + 3}q0 -4 -4 -4h-10`
        }
        stroke="var(--ink)"
        strokeWidth={2}
        fill="none"
      />
      <Words x={x} shown={shown} detail={detail} alarm={false} />
    </G>
  );
}

/** A bowl, wide and low, with its two-thirds line. */
function BowlLevel({ x, filledMl, sizeMl, oilMl, shown, detail, full }: Jar & { x: number }) {
  const [left, right, height] = [x - 40, x + 40, 40];
  const y = floor - 2 - Math.min(1, Math.max(0, filledMl) / Math.max(1, sizeMl)) * (height - 4);
  const line = floor - 2 - fullShare.bowl * (height - 4);
  return (
    <G>
      <Rect
        x={left + 4}
        y={y}
        width={72}
        height={Math.max(0, floor - 3 - y)}
        fill="var(--dew)"
        opacity={0.42}
      />
      {oilMl > 0 && filledMl > 0 ? (
        <Rect x={left + 4} y={y} width={72} height={3} fill="var(--oil)" />
      ) : null}
      <Path
        d={`M${left - 4} ${floor - height}h4l3 ${height - 7}q1 7 8 7H${right - 11}q7 0 8 -7l3 -${height - 7}h4`}
        stroke={full ? "var(--ember)" : "var(--ink)"}
        strokeWidth={2.6}
        fill="none"
      />
      <Path
        d={`M${left - 8} ${floor - height - 16}L${x} ${floor - height - 6}L${right + 8} ${floor - height - 16}`}
        stroke="var(--ink)"
        strokeWidth={2}
        fill="none"
      />
      <Line
        x1={left - 6}
        x2={right + 6}
        y1={line}
        y2={line}
        stroke="var(--soft)"
        strokeWidth={1.4}
        strokeDasharray="3 4"
      />
      <Words x={x} shown={shown} detail={detail} alarm={full} />
    </G>
  );
}
