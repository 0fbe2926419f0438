import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { z } from "zod";
import { t } from "@/language/t";
import { recordKey, type AnyRecord } from "@/records/record";
import { parseJson, readTexts } from "./storedText";

/** A stored text that would not open: kept word for word until the person decides. */
export const quarantinedSchema = z.object({
  key: z.string(),
  text: z.string(),
  problem: z.string(),
  at: z.string(),
  /** A newer edition of Sereno wrote it: it lies where it was, and nothing here may change it. */
  newer: z.literal(true).optional(),
});
export type Quarantined = z.infer<typeof quarantinedSchema>;

export const setAsidePrefix = "quarantine/";

/** The key under which a text that would not open lies. */
export function setAsideKey({ key }: Quarantined): string {
  return setAsidePrefix + key;
}

/** What is to be written of texts set aside, by their keys. */
export function setAsideEntries(texts: readonly Quarantined[]): [string, string][] {
  return texts.map((item) => [setAsideKey(item), JSON.stringify(item)]);
}

/** What was changed here of a record that a newer edition has in its hands. */
export function tooLate(record: AnyRecord): Quarantined {
  return {
    key: recordKey(record),
    text: JSON.stringify(record),
    problem: t`changed on a page that is older than what is stored`,
    at: record.updatedAt,
  };
}

/** All texts that were set aside, of those keys; one that is itself unreadable is told as such. */
export async function readSetAside(
  backend: AsyncStorage,
  keys: readonly string[],
): Promise<Quarantined[]> {
  const texts = await readTexts(
    backend,
    keys.filter((key) => key.startsWith(setAsidePrefix)),
  );
  return texts.map(([key, text]) => {
    const parsed = quarantinedSchema.safeParse(parseJson(text));
    return parsed.success
      ? parsed.data
      : { key, text, problem: t`an unreadable set-aside text`, at: "" };
  });
}
