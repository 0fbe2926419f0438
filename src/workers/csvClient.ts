import { probeTableSchema, type ProbeTable } from "@/messages/probeTable";
import type { CsvWorker } from "./csv.worker";
import { workerLine } from "./workerLine";

/** Parses separated values off the page's thread; the worker ends with its work. Rejects when it cannot. */
export async function parseCsv(text: string): Promise<ProbeTable> {
  const line = workerLine<CsvWorker>(new Worker(new URL("./csv.worker", window.location.href)));
  try {
    return probeTableSchema.parse(await line.answered(line.remote.parse(text)));
  } finally {
    line.close();
  }
}
