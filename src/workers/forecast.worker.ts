import { expose } from "comlink";
import { forecastRun } from "@/core";
import { forecastRequestSchema, type ForecastRanges } from "./forecastMessages";

const samples = 1000;

const forecastWorker = {
  /** The ranges of a forecast over a thousand runs. Same request, same answer. */
  ranges(request: unknown): ForecastRanges {
    const { oil, ranges, fan } = forecastRun(forecastRequestSchema.parse(request), {
      samples,
      seed: 1,
    });
    return { oil, ranges, fan };
  },
};
export type ForecastWorker = typeof forecastWorker;

expose(forecastWorker);
