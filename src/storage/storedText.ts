import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { t } from "@/language/t";
import { openRecord } from "@/records/migrate";

/** Stored texts by key; keys that hold none are left out. */
export async function readTexts(
  backend: AsyncStorage,
  keys: readonly string[],
): Promise<[string, string][]> {
  const found = await backend.getMany([...keys]);
  return Object.entries(found).filter((pair): pair is [string, string] => pair[1] !== null);
}

/** A stored text as the record that it holds, or why it does not open. */
export function openText(text: string): ReturnType<typeof openRecord> {
  const raw = parseJson(text);
  return raw === undefined
    ? { ok: false, problem: t`the stored text is not JSON` }
    : openRecord(raw);
}

/** Undefined where the text is no JSON. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
