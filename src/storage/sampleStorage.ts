import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import {
  chunkKey,
  joinChunks,
  openChunk,
  sampleChunkSchema,
  type SampleChunk,
} from "@/records/sampleChunk";
import type { Exclusive } from "./exclusive";

/** The instruments' samples on this device, in chunks beside the records, read only when asked for. */
export interface SampleStorage {
  /**
   * Writes chunks in one transaction; a chunk that has grown takes its own place again, with what
   * another tab put there.
   */
  keep(chunks: readonly SampleChunk[]): Promise<void>;
  /** The chunks of one run, or of all, by their beginnings; what does not open is left out. */
  load(runId?: string): Promise<SampleChunk[]>;
  /** Removes what was kept of such runs, for good. */
  forget(runIds: readonly string[]): Promise<void>;
}

/** Opens the sample storage over a key-value store. */
export function openSampleStorage(backend: AsyncStorage, exclusive: Exclusive): SampleStorage {
  return {
    keep: (chunks) => (chunks.length === 0 ? Promise.resolve() : exclusive(() => write(chunks))),
    forget: (runIds) => exclusive(() => remove(runIds)),
    async load(runId) {
      const prefix = runId === undefined ? "samples/" : `samples/${runId}/`;
      const keys = (await backend.getAllKeys()).filter((key) => key.startsWith(prefix));
      const texts = Object.values(await backend.getMany(keys)).filter((text) => text !== null);
      return texts
        .flatMap((text) => opened(text) ?? [])
        .sort((a, b) => a.startAt.localeCompare(b.startAt));
    },
  };

  async function remove(runIds: readonly string[]): Promise<void> {
    const gone = new Set(runIds);
    const keys = (await backend.getAllKeys()).filter(
      (key) => key.startsWith("samples/") && gone.has(key.split("/")[1] ?? ""),
    );
    if (keys.length > 0) await backend.removeMany(keys);
  }

  async function write(chunks: readonly SampleChunk[]): Promise<void> {
    const stored = new Map(Object.entries(await backend.getMany(chunks.map(chunkKey))));
    const joined = new Map<string, SampleChunk>();
    const waiting = [...chunks];
    for (const chunk of waiting) {
      const key = chunkKey(chunk);
      const text = stored.has(key) ? stored.get(key) : await backend.getItem(key);
      const theirs = joined.get(key) ?? (text ? opened(text) : undefined);
      const [own, ...more] = theirs ? joinChunks(theirs, chunk) : [chunk];
      joined.set(key, own!);
      waiting.push(...more);
    }
    /* What could not be read again is not written at all. */
    for (const chunk of joined.values()) sampleChunkSchema.parse(chunk);
    await backend.setMany(
      Object.fromEntries([...joined].map(([key, chunk]) => [key, JSON.stringify(chunk)])),
    );
  }
}

function opened(text: string): SampleChunk | undefined {
  return openChunk(parsed(text));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
