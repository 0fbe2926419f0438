import { readFileSync } from "node:fs";
import { readLogbook } from "../../src/exchange/logbookFile";
import { plantBook, type PlantBook } from "../../src/logbook/plant/plantBook";
import { defaultPreferences, type Setting } from "../../src/records/setting";
import type { AnyRecord, Kind, RecordOf } from "../../src/records/record";

/** A logbook file as a script works with it. */
export interface Opened {
  records: AnyRecord[];
  of: <K extends Kind>(kind: K) => RecordOf<K>[];
  book: PlantBook;
  preferences: Setting;
}

/** Says what is wrong, ends with 1. */
export function fail(problem: string): never {
  console.error(problem);
  process.exit(1);
}

/** Opens the logbook file that `--logbook` names; what does not open is said and left out. */
export function openLogbookFile(file: string | undefined): Opened {
  if (!file) fail("--logbook: name a logbook file that Sereno saved");
  let text: string;
  try {
    text = readFileSync(file, "utf8");
  } catch {
    fail(`--logbook: ${file} cannot be read`);
  }
  const read = readLogbook(text, []);
  if (!read.ok) fail(`--logbook: ${read.problem}`);
  for (const broken of read.preview.broken) console.error(`left out: ${broken}`);
  const records = read.preview.added;
  const of = <K extends Kind>(kind: K) =>
    records.filter((record): record is RecordOf<K> => record.kind === kind && !record.deletedAt);
  return {
    records,
    of,
    book: plantBook(of("material")),
    preferences: of("setting")[0] ?? defaultPreferences(),
  };
}
