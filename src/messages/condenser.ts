import { z } from "zod";
import { iceKinds, tapKinds, tubKinds } from "@/core/cooling/condenser";
import { limits, within } from "./limits";

const positive = within(limits.positive);
const amount = within(limits.amount);

/** What cools the vapour, as a still's record keeps it and as a simulated still is told. */
export const condenserSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.enum(tubKinds), tubL: positive, iceKg: amount }),
  z.object({ kind: z.enum(tapKinds), riseK: positive }),
  z.object({ kind: z.enum(iceKinds), iceKg: amount }),
]);
