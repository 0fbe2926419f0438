import { plantMarks } from "@/core/plant/plantMarks";
import type { Product } from "@/core/shelf/products";
import type { LabelFonts } from "./labelFonts";
import { qrModules, qrQuiet, type LabelColour, type LabelItem } from "./labelItems";
import { qrRuns } from "./qr";

/** Colours on paper: the day's inks; the substance's own for its kind and mark. */
export function labelColours(product: Product): Record<LabelColour, string> {
  return {
    ink: "#15262a",
    soft: "#53666a",
    paper: "#ffffff",
    substance: { oil: "#7a5200", hydrosol: "#1f5f88", liquor: "#3f6424" }[product],
  };
}

export interface DrawnLabel {
  items: readonly LabelItem[];
  code: string;
  product: Product;
  widthMm: number;
  heightMm: number;
}

/** One path of a label: filled, or drawn as a line of a width, mm. */
export interface LabelPath {
  d: string;
  transform?: string;
  fill?: string;
  stroke?: string;
  strokeWidth?: number;
}

/** A label as paths: what is on the screen, in a picture file and on paper is the same. */
export function labelPaths(label: DrawnLabel, fonts: LabelFonts): LabelPath[] {
  const colours = labelColours(label.product);
  return label.items.flatMap((item): LabelPath[] => {
    switch (item.kind) {
      case "text": {
        const scale = item.size / unitsPerEm;
        return fonts.outlines(item.face, item.text, item.size).map(({ d, x, y }) => ({
          d,
          transform: `translate(${mm(item.x + x)} ${mm(item.y + y)}) scale(${scale} ${-scale})`,
          fill: colours[item.colour],
        }));
      }
      case "line":
        return [
          {
            d: `M${mm(item.x1)} ${mm(item.y1)}L${mm(item.x2)} ${mm(item.y2)}`,
            stroke: colours.ink,
            strokeWidth: item.width,
          },
        ];
      case "frame":
        return [{ d: rectangle(item), stroke: colours.ink, strokeWidth: item.line }];
      case "fill":
        return [{ d: rectangle(item), fill: colours[item.colour] }];
      case "mark": {
        const scale = item.size / 24;
        return plantMarks[item.mark].map((d) => ({
          d,
          transform: `translate(${mm(item.x)} ${mm(item.y)}) scale(${scale})`,
          stroke: colours[item.colour],
          strokeWidth: 1.3,
        }));
      }
      case "qr": {
        const module = item.size / (qrModules + 2 * qrQuiet);
        const at = (n: number) => (n + qrQuiet) * module;
        return [
          {
            d: qrRuns(label.code)
              .map(
                ({ x, y, length }) =>
                  `M${mm(item.x + at(x))} ${mm(item.y + at(y))}h${mm(length * module)}v${mm(module)}h${mm(-length * module)}Z`,
              )
              .join(""),
            fill: colours.ink,
          },
        ];
      }
    }
  });
}

/* All three faces, and the wide one, are drawn on a thousand units. */
const unitsPerEm = 1000;

/** A label as an SVG file of its own size, its letters as outlines. */
export function labelSvg(label: DrawnLabel, fonts: LabelFonts): string {
  const paths = labelPaths(label, fonts)
    .map(({ d, transform, fill = "none", stroke, strokeWidth }) => {
      const line = stroke
        ? ` stroke="${stroke}" stroke-width="${strokeWidth}" stroke-linecap="round" stroke-linejoin="round"`
        : "";
      return `<path d="${d}"${transform ? ` transform="${transform}"` : ""} fill="${fill}"${line}/>`;
    })
    .join("\n");
  const { widthMm, heightMm } = label;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">
<rect width="${widthMm}" height="${heightMm}" fill="#ffffff"/>
${paths}
</svg>
`;
}

function rectangle({
  x,
  y,
  width,
  height,
}: {
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  return `M${mm(x)} ${mm(y)}h${mm(width)}v${mm(height)}h${mm(-width)}Z`;
}

function mm(value: number): string {
  return String(Number(value.toFixed(4)));
}
