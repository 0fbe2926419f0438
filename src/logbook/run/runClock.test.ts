import { clockFrom, clockSlip, runNow } from "./runClock";

const wall = Date.parse("2026-06-01T12:00:00.000Z");
const second = 1000;
const clock = {
  wallAt: "2026-06-01T12:00:00.000Z",
  runAt: "2026-06-01T08:00:00.000Z",
  speed: 20,
};
const runAt = Date.parse(clock.runAt);

test("a run without a clock of its own goes by the wall's; else from where it stood, at its speed", () => {
  expect(runNow({}, wall)).toBe(wall);
  expect(runNow({ clock }, wall)).toBe(runAt);
  expect(runNow({ clock }, wall + 3 * second)).toBe(runAt + 60 * second);
});

test("a device's clock has slipped once it is more than twenty seconds off what the page counted", () => {
  const seen = { runAt: wall, pageMs: 5000 };
  const slip = (wallLater: number, pageLater: number) =>
    clockSlip({}, seen, wall + wallLater * second, 5000 + pageLater * second);
  expect(slip(10, 10)).toBe(0);
  expect(slip(30, 10)).toBe(0);
  expect(slip(31, 10)).toBe(21 * second);
  expect(slip(-10, 10)).toBe(0);
  expect(slip(-3600, 10)).toBe(-3610 * second);
});

test("a run that goes at twenty times slips in its own time; one whose clock was set since has not", () => {
  const seen = { runAt, pageMs: 0, clock };
  expect(clockSlip({ clock }, seen, wall + 10 * second, 10 * second)).toBe(0);
  expect(clockSlip({ clock }, seen, wall + 12 * second, 10 * second)).toBe(40 * second);
  for (const set of [
    { ...clock, speed: 1 },
    { ...clock, runAt: "2026-06-01T09:00:00.000Z" },
    { ...clock, wallAt: "2026-06-01T11:00:00.000Z" },
    undefined,
  ])
    expect(clockSlip({ clock: set }, seen, wall + 500 * second, 10 * second)).toBe(0);
});

test("a run goes on from a moment of its own, as fast as before", () => {
  const set = clockFrom({ clock }, runAt + 60 * second, wall + 999 * second);
  expect(set.speed).toBe(20);
  expect(runNow({ clock: set }, wall + 999 * second)).toBe(runAt + 60 * second);
  expect(clockFrom({}, runAt, wall).speed).toBe(1);
});
