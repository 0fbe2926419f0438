import { z } from "zod";
import { positive, recordBase } from "./base";
import { closures, glasses } from "./bottle";

/** Empty bottles of one sort that wait to be filled. */
export const emptySchema = z.object({
  ...recordBase,
  kind: z.literal("empty"),
  sizeMl: positive,
  glass: z.enum(glasses),
  closure: z.enum(closures).optional(),
  count: z.int().min(0).max(100000),
});
export type Empty = z.infer<typeof emptySchema>;
