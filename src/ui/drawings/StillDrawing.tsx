import Svg, { G, Line, Path, Text as SvgText } from "react-native-svg";
import { View } from "react-native";
import { type Shown } from "@/core/units/format";
import type { Condenser } from "@/core/cooling/condenser";
import type { ChargeLevels } from "@/core/plan/chargeLevels";
import type { StillShape } from "@/core/still/geometry";
import type { HeatKind } from "@/core/still/heatSources";
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
}

interface Props {
  shape: StillShape;
  levels: ChargeLevels;
  hydro: boolean;
  heatKind: HeatKind;
  condenser?: Condenser["kind"];
  head?: HeadKind;
  /** The receiver: what it holds and what is in it, mL; oil lies on top. */
  jar: { sizeMl: number; hydrosolMl: number; oilMl: number };
  labels: {
    headspace?: Label;
    charge?: Label;
    water?: Label;
    dryLine?: Label;
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
      /* Beside a boiler stands its vessel: there the dry line's word goes to the left as well. */
      shape.vessel
        ? labels.dryLine && {
            y: y(levels.dryLineMm),
            from: bodyLeft,
            ...labels.dryLine,
            ink: "var(--ember-ink)",
          }
        : undefined,
    ].filter((label) => label !== undefined),
    33,
    base - 4,
  );
  const jarX = layout.jarX;
  return (
    <View role="img" aria-label={inWords} className={`w-full ${fit ? "min-h-0 flex-1" : ""}`}>
      <Svg
        viewBox="0 18 384 276"
        width="100%"
        {...(fit ? { height: "100%" } : {})}
        style={{ maxHeight: 420 }}
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
        {shape.construction === "cohobating" ? (
          <ReturnTube
            x={jarX}
            base={base}
            toX={layout.bodyRight - 6}
            toY={base - (layout.bodyRight - bodyLeft) * 0.72}
            oil={jar.oilMl > 0}
          />
        ) : shape.construction === "bowl" ? null : (
          <Jar x={jarX} base={base} scale={scale} {...jar} />
        )}
        {left.map((label) => (
          <G key={label.what}>
            <Path
              d={`M70 ${label.at}H${label.from - 12}L${label.from - 3} ${label.y}`}
              stroke="var(--soft)"
              strokeWidth={1}
              fill="none"
            />
            <LabelText {...label} x={64} y={label.at} anchor="end" />
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
            {shape.vessel ? null : (
              <LabelText
                x={layout.bodyRight + 10}
                y={Math.min(y(levels.dryLineMm), base - 8)}
                anchor="start"
                ink="var(--ember-ink)"
                {...labels.dryLine}
              />
            )}
          </G>
        ) : null}
        {labels.oil ? (
          <LabelText x={381} y={base - 68} anchor="end" ink="var(--oil-ink)" {...labels.oil} />
        ) : null}
        {labels.hydrosol ? (
          <LabelText x={381} y={base - 30} anchor="end" ink="var(--dew-ink)" {...labels.hydrosol} />
        ) : null}
      </Svg>
    </View>
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
  return (
    <>
      <SvgText
        x={x}
        y={y - 1}
        textAnchor={anchor}
        fontFamily="Atkinson_700"
        fontSize={14.5}
        fill={ink}
      >
        {`${shown.text} ${shown.unit}`.trim()}
      </SvgText>
      <SvgText
        x={x}
        y={y + 13}
        textAnchor={anchor}
        fontFamily="Atkinson_400"
        fontSize={12}
        fill="var(--soft)"
      >
        {what}
      </SvgText>
    </>
  );
}
