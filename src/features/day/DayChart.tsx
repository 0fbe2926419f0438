import Lock from "lucide-react-native/icons/lock";
import { useState } from "react";
import { View } from "react-native";
import Svg, { Line, Rect, Text as SvgText } from "react-native-svg";
import { unstable_createElement } from "react-native-web";
import { showTime } from "@/core/units/dates";
import type { PlacedCharge } from "@/core/day/day";
import { t } from "@/language/t";
import { Txt } from "@/ui/primitives/Txt";

/** A charge as the chart draws it. */
export interface ChartCharge extends PlacedCharge {
  name: string;
  /** How long hands load it, min. */
  loads: number;
  held: boolean;
  /** Lit or done: it lies where it went. */
  fixed: boolean;
  /** All that is told of it aloud. */
  spoken: string;
}

interface Props {
  lanes: readonly { id: string; name: string }[];
  charges: readonly ChartCharge[];
  /** The day's beginning, ms, and how long it is, min. */
  beginning: number;
  lengthMin: number;
  nowMin?: number;
  onOpen: (id: string) => void;
  /** Put somewhere else: when it is to be loaded, min; or so many minutes from where it was last put. */
  onMove: (charge: ChartCharge, loadMin: number) => void;
  onNudge: (charge: ChartCharge, by: number) => void;
}

const perHour = 58;
const handsWidth = 42;
const step = 5;
const spareMin = 90;
const px = (minutes: number) => (minutes * perHour) / 60;

/** A day from top to bottom: hours at the left, what hands do beside them, and a lane for each still. */
export function DayChart({
  lanes,
  charges,
  beginning,
  lengthMin,
  nowMin,
  onOpen,
  onMove,
  onNudge,
}: Props) {
  const [width, setWidth] = useState(340);
  const lastMin = Math.max(...charges.map(({ doneMin }) => doneMin), onIt(nowMin, lengthMin));
  /* Hours in which nothing happens any more are not drawn. */
  const end = Math.max(Math.min(lengthMin, lastMin + spareMin), lastMin) + 15;
  const height = px(end);
  const clock = (minutes: number) => showTime(beginning + minutes * 60_000);
  const firstHour = (60 - (new Date(beginning).getMinutes() % 60)) % 60;
  const hours = Array.from(
    { length: Math.floor((end - firstHour) / 60) + 1 },
    (_, i) => firstHour + 60 * i,
  );
  /* As wide as the longest time is in this person's country. */
  const gutter = 12 + 7 * Math.max(...hours.map((minutes) => clock(minutes).length));
  const lane = (width - gutter - handsWidth) / Math.max(1, lanes.length);
  const left = (still: string) =>
    gutter + handsWidth + lane * lanes.findIndex(({ id }) => id === still);
  return (
    <View className="gap-1">
      <View className="flex-row" style={{ paddingLeft: gutter }}>
        <Txt variant="small" style={{ width: handsWidth }} className="break-words">
          {t`hands`}
        </Txt>
        {lanes.map(({ id, name }) => (
          <Txt key={id} variant="small" className="min-w-0 flex-1 px-1" numberOfLines={2}>
            {name}
          </Txt>
        ))}
      </View>
      <View style={{ height }} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
        <View role="img" aria-label={inWords(charges, clock)} className="absolute inset-0">
          <Svg width={width} height={height} aria-hidden style={{ overflow: "visible" }}>
            {hours.map((minutes) => (
              <Line
                key={minutes}
                x1={gutter - 4}
                x2={width}
                y1={px(minutes)}
                y2={px(minutes)}
                stroke="var(--line)"
                strokeWidth={1}
              />
            ))}
            {hours.map((minutes) => (
              <SvgText
                key={minutes}
                x={gutter - 8}
                y={Math.max(11, px(minutes) + 4)}
                textAnchor="end"
                fontFamily="Atkinson_400"
                fontSize={12}
                fill="var(--soft)"
              >
                {clock(minutes)}
              </SvgText>
            ))}
            <Rect
              x={gutter}
              y={0}
              width={handsWidth - 6}
              height={height}
              rx={6}
              fill="var(--ground)"
            />
            {charges.flatMap((charge) => [
              <Rect
                key={`${charge.id}-load`}
                x={gutter + 2}
                y={px(charge.loadMin)}
                width={handsWidth - 10}
                height={Math.max(3, px(charge.loads) - 1)}
                rx={3}
                fill="var(--leaf)"
              />,
              <Rect
                key={`${charge.id}-close`}
                x={gutter + 2}
                y={px(charge.closeMin)}
                width={handsWidth - 10}
                height={Math.max(3, px(charge.doneMin - charge.closeMin) - 1)}
                rx={3}
                fill="var(--soft)"
              />,
            ])}
            {lengthMin <= end ? (
              <Line
                x1={gutter - 4}
                x2={width}
                y1={px(lengthMin)}
                y2={px(lengthMin)}
                stroke="var(--ember)"
                strokeWidth={2}
                strokeDasharray="6 4"
              />
            ) : null}
            {nowMin !== undefined && nowMin >= 0 && nowMin <= end ? (
              <Line
                x1={gutter - 4}
                x2={width}
                y1={px(nowMin)}
                y2={px(nowMin)}
                stroke="var(--bottle)"
                strokeWidth={2}
              />
            ) : null}
          </Svg>
        </View>
        {charges.map((charge) => (
          <Bar
            key={charge.id}
            charge={charge}
            left={left(charge.still)}
            width={lane}
            onOpen={() => onOpen(charge.id)}
            onMove={(loadMin) => onMove(charge, loadMin)}
            onNudge={(by) => onNudge(charge, by)}
          />
        ))}
      </View>
      <Txt variant="small">
        {lengthMin <= end
          ? t`Green: loading. Yellow: heating. Blue: distilling. Grey: waiting, emptying and rinsing. Dashed: the day’s end.`
          : t`Green: loading. Yellow: heating. Blue: distilling. Grey: waiting, emptying and rinsing.`}
      </Txt>
    </View>
  );
}

/* Where the day is now; nothing before it begins and long after it. */
function onIt(nowMin: number | undefined, lengthMin: number): number {
  return nowMin !== undefined && nowMin > 0 && nowMin < lengthMin + 180 ? nowMin : 0;
}

function inWords(charges: readonly ChartCharge[], clock: (minutes: number) => string): string {
  return charges
    .map(({ name, loadMin, doneMin }) => t`${name} from ${clock(loadMin)} to ${clock(doneMin)}`)
    .join("; ");
}

interface BarProps {
  charge: ChartCharge;
  left: number;
  width: number;
  onOpen: () => void;
  onMove: (loadMin: number) => void;
  onNudge: (by: number) => void;
}

interface Pointed {
  clientY: number;
  pointerId: number;
  pointerType: string;
  target: HTMLElement;
  currentTarget: HTMLElement;
}

/* So far a finger slips in a tap, px. */
const slip = 6;

/** One charge on its still: drawn as it goes, dragged or moved by the arrow keys, opened by a tap. */
function Bar({ charge, left, width, onOpen, onMove, onNudge }: BarProps) {
  const [shift, setShift] = useState(0);
  const [from, setFrom] = useState<number>();
  /* The click that follows a drag opens nothing. */
  const [dragged, setDragged] = useState(false);
  const { loadMin, litMin, firstDropMin, offMin, closeMin, doneMin, loads, fixed, held } = charge;
  const part = (a: number, b: number, colour: string, key: string) =>
    b - a > 0.5
      ? unstable_createElement("div", {
          key,
          style: {
            position: "absolute",
            left: 0,
            right: 0,
            top: px(a - loadMin),
            height: px(b - a),
            backgroundColor: `var(--${colour})`,
          },
        })
      : null;
  const bar = unstable_createElement("button", {
    type: "button",
    "aria-label": charge.spoken,
    "aria-haspopup": "dialog",
    "data-charge": charge.id,
    onPointerDown: (event: Pointed) => {
      setDragged(false);
      /* A finger on a bar scrolls the page; on its grip it drags. */
      if (fixed || (event.pointerType !== "mouse" && !event.target.closest("[data-grip]"))) return;
      setFrom(event.clientY);
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: Pointed) => {
      if (from !== undefined) setShift(event.clientY - from);
    },
    onPointerCancel: () => {
      setFrom(undefined);
      setShift(0);
    },
    onPointerUp: (event: Pointed) => {
      /* Where the finger left, not where it was last drawn. */
      const by = from === undefined ? 0 : event.clientY - from;
      const moved = Math.abs(by) > slip;
      setFrom(undefined);
      setDragged(moved);
      setShift(0);
      if (moved) onMove(toStep(loadMin + (by * 60) / perHour));
    },
    onClick: () => {
      if (!dragged) onOpen();
    },
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      const by = { ArrowUp: -step, ArrowDown: step }[event.key];
      if (by === undefined || fixed) return;
      event.preventDefault();
      onNudge(by);
    },
    style: {
      position: "absolute",
      left: left + 2,
      width: width - 4,
      top: px(loadMin) + shift,
      height: px(doneMin - loadMin),
      padding: 0,
      border: `2px solid var(--${held ? "bottle" : "edge"})`,
      borderRadius: 10,
      overflow: "hidden",
      background: "var(--ground)",
      cursor: fixed ? "pointer" : "grab",
      zIndex: shift === 0 ? 1 : 2,
      opacity: shift === 0 ? 1 : 0.85,
    },
    children: [
      part(loadMin, loadMin + loads, "leaf-wash", "load"),
      part(litMin, firstDropMin, "oil-wash", "heat"),
      part(firstDropMin, offMin, "dew-wash", "run"),
      part(closeMin, doneMin, "line", "close"),
      unstable_createElement("span", {
        key: "name",
        style: {
          position: "absolute",
          left: 6,
          right: 4,
          top: px(loads) + 4,
          textAlign: "left",
          fontFamily: "Atkinson_700",
          fontSize: 13,
          lineHeight: "16px",
          color: "var(--ink)",
        },
        children: charge.name,
      }),
      fixed
        ? null
        : unstable_createElement("span", {
            key: "grip",
            "data-grip": "",
            "aria-hidden": true,
            style: {
              position: "absolute",
              right: 0,
              bottom: 0,
              width: 40,
              height: 40,
              display: "grid",
              placeItems: "center",
              touchAction: "none",
              color: "var(--soft)",
              fontSize: 18,
            },
            children: "↕",
          }),
    ],
  });
  return (
    <>
      {bar}
      {held ? (
        <View
          pointerEvents="none"
          style={{ position: "absolute", left: left + width - 22, top: px(loadMin) + 4, zIndex: 3 }}
        >
          <Lock size={14} color="var(--bottle)" />
        </View>
      ) : null}
    </>
  );
}

function toStep(minutes: number): number {
  return Math.max(0, Math.round(minutes / step) * step);
}
