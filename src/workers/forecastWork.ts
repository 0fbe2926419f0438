import { forecastInSteps } from "@/core/forecast/forecastRun";
import { forecastRequestSchema } from "@/messages/forecastRequest";
import type { ForecastRanges } from "@/messages/forecastMessages";
import { breathe } from "./breathe";

const samples = 1000;

/* The question being answered; another number, and the one before is dropped at its next step. */
let current = 0;

/** Plays a plan a thousand times. */
export const forecastWork = {
  /**
   * The ranges of a forecast over a thousand runs. Same request, same answer. Between steps the worker
   * listens: a newer question or a stop ends this one with `undefined`.
   */
  async forecast(
    question: number,
    request: unknown,
    onProgress: (share: number) => void,
  ): Promise<ForecastRanges | undefined> {
    current = question;
    const steps = forecastInSteps(forecastRequestSchema.parse(request), { samples, seed: 1 });
    for (;;) {
      const step = steps.next();
      if (step.done) {
        const { oil, ranges, fan } = step.value;
        return { oil, ranges, fan };
      }
      onProgress(step.value);
      await breathe();
      if (current !== question) return undefined;
    }
  },
  /** Stops whatever is being played. */
  stopForecast(): void {
    current = 0;
  },
};
