import { z } from "zod";

/** A table of texts, as a probe's own log holds it. */
export const probeTableSchema = z.object({
  header: z.array(z.string()),
  rows: z.array(z.array(z.string())),
});
export type ProbeTable = z.infer<typeof probeTableSchema>;
