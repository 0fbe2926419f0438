import { proxy, wrap, type Remote } from "comlink";
import type { ForecastRequest } from "@/core";
import type { ForecastWorker } from "./forecast.worker";
import { forecastRangesSchema, type ForecastRanges } from "@/messages/forecastMessages";

/** A question on its way. */
export interface Asked {
  /** The ranges; undefined when the question was stopped or a newer one came. Rejects when the worker cannot answer. */
  answer: Promise<ForecastRanges | undefined>;
  stop: () => void;
}

/** Asks forecasts of one worker, one question at a time: a new one drops the one before. */
export interface Forecaster {
  ask(request: ForecastRequest, onProgress: (share: number) => void): Asked;
}

/** A forecaster of its own worker, started at the first question and anew after it has died. */
export function openForecaster(): Forecaster {
  let remote: Remote<ForecastWorker> | undefined;
  let questions = 0;
  function start(): { remote: Remote<ForecastWorker>; died: Promise<never> } {
    const worker = new Worker(new URL("./forecast.worker", window.location.href));
    const died = new Promise<never>((_, reject) => {
      worker.addEventListener("error", (event) => {
        remote = undefined;
        worker.terminate();
        reject(new Error(event.message || "the forecast's worker stopped"));
      });
    });
    died.catch(() => undefined);
    return { remote: wrap<ForecastWorker>(worker), died };
  }
  let died: Promise<never> | undefined;
  return {
    ask(request, onProgress) {
      if (!remote) ({ remote, died } = start());
      const asked = remote;
      questions += 1;
      const question = questions;
      const ranges = asked.ranges(question, request, proxy(onProgress));
      return {
        answer: Promise.race([ranges, died ?? ranges]).then((answer) =>
          answer === undefined ? undefined : forecastRangesSchema.parse(answer),
        ),
        stop: () => {
          if (question === questions) void asked.stop();
        },
      };
    },
  };
}
