import { dueSound, soundOn } from "./soundOn";

const now = Date.parse("2026-06-01T12:00:00.000Z");

test("cues sound where they were asked to, and not while they are kept quiet", () => {
  expect(soundOn({ cueSound: true }, now)).toBe(true);
  expect(soundOn({ cueSound: false }, now)).toBe(false);
  expect(soundOn({}, now)).toBe(false);
  expect(soundOn({ cueSound: true, quietUntil: "2026-06-01T12:00:01.000Z" }, now)).toBe(false);
  expect(soundOn({ cueSound: true, quietUntil: "2026-06-01T12:00:00.000Z" }, now)).toBe(true);
});

test("one thing that is due sounds the same while it stays so; what is to come does not", () => {
  expect(dueSound({ level: "danger", subject: "dryLine" })).toBe("dryLine-danger");
  expect(dueSound({ level: "now", subject: "dryLine" })).toBe("dryLine-now");
  expect(dueSound({ level: "later", subject: "dryLine" })).toBeUndefined();
  expect(dueSound(undefined)).toBeUndefined();
});
