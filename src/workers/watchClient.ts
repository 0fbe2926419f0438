import { wrap, type Remote } from "comlink";
import type { WatchWorker } from "./watch.worker";
import { watchAnswerSchema, type WatchAnswer, type WatchQuestion } from "@/messages/watchMessages";

let remote: Remote<WatchWorker> | undefined;

/** Weighs a run under way, off the page's thread. Rejects when the worker cannot answer. */
export async function watch(question: WatchQuestion): Promise<WatchAnswer> {
  remote ??= wrap<WatchWorker>(new Worker(new URL("./watch.worker", window.location.href)));
  return watchAnswerSchema.parse(await remote.watch(question));
}
