import { useState } from "react";
import { Image, View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";

/** A line across a picture: how far down it lies, as a share of the picture's height. */
interface PictureLine<Id extends string> {
  id: Id;
  label: string;
  at: number;
  colour: string;
}

interface Props<Id extends string> {
  href: string;
  /** Width over height. */
  aspect: number;
  /** What is pictured, for a screen reader. */
  name: string;
  lines: readonly PictureLine<Id>[];
  onMove: (id: Id, at: number) => void;
}

interface Pointed {
  clientY: number;
  pointerId: number;
  currentTarget: HTMLElement;
}

/* Where on the picture a finger is, as a share of its height. */
function shareAt({ clientY, currentTarget }: Pick<Pointed, "clientY" | "currentTarget">): number {
  const { top = 0, height = 1 } = currentTarget.parentElement?.getBoundingClientRect() ?? {};
  return (clientY - top) / (height || 1);
}

/* A step of the keys and of the small buttons, and a large one. */
const step = 0.001;
const largeStep = 0.01;
const enlarged = 5;
const loupeHeight = 96;

const within = (at: number) => Math.min(1, Math.max(0, at));

/**
 * A picture with lines that a finger, a mouse or the arrow keys set. What lies at the line that was set last is shown
 * enlarged below it, since a finger hides what it points at.
 */
export function PictureLines<Id extends string>({ href, aspect, name, lines, onMove }: Props<Id>) {
  const [width, setWidth] = useState(320);
  const [chosen, setChosen] = useState<Id>(lines[0]!.id);
  const height = width / aspect;
  const line = lines.find(({ id }) => id === chosen) ?? lines[0]!;
  return (
    <View className="gap-2">
      <View
        style={{
          position: "relative",
          width: "100%",
          aspectRatio: aspect,
          overflow: "hidden",
          borderRadius: 12,
        }}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        <Image source={{ uri: href }} aria-label={name} style={{ width: "100%", height: "100%" }} />
        {lines.map((each, i) => (
          <Grip
            key={each.id}
            line={each}
            height={height}
            isChosen={each.id === chosen}
            side={i % 2 === 0 ? "right" : "left"}
            onChoose={() => setChosen(each.id)}
            onMove={(at) => onMove(each.id, within(at))}
          />
        ))}
      </View>
      <View className="flex-row items-center gap-3">
        <Loupe href={href} width={width} height={height} line={line} />
        <View className="gap-2">
          <Button
            look="quiet"
            size="small"
            label={t`Up`}
            hint={t`${line.label}: a little up`}
            onPress={() => onMove(line.id, within(line.at - step))}
          />
          <Button
            look="quiet"
            size="small"
            label={t`Down`}
            hint={t`${line.label}: a little down`}
            onPress={() => onMove(line.id, within(line.at + step))}
          />
        </View>
      </View>
      <Choice
        label={t`Line`}
        options={lines.map(({ id, label }) => ({ value: id, label }))}
        value={line.id}
        onChange={setChosen}
      />
    </View>
  );
}

interface GripProps {
  line: PictureLine<string>;
  /** The picture's, in points. */
  height: number;
  isChosen: boolean;
  /** Where its name stands: names of lines that lie close stand at either side. */
  side: "left" | "right";
  onChoose: () => void;
  onMove: (at: number) => void;
}

/** A line that is moved up and down. */
function Grip({
  line: { id, label, at, colour },
  height,
  isChosen,
  side,
  onChoose,
  onMove,
}: GripProps) {
  /* How far off the line the finger took hold of it. */
  const [heldBy, setHeldBy] = useState<number>();
  const follow = (event: Pointed) => {
    if (heldBy !== undefined) onMove(shareAt(event) + heldBy);
  };
  return unstable_createElement("button", {
    type: "button",
    role: "slider",
    "aria-label": label,
    "aria-orientation": "vertical",
    "aria-valuemin": 0,
    "aria-valuemax": 1000,
    "aria-valuenow": Math.round(1000 * (1 - at)),
    "aria-valuetext": t`${Math.round(100 * (1 - at))} of 100 up the picture`,
    "data-line": id,
    onFocus: onChoose,
    onPointerDown: (event: Pointed) => {
      onChoose();
      setHeldBy(at - shareAt(event));
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: follow,
    onPointerUp: (event: Pointed) => {
      follow(event);
      setHeldBy(undefined);
    },
    onPointerCancel: () => setHeldBy(undefined),
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      const by = {
        ArrowUp: -step,
        ArrowDown: step,
        PageUp: -largeStep,
        PageDown: largeStep,
      }[event.key];
      if (by === undefined) return;
      event.preventDefault();
      onMove(at + by);
    },
    style: {
      position: "absolute",
      left: 0,
      right: 0,
      top: at * height - 24,
      height: 48,
      padding: 0,
      border: "none",
      background: "none",
      touchAction: "none",
      cursor: "ns-resize",
      zIndex: isChosen ? 2 : 1,
    },
    children: [
      <Rule key="line" top={23} colour={colour} />,
      unstable_createElement("span", {
        key: "name",
        style: {
          position: "absolute",
          [side]: 4,
          top: isChosen ? 8 : 10,
          paddingTop: 4,
          paddingBottom: 4,
          paddingLeft: 8,
          paddingRight: 8,
          borderRadius: 8,
          fontFamily: "Atkinson_700",
          fontSize: 13,
          color: "#fff",
          background: "rgb(16 30 34 / 0.82)",
          outline: isChosen ? `2px solid ${colour}` : "none",
        },
        children: label,
      }),
    ],
  });
}

function Rule({ top, colour }: { top: number; colour: string }) {
  return unstable_createElement("span", {
    style: {
      position: "absolute",
      left: 0,
      right: 0,
      top,
      height: 2,
      background: colour,
      boxShadow: "0 0 0 1px rgb(255 255 255 / 0.7)",
    },
  });
}

/** What lies at a line, enlarged. */
function Loupe({
  href,
  width,
  height,
  line,
}: {
  href: string;
  width: number;
  height: number;
  line: PictureLine<string>;
}) {
  return unstable_createElement("div", {
    "aria-hidden": true,
    style: {
      position: "relative",
      flex: 1,
      height: loupeHeight,
      borderRadius: 12,
      border: "1px solid var(--edge)",
      backgroundImage: `url("${href}")`,
      backgroundRepeat: "no-repeat",
      backgroundSize: `${width * enlarged}px ${height * enlarged}px`,
      backgroundPosition: `50% ${loupeHeight / 2 - line.at * height * enlarged}px`,
    },
    children: <Rule top={loupeHeight / 2 - 1} colour={line.colour} />,
  });
}
