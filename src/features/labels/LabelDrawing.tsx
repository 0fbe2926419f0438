import { View } from "react-native";
import Svg, { Path, Rect } from "react-native-svg";
import type { LabelFonts } from "@/exchange/labels/labelFonts";
import { labelPaths, type DrawnLabel } from "@/exchange/labels/labelSvg";

/** A label as it will be printed, on white paper by day and night. */
export function LabelDrawing({
  label,
  fonts,
  inWords,
}: {
  label: DrawnLabel;
  fonts: LabelFonts;
  inWords: string;
}) {
  const { widthMm, heightMm } = label;
  return (
    <View role="img" aria-label={inWords} className="w-full overflow-hidden rounded-[6px]">
      <Svg viewBox={`0 0 ${widthMm} ${heightMm}`} width="100%" aria-hidden>
        <Rect width={widthMm} height={heightMm} fill="#ffffff" />
        {labelPaths(label, fonts).map(({ d, transform, fill = "none", stroke, strokeWidth }, i) => (
          <Path
            key={i}
            d={d}
            fill={fill}
            {...(transform ? { transform } : {})}
            {...(stroke
              ? { stroke, strokeWidth, strokeLinecap: "round", strokeLinejoin: "round" }
              : {})}
          />
        ))}
      </Svg>
    </View>
  );
}
