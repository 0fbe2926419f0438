import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { chunkKey, sampleChunkSchema, type SampleChunk } from "@/records/sampleChunk";
import type { Exclusive } from "./exclusive";

/** The instruments' samples on this device, in chunks beside the records, read only when asked for. */
export interface SampleStorage {
  /** Writes chunks in one transaction; a chunk that has grown takes its own place again. */
  keep(chunks: readonly SampleChunk[]): Promise<void>;
  /** The chunks of one run, or of all, by their beginnings; what does not open is left out. */
  load(runId?: string): Promise<SampleChunk[]>;
}

/** Opens the sample storage over a key-value store. */
export function openSampleStorage(backend: AsyncStorage, exclusive: Exclusive): SampleStorage {
  return {
    keep: (chunks) =>
      chunks.length === 0
        ? Promise.resolve()
        : exclusive(() =>
            backend.setMany(
              Object.fromEntries(chunks.map((chunk) => [chunkKey(chunk), JSON.stringify(chunk)])),
            ),
          ),
    async load(runId) {
      const prefix = runId === undefined ? "samples/" : `samples/${runId}/`;
      const keys = (await backend.getAllKeys()).filter((key) => key.startsWith(prefix));
      const texts = Object.values(await backend.getMany(keys)).filter((text) => text !== null);
      return texts
        .flatMap((text) => {
          const read = sampleChunkSchema.safeParse(parsed(text));
          return read.success ? [read.data] : [];
        })
        .sort((a, b) => a.startAt.localeCompare(b.startAt));
    },
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
