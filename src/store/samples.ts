import type { SampleChunk } from "@/records/sampleChunk";
import type { Thunk } from "./store";

/** Keeps chunks of samples. Rejects when the store refuses; the caller keeps them and tries again. */
export function keepSamples(chunks: readonly SampleChunk[]): Thunk<Promise<void>> {
  return (_dispatch, _getState, { samples }) => samples.keep(chunks);
}

/** Removes the samples of runs that nobody looks at any more, for good. */
export function forgetSamples(runIds: readonly string[]): Thunk<Promise<void>> {
  return (_dispatch, _getState, { samples }) => samples.forget(runIds);
}

/** The chunks of one run, or of all. */
export function loadSamples(runId?: string): Thunk<Promise<SampleChunk[]>> {
  return (_dispatch, _getState, { samples }) => samples.load(runId);
}
