import Svg, { G, Line, Path, Text as SvgText } from "react-native-svg";
import { Pressable, View } from "react-native";
import { fontToFit } from "../charts/fontToFit";
import { type Shown, words } from "@/core/units/format";
import type { Condenser } from "@/core/cooling/condenser";
import type { ChargeLevels } from "@/core/plan/chargeLevels";
import { constructionOf } from "@/core/still/constructions";
import type { StillShape } from "@/core/still/geometry";
import type { HeatKind } from "@/core/still/heatSources";
import type { StillFigures } from "@/core/still/stillFigures";
import { BowlBody } from "./BowlBody";
import { CondenserDrawing, ReturnTube } from "./CondenserDrawing";
import { Jar } from "./Jar";
import { spreadLabels } from "./spreadLabels";
import { stillLayout } from "./stillLayout";
import { HeatSource } from "./HeatSource";
import { StillBody, type HeadKind } from "./StillBody";

interface Label {
  shown: Shown;
  what: string;
  /** Both in the order in which they are said aloud, where that is not the drawing's. */
  spoken?: string;
  /** What a tap on it opens. */
  onPress?: () => void;
}

/* The drawing's own units: the view box, which its words' places count in too. */
const box = { left: 0, top: 18, width: 384, height: 276 };
/* Room of a label: its two lines, and for a fingertip what is between it and the next. */
const labelWidth = 92;
const labelHeight = 40;
/* Beside the drawing its words have so much room. */
const labelRoom = 72;
const mostWidth = 490;

interface Props {
  shape: StillShape;
  levels: ChargeLevels;
  hydro: boolean;
  heatKind: HeatKind;
  condenser?: Condenser["kind"];
  head?: HeadKind;
  /** Of a trap whose water runs back: which oils it keeps; those that float where absent. */
  trapKeeps?: StillFigures["trapKeeps"];
  /** The receiver: what it holds and what is in it, mL; oil lies on top, or on the bottom. */
  jar: { sizeMl: number; hydrosolMl: number; oilMl: number; oilSinks?: boolean };
  labels: {
    headspace?: Label;
    charge?: Label;
    water?: Label;
    dryLine?: Label;
    cooling?: Label;
    oil?: Label;
    hydrosol?: Label;
  };
  /** The whole drawing in a sentence, for a screen reader. */
  inWords: string;
  /** Heat is on. */
  lit?: boolean;
  /** Fills the room it is given instead of asking for its own. */
  fit?: boolean;
}

/** The person's own still to scale, with what is in it and the numbers on it. */
export function StillDrawing({
  shape,
  levels,
  hydro,
  heatKind,
  condenser,
  head,
  trapKeeps,
  jar,
  labels,
  inWords,
  lit = true,
  fit,
}: Props) {
  const layout = stillLayout(shape, levels);
  const { potTop, base, scale, bodyLeft, charge } = layout;
  const y = (mm: number) => base - mm * scale;
  const liquidY = y(levels.liquidMm);
  const chargeMiddle = hydro ? (liquidY + base) / 2 - 14 : charge.top + charge.height / 2;
  const left = spreadLabels(
    [
      labels.headspace && {
        y: hydro ? (liquidY + potTop) / 2 : charge.top - 12,
        from: charge.left,
        ...labels.headspace,
        ink: "var(--ink)",
      },
      labels.charge && {
        y: chargeMiddle,
        from: charge.left,
        ...labels.charge,
        ink: "var(--leaf-ink)",
      },
      labels.water && {
        y: (liquidY + base) / 2 + (hydro ? 14 : 0),
        from: bodyLeft,
        ...labels.water,
        ink: "var(--dew-ink)",
      },
      labels.dryLine && {
        y: y(levels.dryLineMm),
        from: bodyLeft,
        ...labels.dryLine,
        ink: "var(--ember-ink)",
      },
    ].filter((label) => label !== undefined),
    labelHeight,
    base - 4,
  );
  const right = [
    labels.cooling && { at: 48, ink: "var(--dew-ink)", ...labels.cooling },
    labels.oil && { at: base - 72, ink: "var(--oil-ink)", ...labels.oil },
    labels.hydrosol && { at: base - 28, ink: "var(--dew-ink)", ...labels.hydrosol },
  ].filter((label) => label !== undefined);
  const jarX = layout.jarX;
  return (
    <View
      className={fit ? "min-h-0 w-full flex-1" : "w-full self-center"}
      style={fit ? undefined : { aspectRatio: box.width / box.height, maxWidth: mostWidth }}
    >
      <View role="img" aria-label={inWords} className="h-full w-full">
        <Svg
          viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
          width="100%"
          height="100%"
          aria-hidden
        >
          {shape.construction === "bowl" ? (
            <BowlBody
              shape={shape}
              levels={levels}
              layout={layout}
              caughtMl={jar.hydrosolMl}
              oilMl={jar.oilMl}
            />
          ) : (
            <StillBody
              shape={shape}
              levels={levels}
              hydro={hydro}
              layout={layout}
              head={head}
              heatKind={heatKind}
              lit={lit}
            />
          )}
          <HeatSource kind={heatKind} layout={layout} lit={lit} />
          {shape.construction === "bowl" ? null : (
            <CondenserDrawing x={layout.coolerX} kind={condenser} />
          )}
          {constructionOf(shape.construction).trap ? (
            <ReturnTube
              x={jarX}
              base={base}
              toX={layout.bodyRight - 6}
              toY={base - (layout.bodyRight - bodyLeft) * 0.72}
              oil={jar.oilMl > 0 && (trapKeeps === "sinks") === (jar.oilSinks === true)}
              heavy={trapKeeps === "sinks"}
            />
          ) : shape.construction === "bowl" ? null : (
            <Jar x={jarX} base={base} scale={scale} {...jar} />
          )}
          {left.map((label) => (
            <G key={label.what}>
              <Path
                d={`M76 ${label.at}H${label.from - 12}L${label.from - 3} ${label.y}`}
                stroke="var(--soft)"
                strokeWidth={1}
                fill="none"
              />
              <LabelText {...label} x={72} y={label.at} anchor="end" />
            </G>
          ))}
          {labels.dryLine ? (
            <G>
              <Line
                x1={bodyLeft - 5}
                x2={layout.bodyRight + 5}
                y1={y(levels.dryLineMm)}
                y2={y(levels.dryLineMm)}
                stroke="var(--ember)"
                strokeWidth={2}
                strokeDasharray="5 4"
              />
            </G>
          ) : null}
          {right.map((label) => (
            <LabelText key={label.what} {...label} x={381} y={label.at} anchor="end" />
          ))}
        </Svg>
      </View>
      {fit ? null : left.map((label) => <Door key={label.what} {...label} side="left" />)}
      {fit ? null : right.map((label) => <Door key={label.what} {...label} side="right" />)}
    </View>
  );
}

/** A label's place as a button over the drawing; nothing where it opens nothing. */
function Door({
  at,
  side,
  shown,
  what,
  spoken,
  onPress,
}: Label & { at: number; side: "left" | "right" }) {
  if (!onPress) return null;
  const percent = (value: number, of: number) => `${(100 * value) / of}%` as const;
  return (
    <Pressable
      role="button"
      aria-label={spoken ?? `${what}: ${words(shown)}`}
      {...{ "aria-haspopup": "dialog" }}
      onPress={onPress}
      className="absolute rounded-[10px] active:opacity-60"
      style={{
        left: side === "left" ? 0 : undefined,
        right: side === "right" ? 0 : undefined,
        top: percent(at - labelHeight / 2 - box.top, box.height),
        width: percent(labelWidth, box.width),
        height: percent(labelHeight, box.height),
      }}
    />
  );
}

function LabelText({
  x,
  y,
  anchor,
  ink,
  shown,
  what,
}: Label & { x: number; y: number; anchor: "start" | "end"; ink: string }) {
  const amount = `${shown.text} ${shown.unit}`.trim();
  return (
    <>
      <SvgText
        x={x}
        y={y - 1}
        textAnchor={anchor}
        fontFamily="Atkinson_700"
        fontSize={fontToFit(amount, labelRoom, 14.5, { bold: true })}
        fill={ink}
      >
        {amount}
      </SvgText>
      <SvgText
        x={x}
        y={y + 13}
        textAnchor={anchor}
        fontFamily="Atkinson_400"
        fontSize={fontToFit(what, labelRoom, 12)}
        fill="var(--soft)"
      >
        {what}
      </SvgText>
    </>
  );
}
