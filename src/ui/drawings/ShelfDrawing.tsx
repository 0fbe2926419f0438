import { Pressable, ScrollView, Text } from "react-native";
import Svg, { ClipPath, Defs, G, Path, Rect } from "react-native-svg";
import { bottleOutline } from "./bottleOutline";

/** A bottle on the shelf. */
interface ShelfBottle {
  id: string;
  sizeMl: number;
  leftMl: number;
  product: "oil" | "hydrosol";
  glass: "amber" | "blue" | "green" | "clear" | "metal" | "plastic";
  /** Under it, in a word. */
  label: string;
  /** Below that: what is left. */
  amount: string;
  due: boolean;
  inWords: string;
}

interface Props {
  bottles: readonly ShelfBottle[];
  onOpen: (id: string) => void;
}

/* Bottles differ a hundredfold; a root of the true size keeps the small ones to be tapped. */
const tallest = 132;
const smallestWidth = 30;
const glassTint = {
  amber: "#9a5b1e",
  blue: "#2a5aa8",
  green: "#3f7a4d",
  clear: "transparent",
  metal: "#7b8488",
  plastic: "transparent",
};

/** Bottles on a board, each at its fill; a tap opens it. Scrolls sideways when the board is full. */
export function ShelfDrawing({ bottles, onOpen }: Props) {
  const largest = Math.max(1, ...bottles.map(({ sizeMl }) => sizeMl));
  const { height: fullHeight } = bottleOutline(largest, 1, 0, 0);
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      contentContainerClassName="min-w-full items-end px-2"
      role="list"
      aria-label="Bottles on the shelf"
    >
      {bottles.map((bottle) => (
        <ShelfPlace key={bottle.id} bottle={bottle} scale={tallest / fullHeight} onOpen={onOpen} />
      ))}
    </ScrollView>
  );
}

function ShelfPlace({
  bottle,
  scale,
  onOpen,
}: {
  bottle: ShelfBottle;
  scale: number;
  onOpen: (id: string) => void;
}) {
  const trueWidth = bottleOutline(bottle.sizeMl, scale, 0, 0).width;
  const enlarged = Math.max(1, smallestWidth / trueWidth);
  const base = tallest + 6;
  const width = trueWidth * enlarged;
  const outline = bottleOutline(bottle.sizeMl, scale * enlarged, 4, base);
  const level = Math.min(1, bottle.leftMl / bottle.sizeMl) * outline.bodyHeight;
  const clip = `bottle-${bottle.id}`;
  const place = Math.max(78, width + 18);
  return (
    <Pressable
      role="listitem"
      onPress={() => onOpen(bottle.id)}
      {...{ tabIndex: 0 }}
      aria-label={bottle.inWords}
      className="items-center pb-1"
      style={{ width: place }}
    >
      <Svg width={width + 8} height={base + 2} aria-hidden>
        <Defs>
          <ClipPath id={clip}>
            <Path d={outline.path} />
          </ClipPath>
        </Defs>
        <Path d={outline.path} fill={glassTint[bottle.glass]} opacity={0.22} />
        <G clipPath={`url(#${clip})`}>
          <Rect
            x={0}
            y={base - level}
            width={width + 8}
            height={level}
            fill={bottle.product === "oil" ? "var(--oil)" : "var(--dew)"}
            opacity={bottle.product === "oil" ? 0.95 : 0.62}
          />
        </G>
        <Path
          d={outline.path}
          fill="none"
          stroke={bottle.due ? "var(--ember)" : "var(--ink)"}
          strokeWidth={2.2}
          strokeLinejoin="round"
        />
      </Svg>
      <Svg width={place} height={4} aria-hidden>
        <Rect x={0} y={0} width={place} height={4} fill="var(--ink)" />
      </Svg>
      <Text
        numberOfLines={1}
        className={`mt-1 text-[13px] leading-[17px] ${bottle.due ? "font-bold text-ember-ink" : "font-bold text-ink"}`}
      >
        {bottle.label}
      </Text>
      <Text numberOfLines={1} className="font-body text-[13px] leading-[17px] text-soft">
        {bottle.amount}
      </Text>
    </Pressable>
  );
}
