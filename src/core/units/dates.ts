import { deviceLanguage } from "./language";

/*
 * Dates and times as the device's language has them. The words around them are English; the order of
 * day and month, and a clock of twelve or of twenty-four hours, are the person's own.
 */

const made = new Map<string, Intl.DateTimeFormat>();

/* A formatter costs more to make than a hundred dates. */
function by(options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = deviceLanguage() + JSON.stringify(options);
  const known = made.get(key) ?? new Intl.DateTimeFormat(deviceLanguage(), options);
  made.set(key, known);
  return known;
}

type Moment = Date | number;

/** "4 May 2026" */
export const showDay = (at: Moment) =>
  by({ day: "numeric", month: "short", year: "numeric" }).format(at);
/** "4 May" */
export const showDayOfYear = (at: Moment) => by({ day: "numeric", month: "short" }).format(at);
/** "4 May 2026", with the month's whole name */
export const showDayLong = (at: Moment) =>
  by({ day: "numeric", month: "long", year: "numeric" }).format(at);
/** "May 2026" */
export const showMonth = (at: Moment) => by({ month: "short", year: "numeric" }).format(at);
/** "Monday, 4 May" */
export const showWeekday = (at: Moment) =>
  by({ weekday: "long", day: "numeric", month: "short" }).format(at);
/** As the country writes it: "08:05", "8:05 AM". */
export const showTime = (at: Moment) => by({ hour: "numeric", minute: "2-digit" }).format(at);

/** A day as records keep it, `YYYY-MM-DD`, where the device is. */
export function isoDay(at: Moment): string {
  const date = new Date(at);
  const two = (part: number) => String(part).padStart(2, "0");
  return `${String(date.getFullYear()).padStart(4, "0")}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** Noon of a kept day: no time zone moves it to another. */
export function noonOf(day: string): Date {
  return new Date(`${day}T12:00:00`);
}
