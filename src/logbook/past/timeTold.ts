import { parseAmount } from "@/core/units/parseAmount";
import { t } from "@/language/t";

/** A time as a notebook has it: by the clock, minutes after midnight; or a length, minutes. */
export type TimeTold = { clock: number } | { minutes: number };

const clock = /^(\d{1,2})\s*[:.h]\s*(\d{2})\s*(a\.?m\.?|p\.?m\.?)?$/i;
const hour = /^(\d{1,2})\s*(a\.?m\.?|p\.?m\.?)$/i;

/**
 * Reads "9:40", "9.40 pm", "7 am" as a clock's time and "35 min", "1 h 10", "90" as a length. A bare number is
 * minutes. What is neither is a sentence that can stand under its field.
 */
export function timeTold(
  text: string,
): { ok: true; value: TimeTold } | { ok: false; problem: string } {
  const bare = text.trim();
  const byClock = clock.exec(bare);
  /* "1 h 10" is a length; "1h10" too: an hour's letter between digits is no clock, a colon is. */
  if (byClock && !/h/i.test(bare)) return ofDay(Number(byClock[1]), Number(byClock[2]), byClock[3]);
  const byHour = hour.exec(bare);
  if (byHour) return ofDay(Number(byHour[1]), 0, byHour[2]);
  const length = parseAmount(bare.replace(/^(\d+)\s*h\s*(\d+)$/i, "$1 h $2 min"), "min");
  if (length.ok && length.value >= 0) return { ok: true, value: { minutes: length.value } };
  return { ok: false, problem: t`Type a time, as 9:40, or a length, as 35 min.` };
}

function ofDay(
  hours: number,
  minutes: number,
  half: string | undefined,
): ReturnType<typeof timeTold> {
  const late = half?.toLowerCase().startsWith("p");
  const most = half ? 12 : 23;
  if (hours > most || minutes > 59)
    return { ok: false, problem: t`There is no such time. Type it as 9:40 or 21:40.` };
  const ofTwelve = half ? (hours % 12) + (late ? 12 : 0) : hours;
  return { ok: true, value: { clock: ofTwelve * 60 + minutes } };
}
