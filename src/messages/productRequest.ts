import { z } from "zod";
import { careByContent } from "@/core/plant/careByContent";
import { partOfPlant } from "@/core/care/partOfPlant";
import type { ProductPart } from "@/core/care/productCautions";
import { waterUnder, type WaterContent } from "@/core/care/usualWater";
import { plantById } from "@/core/plant/catalogue";
import { compounds } from "@/core/plant/compounds";
import { mostTotal } from "@/core/plant/oil";
import { products } from "@/core/shelf/products";
import { t } from "@/language/t";
import { limits, within } from "./limits";

const partSchema = z
  .object({
    plantId: z
      .string()
      .refine((id) => plantById(id), { error: t`no plant of the book has this id` }),
    ml: within(limits.positive),
  })
  .strict();

const compositionSchema = z
  .record(
    z.string().refine((id) => id in compounds, { error: t`no compound has this id` }),
    z.number().min(0).max(1),
  )
  .refine(
    (shares) => {
      const whole = Object.values(shares).reduce((sum, share) => sum + share, 0);
      return whole > 0 && whole <= mostTotal;
    },
    { error: t`its shares must sum to more than 0 and at most 1` },
  );

/** What a product is asked on the command line: its plants by volume, or its make-up. */
export const productRequestSchema = z
  .object({
    product: z.enum(products),
    parts: z.array(partSchema).min(1).max(100).optional(),
    composition: compositionSchema.optional(),
    /** Of a water: what is dissolved in all, g/L. */
    gPerL: z.number().gt(0).max(100).optional(),
    /** Of an oil of one plant: what was measured of it, to be held against that plant. */
    measured: z
      .strictObject({
        densityGPerMl: within(limits.oilDensity),
        refractiveIndex: within(limits.refractiveIndex),
        measuredAtC: within(limits.roomC),
        rotationDeg: within(limits.rotationDeg),
        freezingC: within(limits.freezingC),
        shares: compositionSchema,
        smell: z.enum(["same", "weaker", "other"]),
      })
      .partial()
      .optional(),
  })
  .strict()
  .refine(
    ({ product, parts, measured }) => !measured || (product === "oil" && parts?.length === 1),
    {
      path: ["measured"],
      error: t`is held against one plant's oil: ask for an oil of one part`,
    },
  )
  .refine(({ parts, composition }) => (parts === undefined) !== (composition === undefined), {
    error: t`tell the product's parts or its composition, one of them`,
  })
  .refine(({ product, gPerL }) => product !== "oil" || gPerL === undefined, {
    path: ["gPerL"],
    error: t`an oil has none: leave it out, or ask for a hydrosol`,
  });
export type ProductRequest = z.infer<typeof productRequestSchema>;

/** The request as the core takes it. */
export function asParts({ product, parts, composition, gPerL }: ProductRequest): ProductPart[] {
  if (composition) {
    const water =
      product === "oil"
        ? undefined
        : gPerL === undefined
          ? waterUnder(composition)
          : scaled(composition, gPerL);
    const care = careByContent({ cautions: [] }, composition);
    return [{ care, composition, share: 1, ...(water ? { water } : {}) }];
  }
  const whole = (parts ?? []).reduce((sum, { ml }) => sum + ml, 0);
  return (parts ?? []).map(({ plantId, ml }) => {
    const part = partOfPlant(plantById(plantId)!, product, ml / whole);
    return part.water && gPerL !== undefined ? { ...part, water: scaled(part.water, gPerL) } : part;
  });
}

/* So much in all, in the proportions that are told. */
function scaled(amounts: WaterContent, gPerL: number): WaterContent {
  const whole = Object.values(amounts).reduce((sum, each) => sum + each, 0);
  return Object.fromEntries(
    Object.entries(amounts).map(([id, each]) => [id, (1000 * gPerL * each) / whole]),
  );
}
