import { expose } from "comlink";
import Papa from "papaparse";
import type { ProbeTable } from "@/messages/probeTable";

const csvWorker = {
  /** A text of separated values as header and rows; the separator is found by itself. */
  parse(text: string): ProbeTable {
    const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
    const [header = [], ...rows] = data;
    return { header: header.map((name) => name.trim()), rows };
  },
};
export type CsvWorker = typeof csvWorker;

expose(csvWorker);
