import { z } from "zod";
import { t } from "@/language/t";
import { condenserSchema } from "./condenser";
import { moment } from "./moment";
import { limits, within } from "./limits";
import { forecastRequestSchema } from "./forecastRequest";

/** The channels that an instrument may send; others are passed over. */
export const channels = ["head", "outlet", "tub", "distillate"] as const;

/** What a channel measures, and within which limits a value of it can be true. */
const channelLimits = {
  head: { unit: "°C", limit: limits.sampleC },
  outlet: { unit: "°C", limit: limits.sampleC },
  tub: { unit: "°C", limit: limits.sampleC },
  distillate: { unit: "g", limit: limits.sampleG },
} as const;

/** Whether a channel's value, and its moment in milliseconds, can be true. */
export function canBeSample(
  channel: (typeof channels)[number],
  at: number,
  value: number,
): boolean {
  const { min, max } = channelLimits[channel].limit;
  return value >= min && value <= max && at >= earliestMs && at <= latestMs;
}

/* No probe was read before these times, or will be after them: a date that says so is misread. */
const earliestMs = Date.UTC(1990, 0);
const latestMs = Date.UTC(2200, 0);

/** One measurement as an instrument sends it: a temperature in °C, a mass in g. */
export const instrumentSampleSchema = z
  .object({
    at: moment,
    channel: z.enum(channels),
    value: z.number(),
    unit: z.enum(["°C", "g"]),
  })
  .refine(({ channel, at, value }) => canBeSample(channel, Date.parse(at), value), {
    message: t`out of the channel's range`,
  });
export type InstrumentSample = z.infer<typeof instrumentSampleSchema>;

const heatW = z.number().min(0).max(1e5);
const faultSchema = z.enum(["leak", "coolingLost", "heatCut", "iceGone"]);

/** What a simulated still is started with. */
export const simulationSchema = z.strictObject({
  request: forecastRequestSchema,
  condenser: condenserSchema.optional(),
  seed: z.int().min(1).max(1e9),
  speed: z.number().min(1).max(120),
  /** When the heat went on, by the run's own time. */
  litAt: moment,
  /** Heat at the source as it was changed, W, minutes from heat on; until then as planned. */
  heat: z
    .array(z.object({ minutes: z.number().min(0).max(1e5), powerW: heatW }))
    .max(500)
    .optional(),
  /** Ice put into the tub by then, kg. */
  iceAddedKg: z.number().min(0).max(5000).optional(),
  /** Water put into the pot by then, mL. */
  waterAddedMl: within(limits.amount).optional(),
  /** How long it has run already: it begins there. */
  minutesSoFar: z.number().min(0).max(1440).optional(),
});
export type Simulation = z.infer<typeof simulationSchema>;

/** What can be told to a simulated still under way. */
export const simulationChangeSchema = z.strictObject({
  faults: z.array(faultSchema).max(4).optional(),
  /** Heat at the source, W. */
  powerW: heatW.optional(),
  /** All ice put into the tub since the heat went on, kg: said twice, it is taken once. */
  iceAddedKg: z.number().min(0).max(5000).optional(),
  /** All water put into the pot since then, mL: likewise. */
  waterAddedMl: within(limits.amount).optional(),
});

/** How a simulated still stands: what is wrong with it, and its heat. */
export const simulationStateSchema = z.object({ faults: z.array(faultSchema), powerW: heatW });

/** Why the server would not. */
export const refusalSchema = z.object({ problem: z.string().max(2000) });

/** What the server says of a simulated still it has started. */
export const startedSchema = z.object({ id: z.string().min(1).max(80) });

/** How often an instrument's stream says that it stands, ms; a sample says so too. */
export const instrumentBeatMs = 5000;
