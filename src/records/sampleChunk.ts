import { z } from "zod";
import { t } from "@/language/t";
import { moment } from "@/messages/moment";
import { id } from "./base";
import { canBeSample, channels } from "@/messages/instrumentMessages";

/** How many samples make a chunk: ten minutes at one a second. */
export const chunkSamples = 600;

const fields = {
  runId: id,
  channel: z.enum(channels),
  unit: z.enum(["°C", "g"]),
  /** The first sample's moment; the others follow it by these many milliseconds. */
  startAt: moment,
  offsetsMs: z.array(z.int().min(0)).min(1).max(chunkSamples),
};

/** A stretch of one channel's samples of a run, kept apart from the log. */
export const sampleChunkSchema = z
  .object({ ...fields, values: z.array(z.number()).min(1).max(chunkSamples) })
  .refine(({ offsetsMs, values }) => offsetsMs.length === values.length, {
    message: t`as many offsets as values`,
  })
  .refine(
    ({ channel, startAt, offsetsMs, values }) =>
      values.every((value, i) => canBeSample(channel, Date.parse(startAt) + offsetsMs[i]!, value)),
    { message: t`a value is out of its channel's range` },
  );
export type SampleChunk = z.infer<typeof sampleChunkSchema>;

/* As it may have been stored once: what is no number there came back as nothing. */
const storedSchema = z
  .object({ ...fields, values: z.array(z.number().nullable()).min(1).max(chunkSamples) })
  .refine(({ offsetsMs, values }) => offsetsMs.length === values.length);

/** Opens a stored chunk. A sample that cannot be true goes alone, and takes no good one with it. */
export function openChunk(raw: unknown): SampleChunk | undefined {
  const read = storedSchema.safeParse(raw);
  if (!read.success) return undefined;
  const { channel, startAt, offsetsMs, values, ...rest } = read.data;
  const start = Date.parse(startAt);
  const good = values.flatMap((value, i) =>
    value !== null && canBeSample(channel, start + offsetsMs[i]!, value)
      ? [{ value, offset: offsetsMs[i]! }]
      : [],
  );
  const [first] = good;
  if (!first) return undefined;
  return {
    ...rest,
    channel,
    startAt: first.offset === 0 ? startAt : new Date(start + first.offset).toISOString(),
    offsetsMs: good.map(({ offset }) => offset - first.offset),
    values: good.map(({ value }) => value),
  };
}

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
