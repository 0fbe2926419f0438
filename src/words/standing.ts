import type { RunSummary } from "@/logbook/run/runSummary";

/** Where a run stands, in a word, for a place where its result will be. */
export function standing({ state }: RunSummary): string {
  return {
    ready: "ready",
    heating: "on the heat",
    warming: "on the heat",
    distilling: "running",
    settling: "settling",
    done: "",
  }[state.phase];
}
