import Svg, { Defs, Path, Pattern, Rect, Text as SvgText } from "react-native-svg";
import { View } from "react-native";
import { fontToFit } from "./fontToFit";

/** One band out of a whole: its amount, colour and words; `unknown` is hatched. */
export interface Flow {
  label: string;
  text: string;
  amount: number;
  colour: string;
  unknown?: boolean;
}

const width = 340;
const left = 18;
const right = 112;
const rowGap = 8;

/** A whole that goes several ways: bands as wide as their amounts, from left to right. */
export function Flows({
  whole,
  colour: wholeColour,
  flows,
  inWords,
}: {
  whole: string;
  /** Of the whole: what it is made of, or what holds it. */
  colour: string;
  flows: readonly Flow[];
  inWords: string;
}) {
  const total = flows.reduce((sum, { amount }) => sum + amount, 0);
  const shown = flows.filter(({ amount }) => amount > total * 1e-4);
  const lines = shown.map(({ label, text }) => ({ label, line: `${text} ${label}` }));
  const rowsHigh = 110;
  const least = 3;
  const highs = shown.map(({ amount }) => Math.max(least, (amount / total) * rowsHigh));
  const row = (i: number) =>
    highs.slice(0, i).reduce((sum, high) => sum + Math.max(high, 22) + rowGap, 0);
  const height = row(shown.length) + 24;
  const start = (i: number) => highs.slice(0, i).reduce((sum, high) => sum + high, 0) + 20;
  return (
    <View role="img" aria-label={inWords} className="w-full max-w-[460px]">
      <Svg viewBox={`0 0 ${width} ${height}`} width="100%" aria-hidden>
        <Defs>
          <Pattern id="unknown" width={6} height={6} patternUnits="userSpaceOnUse">
            <Path d="M0 6 L6 0" stroke="var(--soft)" strokeWidth={1.4} />
          </Pattern>
        </Defs>
        <SvgText x={0} y={13} fontFamily="Atkinson_700" fontSize={13} fill="var(--ink)">
          {whole}
        </SvgText>
        <Rect
          x={0}
          y={20}
          width={left}
          height={start(shown.length) - 20}
          fill={wholeColour}
          rx={3}
        />
        {shown.map(({ label, colour, unknown }, i) => {
          const [from, to, high] = [start(i), row(i) + 22, highs[i]!];
          const middle = (left + right) / 2;
          const band = `M${left} ${from} C${middle} ${from} ${middle} ${to} ${right} ${to} L${right} ${to + high} C${middle} ${to + high} ${middle} ${from + high} ${left} ${from + high} Z`;
          return (
            <Path
              key={label}
              d={band}
              fill={unknown ? "url(#unknown)" : colour}
              opacity={unknown ? 1 : 0.8}
            />
          );
        })}
        {lines.map(({ label, line }, i) => (
          <SvgText
            key={label}
            x={right + 8}
            y={row(i) + 22 + Math.max(highs[i]! / 2 + 4, 9)}
            fontFamily="Atkinson_400"
            fontSize={fontToFit(line, width - right - 8, 13)}
            fill="var(--ink)"
          >
            {line}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
