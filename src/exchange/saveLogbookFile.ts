import { format } from "date-fns";
import type { AnyRecord } from "@/records/record";
import { download } from "./download";
import { writeLogbook } from "./logbookFile";

/** Saves all records as a logbook file, named after the day. */
export function saveLogbookFile(records: readonly AnyRecord[]): void {
  const now = new Date();
  download(
    `sereno-${format(now, "yyyy-MM-dd")}.json`,
    writeLogbook(records, now),
    "application/json",
  );
}
