import { sampleDay } from "@/testing/sampleDay";
import fc from "fast-check";
import ICAL from "ical.js";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { newRecord } from "@/records/base";
import type { Lot } from "@/records/lot";
import type { DutyDue } from "@/logbook/shelf/duties";
import { dutyWords } from "@/words/dutyWords";
import { plainText } from "@/words/plainText";
import { calendarFile, dayCalendar } from "./calendarFile";

const lot: Lot = {
  ...newRecord("lot", new Date("2026-06-01T08:00:00Z")),
  code: "K7Q-4MX",
  name: "Evening, the blue one; ours",
  product: "oil",
  plantId: "clarysage",
  runIds: [],
  madeOn: "2026-06-01",
  volumeMl: 10,
};
const due: DutyDue = {
  kind: "check",
  key: "check/lot-a/2",
  at: new Date(2026, 6, 4, 12),
  allDay: true,
  of: { lot, bottles: [] },
  changedAt: "2026-06-01T08:00:00Z",
};
const lines = (text: string) => text.replaceAll("\r\n ", "").split("\r\n");

test("each thing due is an event with an id that stays, an alarm, and a number that grows", () => {
  const first = lines(calendarFile([due], catalogueBook, "metric"));
  const later = lines(
    calendarFile(
      [{ ...due, at: new Date(2026, 6, 9, 12), changedAt: "2026-06-03T08:00:00Z" }],
      catalogueBook,
      "metric",
    ),
  );
  const of = (all: string[], field: string) => all.find((line) => line.startsWith(field))!;
  expect(of(first, "UID")).toBe("UID:check-lot-a-2@sereno");
  expect(of(later, "UID")).toBe(of(first, "UID"));
  expect(of(first, "DTSTART")).toBe("DTSTART;VALUE=DATE:20260704");
  expect(of(later, "DTSTART")).toBe("DTSTART;VALUE=DATE:20260709");
  const sequence = (all: string[]) => Number(of(all, "SEQUENCE").split(":")[1]);
  expect(sequence(later)).toBeGreaterThan(sequence(first));
  expect(sequence(later)).toBeLessThan(2 ** 31);
  expect(first).toContain("BEGIN:VALARM");
  expect(of(first, "SUMMARY")).toBe("SUMMARY:Check the Evening\\, the blue one\\; ours");
});

test("what has a moment is told in the world's own time", () => {
  const at = new Date("2026-07-04T10:30:00Z");
  const text = calendarFile(
    [{ ...due, kind: "settled", key: "settled/run-a", at, allDay: false }],
    catalogueBook,
    "metric",
  );
  expect(lines(text)).toContain("DTSTART:20260704T103000Z");
});

test("nothing due is a calendar too", () => {
  expect(lines(calendarFile([], catalogueBook, "metric"))).toEqual(
    expect.arrayContaining(["BEGIN:VCALENDAR", "END:VCALENDAR"]),
  );
});

/* Names as no person would type them: marks that steer machines, all commas, letters of four octets. */
const nasty = fc
  .array(
    fc.constantFrom(
      ..."aé漢🌿,;:\\\"'=@ \t\r\n\u0000\u0007\u001b\u0085\u2028|&<>%",
      "\r\n",
      "END:VEVENT",
      "\\n",
      "  ",
    ),
    { minLength: 1, maxLength: 60 },
  )
  .map((parts) => parts.join("").slice(0, 200));

test("an independent reader finds 3,000 events with the nastiest names, each name whole, no line over 75 octets", () => {
  const names = fc.sample(nasty, { numRuns: 3000, seed: 11 });
  const duties = names.map((name, i) => ({
    ...due,
    key: `check/lot-${i}`,
    of: { lot: { ...lot, name }, bottles: [] },
  }));
  const text = calendarFile(duties, catalogueBook, "metric");
  const longest = Math.max(...text.split("\r\n").map((line) => Buffer.byteLength(line)));
  expect(longest).toBeLessThanOrEqual(75);
  expect(text.replaceAll("\r\n", "\n")).not.toMatch(/[\u0000-\u0009\u000B-\u001F\u007F]/);
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const found = calendar.getAllSubcomponents("vevent").map((event) => {
    return event.getFirstPropertyValue("summary");
  });
  expect(found).toEqual(
    duties.map((each) =>
      plainText(dutyWords(each, catalogueBook, "metric").title).replaceAll("\n", " "),
    ),
  );
});

test("a laid-out day is a calendar of its moments, each with an alarm and the same name in a later file", () => {
  const at = new Date("2026-07-14T07:15:00").getTime();
  const moments = [{ at, title: "Heat on: Peppermint 1", detail: "Copper pot, 12 L" }];
  const text = dayCalendar(sampleDay(), moments);
  expect(text).toContain("SUMMARY:Heat on: Peppermint 1");
  expect(text.match(/BEGIN:VALARM/g)).toHaveLength(1);
  const uid = /UID:(.*)/.exec(text)?.[1];
  expect(dayCalendar(sampleDay({ updatedAt: "2026-07-15T08:00:00Z" }), moments)).toContain(uid);
});
