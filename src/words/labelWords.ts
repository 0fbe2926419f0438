import { noonOf, showDayLong } from "@/core/units/dates";
import { showVolume, words } from "@/core/units/format";
import { allergensIn } from "@/core/care/allergens";
import { sharesOfWhole } from "@/core/care/sharesOfWhole";
import { partOfPlant } from "@/core/care/partOfPlant";
import {
  productCautions,
  type ProductCaution,
  type ProductPart,
} from "@/core/care/productCautions";
import type { Preserved } from "@/core/shelf/waterKeeping";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { Bottle } from "@/records/bottle";
import type { Setting } from "@/records/setting";
import type { Lot } from "@/records/lot";
import { addedWords } from "./waterKeepingWords";
import { containsWords } from "./sellingWords";
import { productCautionWords } from "./productCautionWords";

/** What stands on a label, each part in words; what there is nothing to say of is left out. */
export interface LabelText {
  /** The product: "Clary sage", a blend's own name. */
  name: string;
  /** What it is: "essential oil", "hydrosol, first cut". */
  kind: string;
  botanical?: string;
  /** The part of the plant, and how it was distilled. */
  madeOf?: string;
  code: string;
  made: string;
  volume: string;
  bestBy: string;
  /** Of what is sold: allergens by name, and who made it. */
  contains?: string;
  maker?: string;
  /** Short words of caution, and the usual general ones. */
  cautions: string[];
  /** The same in as few words as say it, for a small label. */
  fewCautions: string[];
}

const kindWords: Record<Lot["product"], string> = {
  oil: t`essential oil`,
  hydrosol: t`hydrosol`,
  liquor: t`pot liquor`,
};

/** A bottle's label in words. */
export function labelText(
  bottle: Bottle,
  lot: Lot,
  plant: KnownPlant | undefined,
  units: UnitSystem,
  ownerNames: readonly string[] = [],
  /** What each plant in it is warned of; of one plant, its own. */
  parts: readonly ProductPart[] = plant ? [partOfPlant(plant, lot.product)] : [],
  /** Who makes it, where it is for sale: then its allergens are named too. */
  maker?: Setting["maker"],
): LabelText {
  const found = productCautions(lot.product, parts);
  const name = lot.name ?? plant?.name ?? lot.plantId;
  const ownPlant = lot.origin === "blend" ? undefined : plant;
  const kind = lot.firstCut
    ? t`hydrosol, first cut`
    : lot.jar
      ? t`${kindWords[lot.product]}, jar ${lot.jar.number}`
      : kindWords[lot.product];
  return {
    name,
    kind: lot.origin === "blend" ? t`${kind}, blend` : kind,
    ...(ownPlant ? { botanical: ownPlant.botanicalName } : {}),
    ...(ownPlant ? { madeOf: t`${ownPlant.part}, distilled with water, nothing added` } : {}),
    code: bottle.code,
    made: [
      t`made ${showDayLong(noonOf(lot.madeOn))}`,
      ...ownerNames.map((name) => t`for ${name}`),
    ].join(", "),
    volume: words(showVolume(bottle.filledMl, units)),
    bestBy: t`best by ${showDayLong(noonOf(bottle.bestBy))}`,
    ...(maker ? forSale(lot.product, parts, maker) : {}),
    cautions: labelCautions(lot.product, found, "label", bottle.preserved),
    fewCautions: labelCautions(lot.product, found, "small", bottle.preserved),
  };
}

function forSale(
  product: Lot["product"],
  parts: readonly ProductPart[],
  { name, address }: NonNullable<Setting["maker"]>,
): Pick<LabelText, "contains" | "maker"> {
  const contains = containsWords(allergensIn(sharesOfWhole(product, parts), "leftOn"));
  const maker = [name, address].filter(Boolean).join(", ");
  return { ...(contains ? { contains } : {}), ...(maker ? { maker } : {}) };
}

/* Usual general words, in full and in few. */
const general = {
  label: {
    oil: t`Dilute before use. Do not swallow. Keep from children, eyes and flame.`,
    other: t`Not preserved: keep cold, use when clear and fresh.`,
  },
  small: { oil: t`Dilute. Do not swallow.`, other: t`Not preserved: keep cold.` },
};

function keepWith(preserved: Preserved, room: "label" | "small"): string {
  const added = addedWords(preserved);
  const named = t`${added.charAt(0).toUpperCase()}${added.slice(1)}: keep cold`;
  return room === "label" ? t`${named}, use when clear and fresh.` : `${named}.`;
}

/** What a label warns of, in full or in as few words as say it. */
export function labelCautions(
  product: Lot["product"],
  found: readonly ProductCaution[],
  room: "label" | "small",
  /** What was added to keep a water: the label names it. */
  preserved?: Preserved,
): string[] {
  const said = general[room];
  const keep = preserved ? keepWith(preserved, room) : said.other;
  const own = found.map((caution) => productCautionWords[caution][room]);
  /* Of a water the gravest stands first: that it is to be used fresh says nothing of drinking it. */
  return product === "oil" ? [said.oil, ...own] : [...own, keep];
}
