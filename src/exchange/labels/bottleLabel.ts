import type { ProductPart } from "@/core/care/productCautions";
import { markOf } from "@/core/plant/plantMarks";
import type { UnitSystem } from "@/core/units/units";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { Setting } from "@/records/setting";
import { labelText, type LabelText } from "@/words/labelWords";
import { plainText } from "@/words/plainText";
import type { LabelFonts } from "./labelFonts";
import type { DrawnLabel } from "./labelSvg";
import type { LabelDesign } from "./labelItems";
import { layoutLabel, type LaidOut } from "./layoutLabel";

export interface LabelOf {
  bottle: Bottle;
  lot: Lot;
  plant: KnownPlant | undefined;
  /** Whose names stand on it. */
  ownerNames?: readonly string[];
  /** What is in it, where it is not of one plant alone. */
  parts?: readonly ProductPart[];
  /** Who makes it, where it is for sale. */
  maker?: Setting["maker"];
}

/** A bottle's label at a size in a design; the person's own words take the place of what would stand there. */
export function bottleLabel(
  { bottle, lot, plant, ownerNames, parts, maker }: LabelOf,
  { design, widthMm, heightMm }: { design: LabelDesign; widthMm: number; heightMm: number },
  fonts: LabelFonts,
  units: UnitSystem,
  own: Partial<LabelText> = {},
): DrawnLabel & LaidOut {
  const text = printable({
    ...labelText(bottle, lot, plant, units, ownerNames, parts, maker),
    ...own,
  });
  const laid = layoutLabel({ text, design, mark: markOf(plant), widthMm, heightMm }, fonts);
  return { ...laid, code: bottle.code, product: lot.product, widthMm, heightMm };
}

/* A mark that nobody can see has no shape in any font: a program that reads the sheet would stumble over it. */
function printable(text: LabelText): LabelText {
  const plain = (value: unknown): unknown =>
    typeof value === "string" ? plainText(value) : Array.isArray(value) ? value.map(plain) : value;
  return Object.fromEntries(
    Object.entries(text).map(([name, value]) => [name, plain(value)]),
  ) as unknown as LabelText;
}
