import type { SampleChunk } from "@/records/sampleChunk";
import type { Thunk } from "./store";

/** Keeps chunks of samples. Rejects when the store refuses; the caller keeps them and tries again. */
export function keepSamples(chunks: readonly SampleChunk[]): Thunk<Promise<void>> {
  return (_dispatch, _getState, { samples }) => samples.keep(chunks);
}

/** The chunks of one run, or of all. */
export function loadSamples(runId?: string): Thunk<Promise<SampleChunk[]>> {
  return (_dispatch, _getState, { samples }) => samples.load(runId);
}
