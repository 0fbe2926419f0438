import type { AsyncStorage } from "@react-native-async-storage/async-storage";

/** A key-value store in memory that can be told to refuse. */
export function memoryStorage(): AsyncStorage & {
  texts: Map<string, string>;
  refuse: string | undefined;
} {
  const texts = new Map<string, string>();
  const store = {
    texts,
    refuse: undefined as string | undefined,
    getItem: async (key: string) => texts.get(key) ?? null,
    setItem: async (key: string, value: string) => store.setMany({ [key]: value }),
    removeItem: async (key: string) => void texts.delete(key),
    getMany: async (keys: string[]) =>
      Object.fromEntries(keys.map((key) => [key, texts.get(key) ?? null])),
    setMany: async (entries: Record<string, string>) => {
      if (store.refuse) throw new Error(store.refuse);
      for (const [key, value] of Object.entries(entries)) texts.set(key, value);
    },
    removeMany: async (keys: string[]) => keys.forEach((key) => texts.delete(key)),
    getAllKeys: async () => [...texts.keys()],
    clear: async () => texts.clear(),
  };
  return store;
}
