import { z } from "zod";
import { cautions } from "@/core/plant/cautions";
import { tissues } from "@/core/plant/plant";
import { keepingClasses } from "@/core/shelf/bestBy";
import { t } from "@/language/t";

const words = z.string().min(3).max(300);
const share = z.number().min(0).max(1);

/** One compound, as the catalogue must have it. */
export const compoundSchema = z.strictObject({
  id: z.string().regex(/^[a-z][A-Za-z0-9]+$/),
  name: words,
  molarMass: z.number().min(50).max(400),
  densityGPerMl: z.number().min(0.7).max(1.3),
  boilingC: z.number().min(100).max(450),
  solubilityGPerL: z.number().min(0).max(50),
  family: z.enum(["hydrocarbon", "polar", "alcohol"]),
  odour: words,
  source: words,
});

const stateSchema = z
  .strictObject({
    oilMlPerKg: z.strictObject({ low: z.number().gt(0), high: z.number().max(250) }),
    moisture: z.number().min(0.02).max(0.96),
    packingGPerL: z.number().min(40).max(800),
  })
  .refine(({ oilMlPerKg: { low, high } }) => low < high, { message: t`low must be below high` });

/** One plant material, as the catalogue must have it. */
export const plantSchema = z.strictObject({
  id: z.string().regex(/^[a-z]+$/),
  name: words,
  botanicalName: words,
  code: z.string().regex(/^[A-Z]{2}$/),
  part: words,
  moment: words,
  preparation: words,
  states: z
    .strictObject({
      fresh: stateSchema.optional(),
      wilted: stateSchema.optional(),
      dried: stateSchema.optional(),
    })
    .refine((states) => Object.keys(states).length > 0, { message: t`at least one state` }),
  preferredMethod: z.enum(["steam", "hydro"]),
  methodReason: words,
  waterMlPerG: z.strictObject({
    fresh: z.number().min(1).max(20),
    dried: z.number().min(1).max(20),
  }),
  freeShare: share,
  releasePerMinute: z.number().gt(0).max(0.1),
  tissue: z.enum(tissues),
  froths: z.boolean(),
  mats: z.literal(true).optional(),
  setsBelowC: z.number().min(0).max(40).optional(),
  usualMinutes: z.number().min(20).max(1440),
  composition: z
    .record(z.string(), share)
    .refine((shares) => Object.values(shares).reduce((sum, each) => sum + each, 0) <= 1, {
      message: t`sums to more than 1`,
    }),
  keeping: z.enum(keepingClasses),
  oilLook: words,
  hydrosolLook: words,
  hydrosolWorth: words,
  hazards: z.array(words),
  cautions: z.array(z.enum(cautions)),
  skinMostPercent: z.union([z.number().gt(0).max(20), z.literal("none")]).optional(),
  hydrosol: z.strictObject({
    ph: z.tuple([z.number().min(2), z.number().max(9)]).optional(),
  }),
  source: words,
});
