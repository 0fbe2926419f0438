import { contentOfRun } from "./contentOfRun";
import type { PlantBook } from "../plant/plantBook";
import type { RunSummary } from "./runSummary";

/* Nobody's still drips three times as fast as planned, and no harvest holds twice a good year's oil. */
const mostRate = 3;
const mostContent = 2;
/* Less than this may be a spill or the tail alone. */
const leastMl = 100;

/** Why a finished run's log can hardly be right: it teaches nothing until the person has said so. */
export interface DoubtfulLog {
  minutes: number;
  hydrosolMl: number;
  /** It was on the heat for days, by its log: the heat off was hardly noted when it was. */
  overlong?: true;
}

/** What looks wrong with a measured run's first drop; undefined where nothing does, or it was confirmed. */
export function doubtfulLog(summary: RunSummary, book: PlantBook): DoubtfulLog | undefined {
  const { run, result, minutesFromFirstDrop: minutes, overlongMinutes } = summary;
  if (overlongMinutes !== undefined && !run.confirmed)
    return { minutes: overlongMinutes, hydrosolMl: result?.hydrosolMl ?? 0, overlong: true };
  if (!result || minutes === undefined || run.confirmed) return undefined;
  const { hydrosolMl = 0 } = result;
  const tooFast =
    hydrosolMl > leastMl && hydrosolMl > mostRate * run.plan.forecast.rateMlPerMin * minutes;
  const content = contentOfRun(summary, book);
  const high = run.plan.oilMlPerKg?.high;
  const tooRich = content !== undefined && high !== undefined && content > mostContent * high;
  return tooFast || tooRich ? { minutes, hydrosolMl } : undefined;
}
