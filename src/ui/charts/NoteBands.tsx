import Svg, { Defs, G, Line, Path, Pattern, Rect } from "react-native-svg";
import { useRef, useState } from "react";
import { Text, View } from "react-native";
import type { NoteBand } from "@/core/plan/notes";
import { type NoteFamily, noteFamilies } from "@/core/plant/noteFamilies";

/* Each family has a colour and a pattern of its own, so that it is told without the colour as well. */
const looks: Record<
  NoteFamily,
  { fill: string; lines: "none" | "rising" | "falling" | "upright" }
> = {
  citrus: { fill: "#d9b23a", lines: "none" },
  resin: { fill: "#5f8f5a", lines: "rising" },
  cool: { fill: "#4f93a8", lines: "upright" },
  mint: { fill: "#6fb58c", lines: "none" },
  herb: { fill: "#8a9a4b", lines: "falling" },
  flower: { fill: "#9a86c4", lines: "none" },
  sweet: { fill: "#b7a6d8", lines: "falling" },
  rose: { fill: "#cc8a94", lines: "rising" },
  anise: { fill: "#c0a878", lines: "upright" },
  spice: { fill: "#a8793f", lines: "rising" },
  wood: { fill: "#7d6249", lines: "none" },
  earth: { fill: "#5c5850", lines: "upright" },
};
const strokes = { rising: "M0 8 L8 0", falling: "M0 0 L8 8", upright: "M4 0 V8" };
const ink = "rgba(255,255,255,0.55)";

interface Props {
  bands: readonly NoteBand[];
  /** Families that are shown, the lightest first; what is left of a band stays empty. */
  families: readonly NoteFamily[];
  /** Where jars are swapped, mL. */
  cutsMl: readonly number[];
  /** What stands under the ends of the axis. */
  from: string;
  to: string;
  inWords: string;
  height?: number;
  /** How far the run is, mL. */
  nowMl?: number;
  /** Cuts that can be moved: what each is called and how it stands, in words. */
  handles?: readonly CutHandle[];
}

/** A cut that is moved by dragging or with the arrow keys. */
interface CutHandle {
  label: string;
  text: string;
  onMove: (ml: number) => void;
  /** The finger is up: what stands is meant. */
  onDone: () => void;
}

const width = 320;
const height = 96;

/** A run as bands of smell over its distillate: the wider a band, the more of the oil that comes then. */
export function NoteBands({
  bands,
  families,
  cutsMl,
  from,
  to,
  inWords,
  height: shown = 104,
  nowMl,
  handles,
}: Props) {
  const all = bands.at(-1)?.toMl ?? 1;
  const x = (ml: number) => (ml / all) * width;
  const areas = stacked(bands, families, x);
  const [across, setAcross] = useState(width);
  return (
    <View onLayout={({ nativeEvent }) => setAcross(nativeEvent.layout.width || width)}>
      <View role="img" aria-label={inWords}>
        <Svg
          viewBox={`0 0 ${width} ${height}`}
          width="100%"
          height={shown}
          preserveAspectRatio="none"
        >
          <Defs>
            {families.map((family) => (
              <NotePattern key={family} family={family} />
            ))}
          </Defs>
          <Rect x={0} y={0} width={width} height={height} fill="none" stroke="var(--edge)" />
          {areas.map(({ family, path }) => (
            <Path key={family} d={path} fill={`url(#note-${family})`} />
          ))}
          {cutsMl.map((ml) => (
            <Line
              key={ml}
              x1={x(ml)}
              x2={x(ml)}
              y1={0}
              y2={height}
              stroke="var(--ink)"
              strokeWidth={1.5}
              strokeDasharray="4 3"
            />
          ))}
          {nowMl === undefined ? null : (
            <>
              <Rect
                x={x(Math.min(all, nowMl))}
                y={0}
                width={Math.max(0, width - x(nowMl))}
                height={height}
                fill="var(--panel)"
                opacity={0.55}
              />
              <Line
                x1={x(nowMl)}
                x2={x(nowMl)}
                y1={0}
                y2={height}
                stroke="var(--ink)"
                strokeWidth={3}
              />
            </>
          )}
        </Svg>
      </View>
      {handles?.map((handle, i) => (
        <Handle
          key={handle.label}
          {...handle}
          ml={cutsMl[i] ?? 0}
          of={all}
          mlPerPixel={all / across}
          height={shown}
        />
      ))}
      {from || to ? (
        <View className={`flex-row justify-between ${handles ? "pt-4" : ""}`}>
          <Text className="font-body text-[14px] text-ink">{from}</Text>
          <Text className="font-body text-[14px] text-ink">{to}</Text>
        </View>
      ) : null}
    </View>
  );
}

/* A key moves a cut by this share of the run. */
const keyStep = 0.01;

function Handle({
  label,
  text,
  onMove,
  onDone,
  ml,
  of,
  mlPerPixel,
  height: shown,
}: CutHandle & { ml: number; of: number; mlPerPixel: number; height: number }) {
  const start = useRef({ pageX: 0, ml: 0 });
  const onKeyDown = ({
    nativeEvent,
  }: {
    nativeEvent: { key: string; preventDefault?: () => void };
  }) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[nativeEvent.key];
    if (by === undefined) return;
    nativeEvent.preventDefault?.();
    onMove(ml + by * keyStep * of);
    onDone();
  };
  return (
    <View
      role="slider"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={Math.round(of)}
      aria-valuenow={Math.round(ml)}
      aria-valuetext={text}
      {...{ tabIndex: 0, onKeyDown }}
      onStartShouldSetResponder={() => true}
      onMoveShouldSetResponder={() => true}
      onResponderTerminationRequest={() => false}
      onResponderGrant={({ nativeEvent }) => {
        start.current = { pageX: nativeEvent.pageX, ml };
      }}
      onResponderMove={({ nativeEvent }) =>
        onMove(start.current.ml + (nativeEvent.pageX - start.current.pageX) * mlPerPixel)
      }
      onResponderRelease={onDone}
      onResponderTerminate={onDone}
      className="absolute -ml-6 w-[48px] cursor-grab items-center justify-end"
      style={[{ left: `${(ml / of) * 100}%`, top: 0, height: shown + 14 }, untouchable]}
    >
      <View className="h-[28px] w-[28px] rounded-full border-2 border-panel bg-bottle" />
    </View>
  );
}

/* The page must not scroll or select while a cut is dragged. */
const untouchable = { touchAction: "none", userSelect: "none" } as object;

/** Each family's area on those below it, as a path. */
function stacked(
  bands: readonly NoteBand[],
  families: readonly NoteFamily[],
  x: (ml: number) => number,
): { family: NoteFamily; path: string }[] {
  const upTo = (count: number) =>
    bands.map(({ shares }) =>
      families.slice(0, count).reduce((sum, family) => sum + shares[family], 0),
    );
  const edge = (levels: readonly number[]): [x: number, level: number][] => [
    [0, levels[0] ?? 0],
    ...bands.map(({ fromMl, toMl }, i): [number, number] => [x((fromMl + toMl) / 2), levels[i]!]),
    [width, levels.at(-1) ?? 0],
  ];
  return families.map((family, at) => {
    const around = [...edge(upTo(at + 1)), ...edge(upTo(at)).reverse()];
    const steps = around.map(
      ([across, level], i) =>
        `${i === 0 ? "M" : "L"}${across.toFixed(1)} ${(height * (1 - level)).toFixed(1)}`,
    );
    return { family, path: `${steps.join(" ")} Z` };
  });
}

function NotePattern({ family }: { family: NoteFamily }) {
  const { fill, lines } = looks[family];
  return (
    <Pattern id={`note-${family}`} width={8} height={8} patternUnits="userSpaceOnUse">
      <Rect x={0} y={0} width={8} height={8} fill={fill} />
      {lines === "none" ? null : <Path d={strokes[lines]} stroke={ink} strokeWidth={1.2} />}
    </Pattern>
  );
}

/** A family's colour and pattern, to stand beside its word. */
function NoteSwatch({ family }: { family: NoteFamily }) {
  const { fill, lines } = looks[family];
  return (
    <Svg width={16} height={16} viewBox="0 0 16 16">
      <Rect x={0} y={0} width={16} height={16} rx={4} fill={fill} />
      {lines === "none" ? null : (
        <G>
          <Path d={strokes[lines]} stroke={ink} strokeWidth={1.2} />
          <Path d={strokes[lines]} transform="translate(8 8)" stroke={ink} strokeWidth={1.2} />
        </G>
      )}
    </Svg>
  );
}

/** The families that a run shows at all, the lightest first: those that are a twentieth of some band. */
export function shownFamilies(bands: readonly NoteBand[]): NoteFamily[] {
  return noteFamilies.filter((family) => bands.some(({ shares }) => shares[family] >= 0.05));
}

/** The families that are shown, each with its look and its name. */
export function NoteLegend({
  families,
  names,
}: {
  families: readonly NoteFamily[];
  names: Record<NoteFamily, string>;
}) {
  return (
    <View className="flex-row flex-wrap gap-x-4 gap-y-1">
      {families.map((family) => (
        <View key={family} className="flex-row items-center gap-2">
          <NoteSwatch family={family} />
          <Text className="font-body text-[14px] leading-[20px] text-ink">{names[family]}</Text>
        </View>
      ))}
    </View>
  );
}
