import { z } from "zod";
import { moment } from "./base";
import { forecastRequestSchema } from "./forecastRequest";

/** The channels that an instrument may send; others are passed over. */
export const channels = ["head", "outlet", "tub", "distillate"] as const;

/** One measurement as an instrument sends it: a temperature in °C, a mass in g. */
export const instrumentSampleSchema = z.object({
  at: moment,
  channel: z.enum(channels),
  value: z.number().min(-60).max(1e6),
  unit: z.enum(["°C", "g"]),
});
export type InstrumentSample = z.infer<typeof instrumentSampleSchema>;

const faultSchema = z.enum(["leak", "coolingLost", "heatCut", "iceGone"]);

/** What a simulated still is started with. */
export const simulationSchema = z.strictObject({
  request: forecastRequestSchema,
  condenser: z
    .discriminatedUnion("kind", [
      z.object({ kind: z.literal("tubCoil"), tubL: z.number().gt(0), iceKg: z.number().min(0) }),
      z.object({
        kind: z.literal("recirculated"),
        tubL: z.number().gt(0),
        iceKg: z.number().min(0),
      }),
      z.object({ kind: z.literal("tap"), riseK: z.number().gt(0) }),
      z.object({ kind: z.literal("iceLid"), iceKg: z.number().min(0) }),
    ])
    .optional(),
  seed: z.int().min(1).max(1e9),
  speed: z.number().min(1).max(120),
  /** When the heat went on, by the run's own time. */
  litAt: moment,
  /** How long it has run already: it begins there. */
  minutesSoFar: z.number().min(0).max(1440).optional(),
});
export type Simulation = z.infer<typeof simulationSchema>;

/** What can be told to a simulated still under way. */
export const simulationChangeSchema = z.strictObject({
  faults: z.array(faultSchema).max(4).optional(),
  /** Share of the planned heat. */
  heatShare: z.number().min(0).max(1.5).optional(),
  iceKg: z.number().gt(0).max(500).optional(),
});

/** Why the server would not. */
export const refusalSchema = z.object({ problem: z.string().max(2000) });

/** What the server says of a simulated still it has started. */
export const startedSchema = z.object({ id: z.string().min(1).max(80) });
