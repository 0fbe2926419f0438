import { isoDay } from "@/core/units/dates";
import type { Attachment } from "@/records/attachment";
import type { AnyRecord } from "@/records/record";
import type { SampleChunk } from "@/records/sampleChunk";
import type { Quarantined } from "@/storage/setAside";
import { handOver } from "./download";
import { writeLogbook } from "./logbookFile";

interface Whole {
  records: readonly AnyRecord[];
  samples?: readonly SampleChunk[];
  attachments?: readonly Attachment[];
  /** Stored texts that would not open. */
  setAside?: readonly Quarantined[];
}

/** Saves a whole logbook, what instruments recorded and what would not open among it, named after the day. */
export function saveLogbookFile({ records, ...rest }: Whole): void {
  const now = new Date();
  void handOver(`sereno-${isoDay(now)}.json`, writeLogbook(records, now, rest), "application/json");
}
