import { z } from "zod";
import { id, moment } from "./base";
import { channels } from "./instrumentMessages";

/** How many samples make a chunk: ten minutes at one a second. */
export const chunkSamples = 600;

/** A stretch of one channel's samples of a run, kept apart from the log. */
export const sampleChunkSchema = z
  .object({
    runId: id,
    channel: z.enum(channels),
    unit: z.enum(["°C", "g"]),
    /** The first sample's moment; the others follow it by these many milliseconds. */
    startAt: moment,
    offsetsMs: z.array(z.int().min(0)).min(1).max(chunkSamples),
    values: z.array(z.number()).min(1).max(chunkSamples),
  })
  .refine(({ offsetsMs, values }) => offsetsMs.length === values.length, {
    message: "as many offsets as values",
  });
export type SampleChunk = z.infer<typeof sampleChunkSchema>;

/** The key a chunk is stored under: the same stretch overwrites itself as it grows. */
export function chunkKey({ runId, channel, startAt }: SampleChunk): string {
  return `samples/${runId}/${channel}/${startAt}`;
}

/**
 * Two tabs' chunks of one key as one: every sample that either has, mine where both have the moment.
 * What is too long for a chunk follows in chunks of its own.
 */
export function joinChunks(theirs: SampleChunk, mine: SampleChunk): SampleChunk[] {
  const values = new Map<number, number>();
  for (const { offsetsMs, values: of } of [theirs, mine])
    offsetsMs.forEach((offset, i) => values.set(offset, of[i]!));
  if (values.size === mine.offsetsMs.length) return [mine];
  const all = [...values].sort(([a], [b]) => a - b);
  return Array.from({ length: Math.ceil(all.length / chunkSamples) }, (_, part) => {
    const own = all.slice(part * chunkSamples, (part + 1) * chunkSamples);
    const first = own[0]![0];
    return {
      ...mine,
      startAt: new Date(Date.parse(mine.startAt) + first).toISOString(),
      offsetsMs: own.map(([offset]) => offset - first),
      values: own.map(([, value]) => value),
    };
  });
}
