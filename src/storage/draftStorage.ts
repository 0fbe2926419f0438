import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { z } from "zod";
import type { KeepTexts } from "@/workers/keepClient";

const prefix = "draft/";
/* A draft is what stands in one form: far below this, and a hostile one is not opened. */
const longest = 200_000;
const textSchema = z.string().max(longest);

/** What stands typed in forms and is not kept yet, by the form's name. */
export interface DraftStorage {
  /** @param all all keys of the store */
  load(all: readonly string[]): Promise<Record<string, unknown>>;
  /** Stores what stands in a form now; undefined: nothing does any more. Never throws. */
  put(name: string, draft: unknown): void;
}

/**
 * Opens the drafts over a key-value store; `keepTexts` writes them off the page's thread, and `hold`
 * keeps the page until they are written, so that a reload right after a letter does not lose it.
 */
export function openDraftStorage(
  backend: Pick<AsyncStorage, "getMany" | "setMany" | "removeMany">,
  keepTexts?: KeepTexts,
  hold: () => () => void = () => () => undefined,
): DraftStorage {
  return {
    async load(all) {
      const keys = all.filter((key) => key.startsWith(prefix));
      if (keys.length === 0) return {};
      const texts = await backend.getMany(keys);
      return Object.fromEntries(
        Object.entries(texts).flatMap(([key, text]) => {
          const draft = parsed(text);
          return draft === undefined ? [] : [[key.slice(prefix.length), draft]];
        }),
      );
    },
    put(name, draft) {
      const key = prefix + name;
      const set = draft === undefined ? {} : { [key]: JSON.stringify(draft) };
      const remove = draft === undefined ? [key] : [];
      const write = async () => {
        if (keepTexts) return keepTexts({ set, remove });
        if (draft === undefined) await backend.removeMany(remove);
        else await backend.setMany(set);
      };
      /* A store that refuses is told by what matters more than a draft: the records. */
      write()
        .catch(() => undefined)
        .finally(hold());
    },
  };
}

function parsed(text: string | null): unknown {
  const read = textSchema.safeParse(text);
  if (!read.success) return undefined;
  try {
    return JSON.parse(read.data) as unknown;
  } catch {
    return undefined;
  }
}
