import { type PlantMark, plantMarks } from "@/core/plant/plantMarks";
import type { Product } from "@/core/shelf/products";
import { Pressable, Text, View } from "react-native";
import Svg, { ClipPath, Defs, G, Path, Rect } from "react-native-svg";
import { t } from "@/language/t";
import { bottleOutline } from "./bottleOutline";

/** A bottle on the shelf. */
interface ShelfBottle {
  id: string;
  sizeMl: number;
  leftMl: number;
  product: Product;
  glass: "amber" | "blue" | "green" | "clear" | "metal" | "plastic";
  mark: PlantMark;
  /** Under it, in a word. */
  label: string;
  /** Below that: what is left. */
  amount: string;
  due: boolean;
  inWords: string;
}

interface Props {
  /** The board's name: the fridge, the cellar, a place of the person's own. */
  board: string;
  bottles: readonly ShelfBottle[];
  onOpen: (id: string) => void;
}

/* Bottles differ a hundredfold; a root of the true size keeps the small ones to be tapped. */
const tallest = 124;
const largestMl = 1000;
const smallestWidth = 30;
const glassTint = {
  amber: "#9a5b1e",
  blue: "#2a5aa8",
  green: "#3f7a4d",
  clear: "transparent",
  metal: "#7b8488",
  plastic: "transparent",
};
const liquids = { oil: "var(--oil)", hydrosol: "var(--dew)", liquor: "var(--leaf)" };

/** Bottles on their board, each at its fill; a tap opens it. A board that is full goes on below. */
export function ShelfDrawing({ board, bottles, onOpen }: Props) {
  return (
    <View role="list" aria-label={t`Bottles: ${board}`} className="flex-row flex-wrap">
      {bottles.map((bottle) => (
        <ShelfPlace key={bottle.id} bottle={bottle} onOpen={onOpen} />
      ))}
      {/* The board runs on to its end. */}
      <View style={{ flexGrow: 1000, paddingTop: tallest + 8 }}>
        <View className="h-[4px] bg-ink" />
      </View>
    </View>
  );
}

const scale = tallest / bottleOutline(largestMl, 1, 0, 0).height;

function ShelfPlace({ bottle, onOpen }: { bottle: ShelfBottle; onOpen: Props["onOpen"] }) {
  const size = Math.min(bottle.sizeMl, largestMl);
  const trueWidth = bottleOutline(size, scale, 0, 0).width;
  const enlarged = Math.max(1, smallestWidth / trueWidth);
  const base = tallest + 6;
  const width = trueWidth * enlarged;
  const outline = bottleOutline(size, scale * enlarged, 4, base);
  const level = Math.min(1, bottle.leftMl / bottle.sizeMl) * outline.bodyHeight;
  const clip = `bottle-${bottle.id}`;
  const place = Math.max(84, width + 22);
  /* A label of paper across the middle of its body, with the mark of what is in it. */
  const label = { width: width * 0.74, height: outline.bodyHeight * 0.46 };
  const labelY = base - outline.bodyHeight * 0.5 - label.height / 2;
  const markSize = Math.min(label.width, label.height) * 0.82;
  return (
    <Pressable
      role="listitem"
      onPress={() => onOpen(bottle.id)}
      {...{ tabIndex: 0 }}
      aria-label={bottle.inWords}
      className="items-center pb-2"
      style={{ minWidth: place, flexGrow: 1 }}
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
            fill={liquids[bottle.product]}
            opacity={bottle.product === "oil" ? 0.95 : 0.62}
          />
        </G>
        <Rect
          x={4 + (width - label.width) / 2}
          y={labelY}
          width={label.width}
          height={label.height}
          rx={2}
          fill="var(--panel)"
          stroke="var(--line)"
        />
        <G
          transform={`translate(${4 + (width - markSize) / 2} ${labelY + (label.height - markSize) / 2}) scale(${markSize / 24})`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.6}
          strokeLinecap="round"
          strokeLinejoin="round"
        >
          {plantMarks[bottle.mark].map((path) => (
            <Path key={path} d={path} />
          ))}
        </G>
        <Path
          d={outline.path}
          fill="none"
          stroke={bottle.due ? "var(--ember)" : "var(--ink)"}
          strokeWidth={2.2}
          strokeLinejoin="round"
        />
      </Svg>
      <View className="h-[4px] self-stretch bg-ink" />
      <Text
        numberOfLines={2}
        className={`mt-1 px-1 text-center text-[13px] leading-[16px] ${bottle.due ? "font-bold text-ember-ink" : "font-bold text-ink"}`}
      >
        {bottle.label}
      </Text>
      <Text numberOfLines={1} className="font-body text-[13px] leading-[17px] text-soft">
        {bottle.amount}
      </Text>
      {bottle.due ? (
        <Text className="font-bold text-[12px] leading-[16px] text-ember-ink">{t`due`}</Text>
      ) : null}
    </Pressable>
  );
}
