import { z } from "zod";
import { moment } from "@/messages/moment";
import { id, positive, raisedVersions, recordBase } from "./base";
import { closures, glasses } from "./bottle";
import { keyed } from "./lists";

/** What changed how many there are. */
const countChanges = ["bought", "filled", "counted"] as const;

/** Empty bottles of one sort that wait to be filled. */
export const emptySchema = z.object({
  ...recordBase,
  version: z.literal(raisedVersions.empty),
  kind: z.literal("empty"),
  sizeMl: positive,
  glass: z.enum(glasses),
  closure: z.enum(closures).optional(),
  /** How many there were when they were told of; what has changed since stands beside it. */
  count: z.int().min(0).max(100000),
  /** Each change by itself, so that two who take some at the same time both have taken them. */
  changes: keyed(
    z
      .array(
        z.object({
          id,
          at: moment,
          by: z.int().min(-100000).max(100000),
          why: z.enum(countChanges),
        }),
      )
      .max(5000),
    "id",
  ),
});
export type Empty = z.infer<typeof emptySchema>;
