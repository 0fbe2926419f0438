import type { UnitSystem } from "@/core/units/units";
import { addDays } from "date-fns/addDays";
import { createEvents, type EventAttributes } from "ics";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { DutyDue } from "@/logbook/shelf/duties";
import type { DayRecord } from "@/records/day";
import { plainText } from "@/words/plainText";
import { dutyWords } from "@/words/dutyWords";

/* A settled jar is told as it is due; what has a day is told on its morning. */
const morningHour = 9;

/**
 * What is due as an iCalendar file (RFC 5545), an event each, with an alarm. Its id is that of the thing
 * due and its sequence grows with each change, so that a calendar that opens a later file moves what it
 * has and doubles nothing.
 * @throws Error saying what cannot be written
 */
export function calendarFile(
  duties: readonly DutyDue[],
  book: PlantBook,
  units: UnitSystem,
): string {
  if (duties.length === 0) return emptyCalendar;
  const { error, value } = createEvents(
    duties.map((due) => eventOf(due, book, units)),
    {
      productId: "-//Sereno//Due//EN",
      calName: t`Sereno: due`,
      method: "PUBLISH",
    },
  );
  if (error || !value)
    throw new Error(`the calendar could not be written: ${error?.message ?? "no events"}`);
  return foldedByOctets(value);
}

/**
 * Lines of at most 75 octets, as RFC 5545 (3.1) has it, none of them ending within a letter: long ones were folded by
 * letters, of which some take four.
 */
function foldedByOctets(text: string): string {
  const whole = text.replace(/\r\n[ \t]/g, "");
  return whole
    .split("\r\n")
    .map((line) => {
      let folded = "";
      let octets = 0;
      for (const letter of line) {
        const more = octetsOf(letter.codePointAt(0) ?? 0);
        if (octets + more > 75) {
          folded += "\r\n ";
          octets = 1;
        }
        folded += letter;
        octets += more;
      }
      return folded;
    })
    .join("\r\n");
}

/** A letter's length in UTF-8. */
function octetsOf(letter: number): number {
  return letter < 0x80 ? 1 : letter < 0x800 ? 2 : letter < 0x10000 ? 3 : 4;
}

/* A calendar without events is one too, and takes nothing away. */
const emptyCalendar = [
  "BEGIN:VCALENDAR",
  "VERSION:2.0",
  "PRODID:-//Sereno//Due//EN",
  "METHOD:PUBLISH",
  "END:VCALENDAR",
  "",
].join("\r\n");

function eventOf(due: DutyDue, book: PlantBook, units: UnitSystem): EventAttributes {
  const said = dutyWords(due, book, units);
  const title = plainText(said.title).replaceAll("\n", " ");
  const detail = said.detail && plainText(said.detail);
  const { at } = due;
  const day = [at.getFullYear(), at.getMonth() + 1, at.getDate()] as [number, number, number];
  const next = addDays(at, 1);
  return {
    uid: `${due.key.replaceAll("/", "-")}@sereno`,
    sequence: Math.floor(Date.parse(due.changedAt) / 1000),
    title,
    description: detail,
    categories: ["Sereno"],
    status: "CONFIRMED",
    busyStatus: "FREE",
    startInputType: "local",
    ...(due.allDay
      ? { start: day, end: [next.getFullYear(), next.getMonth() + 1, next.getDate()] }
      : {
          start: [...day, at.getHours(), at.getMinutes()] as [
            number,
            number,
            number,
            number,
            number,
          ],
          startOutputType: "utc",
          duration: { minutes: 30 },
        }),
    alarms: [
      {
        action: "display",
        description: title,
        trigger: due.allDay
          ? { hours: morningHour, before: false, minutes: 0 }
          : { minutes: 0, before: false },
      },
    ],
  };
}

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
    { productId: "-//Sereno//Day//EN", calName: t`Sereno: a day`, method: "PUBLISH" },
  );
  if (error || !value)
    throw new Error(`the calendar could not be written: ${error?.message ?? "no events"}`);
  return foldedByOctets(value);
}
