import { useEffect, useState } from "react";
import type { ForecastRequest } from "@/core";
import { forecastRanges } from "@/workers/forecastClient";
import type { ForecastRanges } from "@/workers/forecastMessages";

/**
 * A request's ranges once the worker has them. Until then, and for a request that has changed since,
 * there are none: an old answer never stands beside a new question.
 */
export function useForecastRanges(
  request: ForecastRequest | undefined,
): ForecastRanges | undefined {
  const question = request ? JSON.stringify(request) : undefined;
  const [answer, setAnswer] = useState<{ question: string; ranges: ForecastRanges }>();
  useEffect(() => {
    if (!question) return;
    let current = true;
    forecastRanges(JSON.parse(question) as ForecastRequest)
      .then((ranges) => {
        if (current) setAnswer({ question, ranges });
      })
      .catch(() => undefined);
    return () => {
      current = false;
    };
  }, [question]);
  return answer && answer.question === question ? answer.ranges : undefined;
}
