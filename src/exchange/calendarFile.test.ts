import type { DutyDue } from "@/logbook/shelf/duties";
import { calendarFile } from "./calendarFile";

const due: DutyDue = {
  kind: "check",
  key: "check/lot-a/2",
  at: new Date(2026, 6, 4, 12),
  allDay: true,
  name: "Clary sage",
  detail: "K7Q-4MX; the blue one, with\na note",
  href: "/shelf/lot-a",
  changedAt: "2026-06-01T08:00:00Z",
};
const lines = (text: string) => text.replaceAll("\r\n ", "").split("\r\n");

test("each thing due is an event with an id that stays, an alarm, and a number that grows", () => {
  const first = lines(calendarFile([due]));
  const later = lines(
    calendarFile([{ ...due, at: new Date(2026, 6, 9, 12), changedAt: "2026-06-03T08:00:00Z" }]),
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
  expect(of(first, "DESCRIPTION")).toContain("\\n");
});

test("what has a moment is told in the world's own time", () => {
  const at = new Date("2026-07-04T10:30:00Z");
  const text = calendarFile([{ ...due, kind: "settled", key: "settled/run-a", at, allDay: false }]);
  expect(lines(text)).toContain("DTSTART:20260704T103000Z");
});

test("nothing due is a calendar too", () => {
  expect(lines(calendarFile([]))).toEqual(
    expect.arrayContaining(["BEGIN:VCALENDAR", "END:VCALENDAR"]),
  );
});
