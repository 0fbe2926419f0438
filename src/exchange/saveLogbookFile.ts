import { format } from "date-fns/format";
import type { AnyRecord } from "@/records/record";
import { download } from "./download";
import { writeLogbook } from "./logbookFile";

/** Saves all records as a logbook file, named after the day. */
export function saveLogbookFile(records: readonly AnyRecord[]): void {
  const now = new Date();
  void download(
    `sereno-${format(now, "yyyy-MM-dd")}.json`,
    writeLogbook(records, now),
    "application/json",
  );
}
