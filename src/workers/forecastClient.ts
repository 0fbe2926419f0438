import { wrap, type Remote } from "comlink";
import type { ForecastRequest } from "@/core";
import type { ForecastWorker } from "./forecast.worker";
import { forecastRangesSchema, type ForecastRanges } from "./forecastMessages";

let remote: Remote<ForecastWorker> | undefined;

/** A forecast's ranges, computed off the page's thread. Rejects when the worker cannot answer. */
export async function forecastRanges(request: ForecastRequest): Promise<ForecastRanges> {
  remote ??= wrap<ForecastWorker>(new Worker(new URL("./forecast.worker", window.location.href)));
  return forecastRangesSchema.parse(await remote.ranges(request));
}
