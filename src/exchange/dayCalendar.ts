import { createEvents, type EventAttributes } from "ics";
import type { DayRecord } from "@/records/day";
import { plainText } from "@/words/plainText";
import { foldedByOctets } from "./calendarFile";

interface Moment {
  at: number;
  title: string;
  detail: string;
}

/**
 * A laid-out day as an iCalendar file (RFC 5545), an event with an alarm for each moment. A later file of the same day moves
 * what a calendar has of it.
 * @throws Error saying what cannot be written
 */
export function dayCalendar(day: DayRecord, moments: readonly Moment[]): string {
  const { error, value } = createEvents(
    moments.map(({ at, title, detail }, i): EventAttributes => {
      const date = new Date(at);
      const told = plainText(title).replaceAll("\n", " ");
      return {
        uid: `day-${day.id}-${i}@sereno`,
        sequence: Math.floor(Date.parse(day.updatedAt) / 1000),
        title: told,
        description: plainText(detail),
        categories: ["Sereno"],
        startInputType: "local",
        startOutputType: "utc",
        start: [
          date.getFullYear(),
          date.getMonth() + 1,
          date.getDate(),
          date.getHours(),
          date.getMinutes(),
        ],
        duration: { minutes: 10 },
        alarms: [{ action: "display", description: told, trigger: { minutes: 0, before: false } }],
      };
    }),
    { productId: "-//Sereno//Day//EN", calName: "Sereno: a day", method: "PUBLISH" },
  );
  if (error || !value)
    throw new Error(`the calendar could not be written: ${error?.message ?? "no events"}`);
  return foldedByOctets(value);
}
