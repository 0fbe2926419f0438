import { z } from "zod";
import { t } from "@/language/t";
import { limits, within } from "./limits";

const value = within(limits.amount);

/** A trial as it is told on the command line: pairs of one halved harvest, or two groups apart. */
export const trialRequestSchema = z.union(
  [
    z.strictObject({
      pairs: z
        .array(z.tuple([value, value]))
        .min(1)
        .max(1000),
    }),
    z.strictObject({
      a: z.array(value).min(1).max(1000),
      b: z.array(value).min(1).max(1000),
    }),
  ],
  { error: t`tell pairs: [[a, b], …], or a: […] and b: […], in any one unit` },
);
