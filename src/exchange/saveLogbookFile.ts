import { format } from "date-fns/format";
import type { AnyRecord } from "@/records/record";
import type { SampleChunk } from "@/records/sampleChunk";
import { download } from "./download";
import { writeLogbook } from "./logbookFile";

/** Saves all records, with what instruments recorded, as a logbook file, named after the day. */
export function saveLogbookFile(
  records: readonly AnyRecord[],
  samples: readonly SampleChunk[] = [],
): void {
  const now = new Date();
  void download(
    `sereno-${format(now, "yyyy-MM-dd")}.json`,
    writeLogbook(records, now, samples),
    "application/json",
  );
}
