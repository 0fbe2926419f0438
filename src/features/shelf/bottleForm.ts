import { z } from "zod";
import { bottleSchema } from "@/records/bottle";
import { limits } from "@/messages/limits";
import { numberField } from "@/ui/primitives/numberField";

/** A bottle as it is typed. */
export const bottleFormSchema = z
  .object({
    size: numberField({ name: "The bottle's size", ...limits.positive }),
    filled: numberField({ name: "What is in it", ...limits.positive }),
    glass: bottleSchema.shape.glass,
    storage: bottleSchema.shape.storage,
    place: z.string().max(200),
    bestBy: z.union([z.literal(""), z.iso.date("Best by must be a day.")]),
    note: z.string().max(5000),
  })
  .refine(({ filled, size }) => filled <= size * 1.05, {
    path: ["filled"],
    message: "More than the bottle holds. Check the size, or share it over two bottles.",
  });
