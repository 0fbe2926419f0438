import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { sampleDay } from "@/testing/sampleDay";
import { emptyDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import { comingOfDay } from "./comingOfDay";
import { dayNow } from "./dayNow";
import { beginningOf } from "./dayTimes";

const day = sampleDay();
const beginning = beginningOf(day);
const nowAt = (minutes: number) => beginning + minutes * 60_000;

/** A run of one of the day's charges, with what happened at which minute of the day. */
function runOf(
  dayCharge: string,
  happened: Partial<Record<"lit" | "firstDrop" | "heatOff", number>>,
  dayId = day.id,
): Run {
  const entries = Object.entries(happened).map(([type, minutes], i) => ({
    ...entryAt(0, { type: type as "lit" }),
    id: `${dayCharge}-${i}`,
    at: new Date(nowAt(minutes)).toISOString(),
  }));
  return {
    ...sampleRun(entries, `run-${dayCharge}`),
    draft: { ...emptyDraft("metric"), dayId, dayCharge },
  };
}

test("a charge has slipped from five minutes after it was to be lit, for a day", () => {
  const slippedAt = (minutes: number) => dayNow(day, [], nowAt(minutes)).slipped;
  expect(slippedAt(14)).toBe(false);
  expect(slippedAt(20)).toBe(false);
  expect(slippedAt(21)).toBe(true);
  /* The second is done at 250; a day later nobody waits for it. */
  expect(slippedAt(250 + 24 * 60 - 1)).toBe(true);
  expect(slippedAt(250 + 24 * 60)).toBe(false);
});

test("lit or off by no more than five minutes otherwise it went as it was laid out", () => {
  const slipped = (lit: number, off: number) =>
    dayNow(day, [runOf("heap-a-1", { lit, firstDrop: lit + 30, heatOff: off })], nowAt(110))
      .slipped;
  expect(slipped(15, 105)).toBe(false);
  expect(slipped(20, 110)).toBe(false);
  expect(slipped(10, 100)).toBe(false);
  expect(slipped(21, 105)).toBe(true);
  expect(slipped(9, 105)).toBe(true);
  expect(slipped(15, 111)).toBe(true);
  expect(slipped(15, 99)).toBe(true);
});

test("of a charge on the heat the next moments come as it goes, never before now", () => {
  const lit = runOf("heap-a-1", { lit: 20 });
  const [early] = dayNow(day, [lit], nowAt(25)).charges;
  expect(early!.went).toMatchObject({ litMin: 20, firstDropMin: 50, offMin: 110, doneMin: 130 });
  expect(early!.went.loadMin).toBe(0);
  const [late] = dayNow(day, [lit], nowAt(70)).charges;
  expect(late!.went).toMatchObject({ firstDropMin: 70, offMin: 130 });
  /* Lit before it could have been loaded by the plan, it was loaded before. */
  const before = dayNow(day, [runOf("heap-a-1", { lit: 5 })], nowAt(6)).charges[0]!;
  expect(before.went.loadMin).toBe(-10);
  const dripping = dayNow(day, [runOf("heap-a-1", { lit: 15, firstDrop: 40 })], nowAt(140));
  expect(dripping.charges[0]!.went).toMatchObject({ firstDropMin: 40, offMin: 140 });
});

test("a run that was made ready and not lit is the charge's, which lies as it was laid out", () => {
  const ready = runOf("heap-a-2", {});
  const { charges, begun } = dayNow(day, [ready], nowAt(0));
  expect(begun).toBe(false);
  expect(charges[1]).toMatchObject({ run: { id: "run-heap-a-2" }, went: day.placed[1] });
  expect(charges[1]!.state).toBeDefined();
  expect(charges[0]!.run).toBeUndefined();
});

test("a run of another day, or of none, is no charge of this one", () => {
  const others = [
    runOf("heap-a-1", { lit: 45 }, "another-day"),
    { ...sampleRun([]), draft: undefined },
  ];
  expect(dayNow(day, others, nowAt(0)).charges[0]!.went).toEqual(day.placed[0]);
});

test("two heaps: each charge takes as long, is due, and is named as its own heap says", () => {
  const [first, second] = day.charges;
  const mixed = sampleDay({
    stillIds: ["still-a", "still-b"],
    heaps: [
      { id: "heap-a", plantId: "lavender", state: "fresh", massG: 600 },
      { id: "heap-b", plantId: "rose", state: "fresh", massG: 600 },
    ],
    charges: [
      { ...first!, dueMin: 120 },
      {
        ...second!,
        heapId: "heap-b",
        dueMin: 240,
        on: { "still-a": { ...second!.on["still-a"]!, runMin: 90 } },
      },
    ],
  });
  const run = runOf("heap-a-2", { lit: 140, firstDrop: 170 });
  const now = dayNow(mixed, [run], nowAt(175));
  expect(now.charges[1]!.went).toMatchObject({ offMin: 260, doneMin: 280 });
  /* The first is done at 125, five late; the second at 280, forty late. */
  expect(now.lateMin).toBe(45);
  expect(now.endMin).toBe(280);
  expect(now.begun).toBe(true);
  const coming = comingOfDay(mixed, [run], nowAt(175));
  expect(coming.map(({ act, plantId, lit }) => [act, plantId, lit])).toEqual([
    ["off", "rose", true],
    ["close", "rose", true],
  ]);
  const all = comingOfDay(mixed, [], nowAt(0));
  expect(new Set(all.map(({ charge, plantId }) => `${charge.id} ${plantId}`))).toEqual(
    new Set(["heap-a-1 lavender", "heap-a-2 rose"]),
  );
});

test("what was due up to a minute ago is still to be done", () => {
  const first = (ms: number) => comingOfDay(day, [], nowAt(0) + ms)[0]!.act;
  expect(first(60_000)).toBe("load");
  expect(first(60_001)).not.toBe("load");
});
