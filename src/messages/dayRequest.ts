import { z } from "zod";
import type { Day } from "@/core/day/day";
import { t } from "@/language/t";

const minutes = z.number().min(0).max(10_000);
const id = z.string().min(1).max(100);

/* The clock on the wall, with no zone: a day is laid out where the stills stand. */
const wallTime = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, t`a moment like 2026-07-14T07:00`)
  .refine((text) => Number.isFinite(Date.parse(`${text}Z`)), { error: t`there is no such moment` });

const takesSchema = z
  .object({
    loadMin: minutes.default(0),
    heatMin: minutes.default(0),
    runMin: minutes,
    closeMin: minutes.default(0),
    watts: z.number().min(0).max(1e6).default(0),
    iceKg: z.number().min(0).max(1e5).default(0),
  })
  .strict();

/** What a day at several stills is asked on the command line. */
export const dayRequestSchema = z
  .object({
    from: wallTime,
    until: wallTime,
    hands: z.int().min(0).max(20).default(1),
    mainsW: z.number().min(0).max(1e6).optional(),
    ice: z
      .object({
        kg: z.number().min(0).max(1e5),
        kgPerHour: z.number().min(0).max(1e4).default(0),
      })
      .strict()
      .optional(),
    stills: z.array(id).min(1).max(8),
    charges: z
      .array(
        z
          .object({
            id,
            readyMin: minutes.default(0),
            dueMin: minutes.optional(),
            lostPerHour: z.number().min(0).max(1e6).optional(),
            on: z.record(id, takesSchema).refine((on) => Object.keys(on).length > 0, {
              error: t`name one still at least`,
            }),
          })
          .strict(),
      )
      .min(1)
      .max(40),
  })
  .strict()
  .refine(({ from, until }) => Date.parse(`${until}Z`) > Date.parse(`${from}Z`), {
    path: ["until"],
    error: t`must be after from`,
  })
  .refine(({ charges }) => new Set(charges.map((each) => each.id)).size === charges.length, {
    path: ["charges"],
    error: t`each needs an id of its own`,
  })
  .refine(
    ({ stills, charges }) =>
      charges.every(({ on }) => Object.keys(on).every((still) => stills.includes(still))),
    { path: ["charges"], error: t`a charge names a still that is not among stills` },
  );

/** The request as the core takes it. */
export function asDay({
  from,
  until,
  hands,
  mainsW = Infinity,
  ice = { kg: Infinity, kgPerHour: 0 },
  stills,
  charges,
}: z.infer<typeof dayRequestSchema>): Day {
  return {
    lengthMin: (Date.parse(`${until}Z`) - Date.parse(`${from}Z`)) / 60_000,
    hands,
    mainsW,
    ice,
    stills,
    charges: charges.map(({ dueMin = Infinity, ...charge }) => ({ ...charge, dueMin })),
  };
}
