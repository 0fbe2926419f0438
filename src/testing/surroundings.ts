import { openInstrumentLines } from "@/instruments/instrumentLines";
import { openDraftStorage } from "@/storage/draftStorage";
import { exclusiveAccess } from "@/storage/exclusive";
import { openJournal } from "@/storage/journal";
import { openAttachmentStorage } from "@/storage/attachmentStorage";
import { openRecordStorage } from "@/storage/recordStorage";
import { openShareStorage } from "@/storage/shareStorage";
import { openSampleStorage } from "@/storage/sampleStorage";
import type { Surroundings } from "@/store/store";
import type { memoryStorage } from "./memoryStorage";

/** What a store is given in a test: everything in one memory, no other tab, the device's clock. */
export function surroundings(
  backend: ReturnType<typeof memoryStorage>,
  part: Partial<Surroundings> = {},
): Surroundings {
  const exclusive = exclusiveAccess("test");
  const samples = openSampleStorage(backend, exclusive);
  return {
    logbook: "sereno",
    storage: openRecordStorage(backend, exclusive),
    samples,
    attachments: openAttachmentStorage(backend, exclusive),
    drafts: openDraftStorage(backend),
    instruments: openInstrumentLines(samples),
    share: openShareStorage(backend, exclusive),
    notices: { tell: () => undefined, listen: () => () => undefined },
    journal: openJournal({ logbook: "sereno", instant: undefined, database: backend }),
    now: () => new Date(),
    ...part,
  };
}
