import { bisectRight } from "d3-array";
import type { Channel } from "@/core/practice/virtualStill";
import type { Series } from "@/core/statistics/thin";
import {
  channels,
  instrumentSampleSchema,
  type InstrumentSample,
} from "@/messages/instrumentMessages";
import { chunkSamples, type SampleChunk } from "@/records/sampleChunk";

interface Line {
  unit: InstrumentSample["unit"];
  at: number[];
  value: number[];
  /** Samples before this index are in full chunks that are stored. */
  stored: number;
  /** How many there were when the open chunk was last stored. */
  written: number;
}

const middleOf = 5;
const lookMs = 60_000;

/**
 * The samples of a run as they come: sorted, each moment once, garbage counted and passed over. Holds
 * hours of them without a word to the screen, which asks when it draws.
 */
export class SampleFeed {
  readonly lines = new Map<Channel, Line>();
  /** Messages that were no sample. */
  rejected = 0;
  private changes = 0;

  constructor(private readonly runId: string) {}

  /** Takes a message as it came. */
  take(text: string): void {
    let raw: unknown;
    try {
      raw = JSON.parse(text);
    } catch {
      raw = undefined;
    }
    const read = instrumentSampleSchema.safeParse(raw);
    if (!read.success) {
      this.rejected += 1;
      return;
    }
    this.put(read.data);
    this.changes += 1;
  }

  /** Takes chunks that were stored before. */
  restore(chunks: readonly SampleChunk[]): void {
    const live = new Set(this.lines.keys());
    for (const { channel, unit, startAt, offsetsMs, values } of chunks) {
      const start = Date.parse(startAt);
      offsetsMs.forEach((offset, i) =>
        this.insert(channel, unit, start + offset, values[i] ?? NaN),
      );
    }
    for (const [channel, line] of this.lines) {
      line.written = live.has(channel) ? 0 : line.at.length;
      line.stored = Math.floor(line.written / chunkSamples) * chunkSamples;
    }
    this.changes += 1;
  }

  /** What is not stored yet, as chunks; call `kept` once they are. */
  pending(): SampleChunk[] {
    const chunks: SampleChunk[] = [];
    for (const [channel, line] of this.lines) {
      if (line.at.length === line.written) continue;
      for (let from = line.stored; from < line.at.length; from += chunkSamples) {
        const at = line.at.slice(from, from + chunkSamples);
        const first = at[0]!;
        chunks.push({
          runId: this.runId,
          channel,
          unit: line.unit,
          startAt: new Date(first).toISOString(),
          offsetsMs: at.map((moment) => Math.round(moment - first)),
          values: line.value.slice(from, from + chunkSamples),
        });
      }
    }
    return chunks;
  }

  /** These chunks are stored: full ones are done with. */
  kept(chunks: readonly SampleChunk[]): void {
    for (const { channel, offsetsMs } of chunks) {
      const line = this.lines.get(channel);
      if (!line) continue;
      line.written = Math.max(line.written, line.stored + offsetsMs.length);
      if (offsetsMs.length === chunkSamples) line.stored += chunkSamples;
    }
  }

  series(channel: Channel): Series | undefined {
    return this.lines.get(channel);
  }

  /** The middle of a channel's last few samples: one spike is not a temperature. */
  latest(channel: Channel): { at: number; value: number } | undefined {
    const line = this.lines.get(channel);
    if (!line || line.at.length === 0) return undefined;
    return { at: line.at.at(-1)!, value: middle(line.value.slice(-middleOf)) };
  }

  /**
   * By how much a channel's latest is above the highest it stood at between two times ago, both in ms, looked at once a
   * minute; undefined where nothing was heard then.
   */
  roseSince(channel: Channel, { from, to }: { from: number; to: number }): number | undefined {
    const line = this.lines.get(channel);
    const now = this.latest(channel);
    if (!line || !now) return undefined;
    let highest = -Infinity;
    for (let at = now.at - from; at <= now.at - to; at += lookMs) {
      const end = bisectRight(line.at, at);
      if (end > 0)
        highest = Math.max(highest, middle(line.value.slice(Math.max(0, end - middleOf), end)));
    }
    return Number.isFinite(highest) ? now.value - highest : undefined;
  }

  /** Rises with each change. */
  version = (): number => this.changes;

  count(): number {
    return channels.reduce((sum, channel) => sum + (this.lines.get(channel)?.at.length ?? 0), 0);
  }

  private put({ at, channel, value, unit }: InstrumentSample): void {
    this.insert(channel, unit, Date.parse(at), value);
  }

  private insert(channel: Channel, unit: Line["unit"], at: number, value: number): void {
    let line = this.lines.get(channel);
    if (!line) {
      line = { unit, at: [], value: [], stored: 0, written: 0 };
      this.lines.set(channel, line);
    }
    let place = line.at.length;
    while (place > 0 && line.at[place - 1]! > at) place -= 1;
    if (line.at[place - 1] === at) return;
    if (place === line.at.length) {
      line.at.push(at);
      line.value.push(value);
      return;
    }
    line.at.splice(place, 0, at);
    line.value.splice(place, 0, value);
    /* A late one shifts what follows: those chunks are written anew. */
    if (place < line.stored) line.stored = Math.floor(place / chunkSamples) * chunkSamples;
    line.written = Math.min(line.written, place);
  }
}

function middle(values: number[]): number {
  return values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
