import { withRetries, withSharedFirst, type LoadPart } from "@/ui/partsLoading";

declare global {
  /** The built app's shared file, and the files that do without it: written by `scripts/bundle`. */
  var sharedLater: { file: string; alone: string[] } | undefined;
  var __loadBundleAsync: LoadPart | undefined;
}

/* In development no file is shared so: nothing waits for one. */
if (globalThis.__loadBundleAsync) {
  const load = globalThis.__loadBundleAsync;
  const shared = globalThis.sharedLater;
  globalThis.__loadBundleAsync = withRetries(shared ? withSharedFirst(load, shared) : load);
}
