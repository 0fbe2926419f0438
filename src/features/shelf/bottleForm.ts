import { z } from "zod";
import { bottleSchema, closures } from "@/records/bottle";
import { limits } from "@/messages/limits";
import { numberField } from "@/ui/primitives/numberField";

/** Bottles as they are typed. */
export const bottleFormSchema = z
  .object({
    size: numberField({ name: "The bottle's size", ...limits.positive }),
    filled: numberField({ name: "What is in it", ...limits.positive }),
    count: numberField({ name: "How many", min: 1, max: 200, remedy: "One at least." }),
    glass: bottleSchema.shape.glass,
    closure: z.enum([...closures, ""]),
    storage: bottleSchema.shape.storage,
    place: z.string().max(200),
    bestBy: z.union([z.literal(""), z.iso.date("Best by must be a day.")]),
    note: z.string().max(5000),
  })
  .refine(({ filled, size }) => filled <= size * 1.05, {
    path: ["filled"],
    message: "More than the bottle holds. Check the size, or share it over two bottles.",
  })
  .refine(({ count }) => Number.isInteger(count), {
    path: ["count"],
    message: "How many must be a whole number.",
  });
