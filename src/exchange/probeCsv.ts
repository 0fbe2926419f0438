import { z } from "zod";
import type { Channel } from "@/core/practice/virtualStill";
import { t } from "@/language/t";
import { canBeSample, channels } from "@/messages/instrumentMessages";
import { chunkSamples, type SampleChunk } from "@/records/sampleChunk";

/** A probe's log as a table: its header, and its rows as text. */
export interface ProbeTable {
  header: string[];
  rows: string[][];
}

/** How the columns of a log are matched to what the cockpit knows. */
export const columnMatchSchema = z.object({
  time: z.string(),
  head: z.string().optional(),
  outlet: z.string().optional(),
  tub: z.string().optional(),
  distillate: z.string().optional(),
  fahrenheit: z.boolean(),
});
export type ColumnMatch = z.infer<typeof columnMatchSchema>;

/** What a matched log comes to. */
export interface ProbeReading {
  /** Samples by channel; moments in milliseconds, on the probe's own time. */
  lines: Partial<Record<Channel, { at: number[]; value: number[] }>>;
  from: number;
  to: number;
  /** Rows that had no readable time, and the first of them, counted from 1 below the header. */
  unreadable: number;
  firstUnreadable?: number;
  /** Values that cannot be true of their channel and were left out, and the row of the first. */
  impossible: number;
  firstImpossible?: { row: number; text: string };
}

export type ProbeRead = { ok: true; reading: ProbeReading } | { ok: false; problem: string };

/** Largest file that is looked at: three hours at ten a second are some 10 MB. */
export const mostCsvBytes = 40 * 1024 * 1024;

const hints: Record<keyof Omit<ColumnMatch, "fahrenheit">, RegExp> = {
  time: /time|date|zeit|stamp|sec|min|^t$/i,
  head: /head|top|column|vapou?r|pot|probe ?1|ch ?1/i,
  outlet: /outlet|out|condens|probe ?2|ch ?2/i,
  tub: /tub|bath|cool|water|probe ?3|ch ?3/i,
  distillate: /mass|weight|scale|gram|distill/i,
};

/** A first guess at the columns by their names; the person has the last word. */
export function guessColumns({ header, rows }: ProbeTable): ColumnMatch {
  const taken = new Set<string>();
  const find = (what: keyof typeof hints) => {
    const found = header.find((name) => hints[what].test(name) && !taken.has(name));
    if (found !== undefined) taken.add(found);
    return found;
  };
  const time = find("time") ?? header[0] ?? "";
  taken.add(time);
  const match = {
    head: find("head"),
    outlet: find("outlet"),
    tub: find("tub"),
    distillate: find("distillate"),
  };
  const headAt = header.indexOf(match.head ?? "");
  const hottest = Math.max(
    ...rows
      .slice(0, 5000)
      .map((row) => number(row[headAt]))
      .filter(Number.isFinite),
  );
  /* Nothing in a still is hotter than 105 °C; in °F nearly everything is. */
  const fahrenheit = /°?F\b|fahrenheit/i.test(header.join(" ")) || hottest > 115;
  return { time, ...match, fahrenheit };
}

/** Reads a table by a match. Times may be moments, clock times, or seconds or minutes from the start. */
export function readProbe(table: ProbeTable, match: ColumnMatch, zeroAt: number): ProbeRead {
  const timeAt = table.header.indexOf(match.time);
  if (timeAt < 0) return { ok: false, problem: t`Choose the column that holds the time.` };
  const wanted = channels.flatMap((channel) => {
    const name = match[channel];
    const at = name === undefined ? -1 : table.header.indexOf(name);
    return at < 0 ? [] : [{ channel, at }];
  });
  if (wanted.length === 0)
    return { ok: false, problem: t`Choose at least one column with a temperature or a mass.` };
  const clock = timeReader(match.time, table.rows, timeAt, zeroAt);
  const reading: ProbeReading = {
    lines: {},
    from: Infinity,
    to: -Infinity,
    unreadable: 0,
    impossible: 0,
  };
  table.rows.forEach((row, index) => {
    const at = clock(row[timeAt] ?? "");
    if (!Number.isFinite(at) || !canBeSample("head", at, 0)) {
      reading.unreadable += 1;
      reading.firstUnreadable ??= index + 1;
      return;
    }
    reading.from = Math.min(reading.from, at);
    reading.to = Math.max(reading.to, at);
    for (const { channel, at: column } of wanted) {
      const raw = number(row[column]);
      const value = channel !== "distillate" && match.fahrenheit ? ((raw - 32) * 5) / 9 : raw;
      if (Number.isNaN(value)) continue;
      if (!canBeSample(channel, at, value)) {
        reading.impossible += 1;
        reading.firstImpossible ??= { row: index + 1, text: (row[column] ?? "").slice(0, 20) };
        continue;
      }
      const line = (reading.lines[channel] ??= { at: [], value: [] });
      line.at.push(at);
      line.value.push(Math.round(value * 1000) / 1000);
    }
  });
  if (!Number.isFinite(reading.from))
    return {
      ok: false,
      problem: t`No row has a time that can be read in “${match.time}”. Choose another column.`,
    };
  if (Object.keys(reading.lines).length === 0)
    return {
      ok: false,
      problem: t`No value in these columns can be true of a still. Choose others.`,
    };
  return { ok: true, reading };
}

/** A reading as chunks of a run, moved by an offset, sorted, each moment once. */
export function asChunks(runId: string, { lines }: ProbeReading, offsetMs: number): SampleChunk[] {
  return channels.flatMap((channel) => {
    const line = lines[channel];
    if (!line) return [];
    const order = line.at.map((_, i) => i).sort((a, b) => line.at[a]! - line.at[b]!);
    const unique = order.filter((index, i) => i === 0 || line.at[index] !== line.at[order[i - 1]!]);
    const chunks: SampleChunk[] = [];
    for (let from = 0; from < unique.length; from += chunkSamples) {
      const part = unique.slice(from, from + chunkSamples);
      const first = line.at[part[0]!]!;
      chunks.push({
        runId,
        channel,
        unit: channel === "distillate" ? "g" : "°C",
        startAt: new Date(first + offsetMs).toISOString(),
        offsetsMs: part.map((index) => Math.round(line.at[index]! - first)),
        values: part.map((index) => line.value[index]!),
      });
    }
    return chunks;
  });
}

/* Bare numbers are seconds or minutes from the start; a clock time is of the run's day. */
function timeReader(
  name: string,
  rows: string[][],
  at: number,
  zeroAt: number,
): (text: string) => number {
  const first = rows.slice(0, 50).map((row) => row[at] ?? "");
  const numbers = first.filter((text) => text.trim() !== "" && Number.isFinite(number(text)));
  if (numbers.length > first.length / 2) {
    const values = numbers.map(number);
    if (Math.max(...values) > 1e11) return (text) => number(text);
    if (Math.max(...values) > 1e9) return (text) => number(text) * 1000;
    const unit = /min/i.test(name) ? 60000 : /h(ou)?r/i.test(name) ? 3600e3 : 1000;
    return (text) => zeroAt + number(text) * unit;
  }
  const day = new Date(zeroAt);
  return (text) => {
    const clock = /^\s*(\d{1,2}):(\d{2})(?::(\d{2}(?:\.\d+)?))?\s*$/.exec(text);
    if (!clock) return Date.parse(text.trim().replace(/^(\d{4}-\d{2}-\d{2}) /, "$1T"));
    const moment = new Date(day);
    moment.setHours(Number(clock[1]), Number(clock[2]), 0, 0);
    const found = moment.getTime() + Number(clock[3] ?? 0) * 1000;
    /* A run past midnight goes on in the next day. */
    return found < zeroAt - 12 * 3600e3 ? found + 24 * 3600e3 : found;
  };
}

function number(text: string | undefined): number {
  if (text === undefined || text.trim() === "") return NaN;
  const trimmed = text.trim();
  return Number(/^-?\d+,\d+$/.test(trimmed) ? trimmed.replace(",", ".") : trimmed);
}
