import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { fontToFit } from "../charts/fontToFit";
import { t } from "@/language/t";

const line = { stroke: "var(--ink)", strokeWidth: 2.6, fill: "none" } as const;

/** The way from the plant to the bottle: sprig, still, separator, bottle. */
export function WayDrawing() {
  return (
    <View
      role="img"
      aria-label={t`The way: a sprig goes into the still; oil and water come over and separate; the oil goes into a bottle.`}
      className="w-full max-w-[520px]"
    >
      <Svg viewBox="0 0 360 150" width="100%" aria-hidden>
        <Sprig />
        <Onward x={70} />
        <Still />
        <Onward x={214} />
        <Separator />
        <Onward x={286} />
        <Bottle />
        {(
          [
            [36, 68, t`plant`],
            [140, 130, t`still`],
            [254, 80, t`separated`],
            [330, 58, t`bottle`],
          ] as const
        ).map(([x, room, word]) => (
          <SvgText
            key={word}
            x={x}
            y={144}
            textAnchor="middle"
            fontFamily="Atkinson_600"
            fontSize={fontToFit(word, room, 14, { bold: true })}
            fill="var(--soft)"
          >
            {word}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}

function Sprig() {
  const leaf = (x: number, y: number, side: 1 | -1) => (
    <Path
      key={`${y}${side}`}
      d={`M${x} ${y}c${side * 5} ${-12} ${side * 18} ${-12} ${side * 22} ${-6}c${side * -2} 9 ${side * -14} 12 ${side * -22} 6Z`}
      fill="var(--leaf)"
    />
  );
  return (
    <G>
      <Path d="M36 124C36 92 34 62 36 30" stroke="var(--leaf)" strokeWidth={2.6} fill="none" />
      {[108, 86, 64, 44].flatMap((y) => [leaf(36, y, 1), leaf(36, y + 6, -1)])}
      <Circle cx={36} cy={26} r={5} fill="var(--leaf)" />
    </G>
  );
}

function Onward({ x }: { x: number }) {
  return <Path d={`M${x} 78h16m-6 -5l6 5l-6 5`} stroke="var(--soft)" strokeWidth={2} fill="none" />;
}

function Still() {
  return (
    <G>
      <Rect x={104} y={96} width={56} height={20} fill="var(--dew)" opacity={0.42} />
      <Rect x={110} y={70} width={44} height={18} rx={3} fill="var(--leaf)" opacity={0.55} />
      <Path d="M102 58V112q0 6 6 6H156q6 0 6 -6V58" {...line} />
      <Path d="M102 58C104 38 126 40 130 24C140 12 172 14 190 34V104" {...line} />
      <Path d="M162 58C160 44 142 44 142 34" {...line} />
      <Path
        d="M184 44c12 3 12 10 0 10s-12 9 0 10s12 9 0 10s-12 9 0 10"
        {...line}
        strokeWidth={1.8}
      />
      <Path
        d="M112 124q5 -5 10 0t10 0t10 0t10 0"
        stroke="var(--ember)"
        strokeWidth={2.4}
        fill="none"
      />
    </G>
  );
}

function Separator() {
  return (
    <G>
      <Path d="M238 66L246 106H262L270 66Z" fill="var(--dew)" opacity={0.42} />
      <Path d="M235 52L238 66H270L273 52Z" fill="var(--oil)" />
      <Path d="M232 34L246 106V124M276 34L262 106V112" {...line} />
      <Line x1={246} x2={262} y1={112} y2={112} {...line} />
    </G>
  );
}

function Bottle() {
  return (
    <G>
      <Rect x={316} y={82} width={28} height={38} rx={4} fill="var(--oil)" />
      <Path
        d="M324 44V58C312 62 313 70 313 76V116q0 6 6 6H341q6 0 6 -6V76C347 70 348 62 336 58V44Z"
        {...line}
      />
      <Rect x={322} y={34} width={16} height={10} rx={2} fill="var(--ink)" />
    </G>
  );
}
