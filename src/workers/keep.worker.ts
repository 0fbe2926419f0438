import { createAsyncStorage, type AsyncStorage } from "@react-native-async-storage/async-storage";

/**
 * Writes texts into the browser's database on a thread of its own: while the page draws what a tap
 * has changed, the change is stored. The texts are read, and checked, only where they are opened.
 */
export interface KeepOrder {
  /** Which order it is, to be told when it is done. */
  order: number;
  database: string;
  set: Record<string, string>;
  remove: string[];
}

/** What the worker answers: done, or why not. */
export interface KeepAnswer {
  order: number;
  problem?: string;
}

const open = new Map<string, AsyncStorage>();
/* One after the other, in the order they came: a text is never removed before it was set. */
let last: Promise<unknown> = Promise.resolve();

self.onmessage = ({ data }: MessageEvent<KeepOrder>) => {
  last = last.then(() => obey(data));
};

async function obey({ order, database, set, remove }: KeepOrder): Promise<void> {
  const backend = open.get(database) ?? createAsyncStorage(database);
  open.set(database, backend);
  const answer: KeepAnswer = { order };
  try {
    if (Object.keys(set).length > 0) await backend.setMany(set);
    if (remove.length > 0) await backend.removeMany(remove);
  } catch (error) {
    answer.problem = error instanceof Error ? error.message : String(error);
  }
  self.postMessage(answer);
}
