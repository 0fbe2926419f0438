import { wrap } from "comlink";
import { z } from "zod";
import type { CsvWorker } from "./csv.worker";

const tableSchema = z.object({ header: z.array(z.string()), rows: z.array(z.array(z.string())) });
/** A table of texts. */
export type ProbeTable = z.infer<typeof tableSchema>;

/** Parses separated values off the page's thread; the worker ends with its work. */
export async function parseCsv(text: string): Promise<ProbeTable> {
  const worker = new Worker(new URL("./csv.worker", window.location.href));
  try {
    return tableSchema.parse(await wrap<CsvWorker>(worker).parse(text));
  } finally {
    worker.terminate();
  }
}
