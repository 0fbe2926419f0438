import { useEffect, useMemo, useState } from "react";
import type { ForecastRequest } from "@/core/forecast/request";
import { openForecaster, type Forecaster } from "@/workers/forecastClient";
import type { ForecastRanges } from "@/messages/forecastMessages";

/** How a forecast is coming along. */
export interface RangesState {
  ranges?: ForecastRanges;
  /** Share of the runs played so far, 0 to 1. */
  progress: number;
  /** Why there is no answer. */
  problem?: string;
  stopped?: boolean;
  /** Stops the playing, or begins it again after a stop. */
  toggle: () => void;
}

/* Sooner than this nobody looks for progress, and telling of it would only keep the page busy. */
const patienceMs = 300;

interface LastAnswer {
  question: string;
  ranges?: ForecastRanges;
  progress: number;
  problem?: string;
  stopped?: boolean;
}

/**
 * A request's ranges once the worker has them. Until then, and for a request that has changed since,
 * there are none: an old answer never stands beside a new question.
 */
export function useForecastRanges(request: ForecastRequest | undefined): RangesState {
  const question = request ? JSON.stringify(request) : undefined;
  const [forecaster] = useState<Forecaster>(openForecaster);
  const [last, setLast] = useState<LastAnswer>();
  const [halted, setHalted] = useState<string>();
  useEffect(() => {
    if (!question || halted === question) return;
    let current = true;
    const say = (part: Omit<LastAnswer, "question">) => {
      if (current) setLast({ question, ...part });
    };
    /* Progress comes by a way of its own and may arrive after the answer: it never undoes one. */
    const begun = performance.now();
    const goOn = (progress: number) =>
      current &&
      performance.now() - begun > patienceMs &&
      setLast((was) => (was?.question === question && was.ranges ? was : { question, progress }));
    const { answer, stop } = forecaster.ask(JSON.parse(question) as ForecastRequest, goOn);
    answer.then(
      (ranges) => ranges && say({ ranges, progress: 1 }),
      (error: unknown) =>
        say({ progress: 0, problem: error instanceof Error ? error.message : String(error) }),
    );
    return () => {
      current = false;
      stop();
    };
  }, [question, halted, forecaster]);
  const now = last?.question === question ? last : undefined;
  const stopped = question !== undefined && halted === question;
  return useMemo(
    () => ({
      ranges: now?.ranges,
      progress: now?.progress ?? 0,
      problem: now?.problem,
      stopped,
      toggle: () => setHalted((was) => (was === question ? undefined : question)),
    }),
    [now, stopped, question],
  );
}
