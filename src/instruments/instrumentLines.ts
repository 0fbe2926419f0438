import type { Latest } from "@/logbook/run/liveRun";
import type { SampleStorage } from "@/storage/sampleStorage";
import { InstrumentLine, type OpenSource } from "./instrumentLine";
import { latestOf } from "./latestOf";

/** The lines of this tab, one a run. */
export interface InstrumentLines {
  /** A run's line, new where there is none; it stays while it is held. */
  of(runId: string): InstrumentLine;
  /** What a run's instrument says right now; nothing where none is heard. */
  latest(runId: string): Latest | undefined;
}

/** No line is open yet; samples go to this storage. */
export function openInstrumentLines(samples: SampleStorage, source?: OpenSource): InstrumentLines {
  const lines = new Map<string, InstrumentLine>();
  return {
    of(runId) {
      const known = lines.get(runId);
      if (known) return known;
      const line = new InstrumentLine(runId, samples, () => lines.delete(runId), source);
      lines.set(runId, line);
      return line;
    },
    latest(runId) {
      const line = lines.get(runId);
      return line && latestOf(line.feed);
    },
  };
}
