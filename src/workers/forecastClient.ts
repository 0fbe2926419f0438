import { proxy } from "comlink";
import type { ForecastRequest } from "@/core/forecast/request";
import { forecastRangesSchema, type ForecastRanges } from "@/messages/forecastMessages";
import { computeThread } from "./computeThread";

/** A question on its way. */
interface PendingForecast {
  /** The ranges; undefined when the question was stopped or a newer one came. Rejects when the worker cannot answer. */
  answer: Promise<ForecastRanges | undefined>;
  stop: () => void;
}

/** Asks forecasts of one worker, one question at a time: a new one drops the one before. */
export interface Forecaster {
  ask(request: ForecastRequest, onProgress: (share: number) => void): PendingForecast;
}

/** A forecaster of its own worker, started at the first question and anew after it has died. */
export function openForecaster(): Forecaster {
  const thread = computeThread();
  let questions = 0;
  return {
    ask(request, onProgress) {
      const { remote, answered } = thread();
      questions += 1;
      const question = questions;
      return {
        answer: answered(remote.forecast(question, request, proxy(onProgress))).then((answer) =>
          answer === undefined ? undefined : forecastRangesSchema.parse(answer),
        ),
        stop: () => {
          if (question === questions) void remote.stopForecast();
        },
      };
    },
  };
}
