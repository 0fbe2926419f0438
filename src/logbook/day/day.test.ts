import { faultsOfDay } from "@/testing/dayChecker";
import { sampleDay } from "@/testing/sampleDay";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import { planDay } from "@/core/day/planDay";
import { asCharge, asLimits } from "@/messages/dayMessages";
import { openRecord } from "@/records/migrate";
import { emptyDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import { catalogueBook } from "../plant/plantBook";
import { chargeDraft } from "./chargeDraft";
import { comingOfDay } from "./comingOfDay";
import { dayNow, keptOf } from "./dayNow";
import { waitingWords } from "@/words/dayLayoutWords";
import { lostPerHourOf, lostUntilLit, waitingOf } from "./waiting";
import { dayQuestion, otherwise, whatIfs, withoutStill } from "./dayQuestion";
import {
  beginningOf,
  fromNow,
  handMinutes,
  lengthOf,
  minutesInto,
  usualHandMinutes,
} from "./dayTimes";
import { dayTotals } from "./dayTotals";

const day = sampleDay();
const beginning = beginningOf(day);
const at = (minutes: number) => new Date(beginning + minutes * 60_000).toISOString();

/** The run of the day's first charge, with what happened at which minute of the day. */
function runOfFirst(happened: Partial<Record<"lit" | "firstDrop" | "heatOff", number>>): Run {
  const entries = Object.entries(happened).map(([type, minutes], i) => ({
    id: `e-${i}`,
    at: at(minutes),
    type: type as "lit" | "firstDrop" | "heatOff",
  }));
  return {
    ...sampleRun(entries),
    draft: { ...emptyDraft("metric"), dayId: day.id, dayCharge: "heap-a-1" },
  };
}

test("a day is kept and read again; one that ends after midnight is long", () => {
  expect(openRecord(JSON.parse(JSON.stringify(day)))).toMatchObject({ ok: true });
  expect(lengthOf(day)).toBe(14 * 60);
  expect(lengthOf({ from: "20:00", until: "02:00" })).toBe(6 * 60);
});

test("as long as nothing happens it lies as it was laid out; what is overdue has slipped", () => {
  const early = dayNow(day, [], beginning);
  expect(early.slipped).toBe(false);
  expect(early.charges.map(({ went }) => went)).toEqual(day.placed);
  expect(dayNow(day, [], beginning + 40 * 60_000).slipped).toBe(true);
});

test("a charge that was lit late lies where it went, keeps its place, and the other is laid out behind it", () => {
  const run = runOfFirst({ lit: 45, firstDrop: 80 });
  const now = dayNow(day, [run], beginning + 90 * 60_000);
  expect(now.slipped).toBe(true);
  expect(now.charges[0]!.went).toMatchObject({
    litMin: 45,
    firstDropMin: 80,
    offMin: 140,
    doneMin: 160,
  });
  const fixed = keptOf(day, now);
  expect(fixed.map(({ id }) => id)).toEqual(["heap-a-1"]);
  const question = dayQuestion(day, { fixed, fromMin: 90, tries: 100 });
  const whole = {
    ...asLimits(question),
    charges: question.heaps[0]!.splits[0]!.map(asCharge),
  };
  const plan = planDay(whole, { tries: 100 })!;
  expect(plan.charges[1]!.loadMin).toBe(160);
  const asItIs = whole.charges.map((charge) => ({
    ...charge,
    on: Object.fromEntries(
      Object.entries(charge.on).map(([still, takes]) => [
        still,
        charge.id === "heap-a-1" ? { ...takes, heatMin: 35 } : takes,
      ]),
    ),
  }));
  expect(faultsOfDay({ ...whole, charges: asItIs }, plan)).toEqual([]);
});

test("what is held keeps its place too", () => {
  const held = sampleDay({
    placed: day.placed.map((each, i) => (i === 1 ? { ...each, held: true } : each)),
  });
  expect(keptOf(held, dayNow(held, [], beginning)).map(({ id }) => id)).toEqual(["heap-a-2"]);
});

test("otherwise: another hand, an hour earlier; no more ice of none, no still less of one", () => {
  const question = dayQuestion(day, { tries: 10 });
  const asked = Object.fromEntries(whatIfs.map((what) => [what, otherwise(question, what)]));
  expect(asked.anotherHand).toMatchObject({ hands: 2 });
  expect(asked.anHourEarlier!.lengthMin).toBe(15 * 60);
  expect(withoutStill(question, "still-a", question.heaps)).toBeUndefined();
  expect(asked.moreIce).toBeUndefined();
  const icy = dayQuestion({ ...day, iceKg: 4, stillIds: ["still-a", "still-b"] }, { tries: 10 });
  expect(otherwise(icy, "moreIce")!.ice!.kg).toBe(9);
  const anew = [{ id: "heap-a", splits: [icy.heaps[0]!.splits[0]!.slice(0, 1)] }];
  expect(withoutStill(icy, "still-b", anew)).toMatchObject({ stills: ["still-a"], heaps: anew });
  expect(withoutStill(icy, "still-b", [{ id: "heap-a", splits: [] }])).toBeUndefined();
});

test("what is to come of a day: the next first, its own run telling of what is lit", () => {
  const before = comingOfDay(day, [], beginning);
  expect(before[0]).toMatchObject({ act: "load", atMin: 0, plantId: "lavender", lit: false });
  expect(before.some(({ act }) => act === "done")).toBe(false);
  const run = runOfFirst({ lit: 15, firstDrop: 45 });
  const later = comingOfDay(day, [run], beginning + 50 * 60_000);
  expect(later[0]).toMatchObject({ act: "off", atMin: 105, lit: true });
  expect(later.find(({ act }) => act === "load")).toMatchObject({ atMin: 125, lit: false });
});

test("what is cut loses oil until it is lit, what is not cut yet and what keeps does not", () => {
  const rose = catalogueBook.byId("rose")!;
  const cut = { harvestId: "h-1", state: "fresh" } as const;
  expect(lostUntilLit(cut, rose, 240)!.high).toBeGreaterThan(0.1);
  expect(lostUntilLit({ state: "fresh" }, rose, 240)).toBeUndefined();
  expect(lostUntilLit(cut, catalogueBook.byId("caraway"), 240)).toBeUndefined();
  expect(lostPerHourOf(cut, rose, 10)).toBeCloseTo(0.175, 3);
});

test("of a day each charge that waits is named with what it loses, until it is lit", () => {
  const roses = sampleDay({
    heaps: [{ id: "heap-a", harvestId: "h-1", plantId: "rose", state: "fresh", massG: 1200 }],
  });
  const waits = waitingOf(roses, dayNow(roses, [], beginning), catalogueBook);
  expect(waits.get("heap-a-2")!.high).toBeGreaterThan(waits.get("heap-a-1")!.high);
  const rose = (n: number, high: number) => ({ name: `Rose ${n}`, lost: { low: high / 6, high } });
  expect(waitingWords([rose(2, 0.12)])).toBe("Rose 2 loses 2–12 % of its oil while it waits.");
  expect(waitingWords([rose(1, 0.06), rose(2, 0.12)])).toBe(
    "2 charges lose oil while they wait. The most: Rose 2, 2–12 %.",
  );
  expect(waitingWords([{ name: "Rose 1", lost: { low: 0.001, high: 0.008 } }])).toBeUndefined();
  const lit = dayNow(roses, [runOfFirst({ lit: 15 })], beginning + 20 * 60_000);
  expect(waitingOf(roses, lit, catalogueBook).has("heap-a-1")).toBe(false);
});

test("a person's turns are counted on one still, of one day, in the order of the runs", () => {
  const run = (n: number, lit: number, off: number | undefined, stillId = "still-a"): Run => ({
    ...sampleRun([
      { ...entryAt(0, { type: "lit" }), id: `${n}-1`, at: at(lit) },
      ...(off === undefined
        ? []
        : [{ ...entryAt(0, { type: "heatOff" }), id: `${n}-2`, at: at(off) }]),
    ]),
    id: `run-${n}`,
    stillId,
  });
  const ready = sampleRun([], "run-ready");
  /* Off at 60, 200, 400; lit again 20, 70 and 100 minutes later: the middle one is 70, three sevenths to load. */
  const runs = [run(4, 500, undefined), run(2, 80, 200), run(3, 270, 400), run(1, 0, 60), ready];
  const known = { load: 30, close: 40, turns: 3 };
  expect(handMinutes("still-a", runs)).toEqual(known);
  /* Neither another still's turns, nor a night, nor one that overlaps. */
  const more = [run(5, 610, 611, "still-b"), run(6, 640, 650, "still-b"), run(7, 3000, 3060)];
  expect(handMinutes("still-a", [...runs.slice(1), run(4, 500, 510), ...more])).toEqual(known);
  expect(handMinutes("still-b", more).turns).toBe(1);
  const overlapping = [run(1, 0, 60), run(2, 30, 90), run(3, 90, 120), run(4, 140, 150)];
  expect(handMinutes("still-a", overlapping).turns).toBe(1);
  /* Three hours between is a turn yet, a minute more a rest. */
  expect(handMinutes("still-a", [run(1, 0, 60), run(2, 240, 300), run(3, 481, 500)]).turns).toBe(1);
});

test("hands are as quick as this person was between two runs of one day", () => {
  expect(handMinutes("still-a", [])).toMatchObject({ ...usualHandMinutes, turns: 0 });
  const run = (id: string, lit: number, off: number): Run => ({
    ...sampleRun([
      { ...entryAt(0, { type: "lit" }), id: `${id}-1`, at: at(lit) },
      { ...entryAt(0, { type: "heatOff" }), id: `${id}-2`, at: at(off) },
    ]),
    id,
  });
  const known = handMinutes(sampleStill().id, [
    run("a", 0, 60),
    run("b", 130, 200),
    run("c", 270, 300),
  ]);
  expect(known).toMatchObject({ load: 30, close: 40, turns: 2 });
});

test("what a day came to: planned against as it went, measured oil of what is off the heat", () => {
  const run = runOfFirst({ lit: 45, firstDrop: 80, heatOff: 150 });
  const measured: Run = {
    ...run,
    entries: [
      ...run.entries,
      { id: "s", at: at(170), type: "separated", oilMl: 4.5, hydrosolMl: 600 },
    ],
  };
  const now = dayNow(day, [measured], beginning + 200 * 60_000);
  const still = { ...sampleStill(), heat: { kind: "plate" as const, powerW: 2000 } };
  expect(dayTotals(day, now, { "still-a": still })).toEqual({
    off: 1,
    heatMin: { planned: 90, went: 105 },
    mainsKWh: { planned: 3, went: 3.5 },
    gasKg: { planned: 0, went: 0 },
    iceKg: { planned: 0, went: 0 },
    oilMl: 4.5,
    measured: 1,
    oilMlPerHour: 4.5 / 1.75,
  });
  const gas = { ...still, heat: { ...still.heat, kind: "gas" as const } };
  const onGas = dayTotals(day, now, { "still-a": gas });
  expect(onGas.mainsKWh).toEqual({ planned: 0, went: 0 });
  expect(onGas.gasKg.went).toBeCloseTo(3.5 / 12.8, 6);
  expect(now.endMin).toBe(250);
  expect(now.begun).toBe(true);
});

test("late is what is not empty by then; a run on another still lies there", () => {
  const due = sampleDay({
    charges: day.charges.map((charge) => ({
      ...charge,
      dueMin: 200,
      on: { ...charge.on, "still-b": charge.on["still-a"]! },
    })),
  });
  expect(dayNow(due, [], beginning).lateMin).toBe(50);
  const elsewhere = { ...runOfFirst({ lit: 10 }), stillId: "still-b" };
  expect(dayNow(due, [elsewhere], beginning + 20 * 60_000).charges[0]!.went.still).toBe("still-b");
});

test("from when a day can still be loaded, and a clock's time on one that goes past midnight", () => {
  expect(fromNow(day, beginning - 60_000)).toBe(0);
  expect(fromNow(day, beginning + 61 * 60_000)).toBe(65);
  expect(fromNow(day, beginning + 15 * 3_600_000)).toBe(0);
  const night = { from: "20:00", until: "03:00" };
  expect(minutesInto(night, "01:30")).toBe(330);
  expect(minutesInto(day, "06:00")).toBe(-60);
});

test("a clock's time before a day begins is of the next where the day goes past midnight", () => {
  expect(minutesInto({ from: "20:00", until: "20:00" }, "19:00")).toBe(23 * 60);
  expect(minutesInto({ from: "20:00", until: "03:00" }, "20:00")).toBe(0);
  expect(minutesInto({ from: "20:00", until: "03:00" }, "21:15")).toBe(75);
  expect(lengthOf({ from: "20:00", until: "20:00" })).toBe(24 * 60);
  expect(fromNow(day, beginning + 14 * 3_600_000)).toBe(0);
  expect(fromNow(day, beginning + 14 * 3_600_000 - 60_000)).toBe(14 * 60);
});

test("a day asks for what it has: mains, ice and the freezer's, each charge with its end and its loss", () => {
  const bare = dayQuestion(day, { tries: 10 });
  expect(bare).not.toHaveProperty("mainsW");
  expect(bare.fixed).toEqual([]);
  expect(bare.heaps[0]!.splits[0]![0]).toEqual({
    id: "heap-a-1",
    readyMin: 0,
    on: day.charges[0]!.on,
  });
  const [first, second] = day.charges;
  const rich = sampleDay({
    mainsW: 3500,
    iceKg: 6,
    freezerKgPerHour: 0.5,
    charges: [
      { ...first!, dueMin: 300, lostPerHour: 0.2 },
      { ...second!, readyMin: 120 },
    ],
  });
  const fixed = [day.placed[0]!];
  const asked = dayQuestion(rich, { fixed, fromMin: 60, tries: 10 });
  expect(asked).toMatchObject({ mainsW: 3500, ice: { kg: 6, kgPerHour: 0.5 }, fixed });
  const [kept, later] = asked.heaps[0]!.splits[0]!;
  /* What lies already keeps its hour, the rest begins no earlier than now. */
  expect(kept).toMatchObject({ readyMin: 0, dueMin: 300, lostPerHour: 0.2 });
  expect(later!.readyMin).toBe(120);
  expect(dayQuestion(rich, { fromMin: 150, tries: 10 }).heaps[0]!.splits[0]![1]!.readyMin).toBe(
    150,
  );
  const earlier = otherwise(asked, "anHourEarlier")!.heaps[0]!.splits[0]!;
  expect(earlier.map(({ id, dueMin }) => [id, dueMin])).toEqual([
    ["heap-a-1", 360],
    ["heap-a-2", undefined],
  ]);
  const two = { ...bare, stills: ["still-a", "still-b"] };
  const some = [...bare.heaps, { id: "heap-b", splits: [] }];
  expect(withoutStill(two, "still-b", some)).toBeUndefined();
});

test("a charge of a harvest is no more than what is left of it, and is planned as it lies", () => {
  const harvest = sampleHarvest({ plantId: "lavender", massG: 1000 });
  const of = sampleDay({
    heaps: [
      { id: "heap-x", plantId: "rose", state: "fresh", massG: 100 },
      { id: "heap-a", harvestId: harvest.id, plantId: "lavender", state: "fresh", massG: 1200 },
    ],
  });
  const known = { harvests: [{ ...harvest, id: "other" }, harvest], book: catalogueBook };
  const draftOf = (runs: Run[]) => chargeDraft(of, "heap-a-2", "still-a", { ...known, runs });
  expect(draftOf([])).toMatchObject({
    harvestId: harvest.id,
    plantId: "lavender",
    massText: "600",
    massBy: "scale",
    massUnit: "g",
    stillId: "still-a",
    chargesText: "1",
  });
  const run = sampleRun([{ ...entryAt(0, { type: "lit" }), at: at(0) }]);
  const used = { ...run, harvestId: harvest.id, plan: { ...run.plan, chargeG: 700 } };
  expect(draftOf([used]).massText).toBe("300");
  /* Of one that is used up it asks for what was laid out: the plan then says that it is more than there is. */
  expect(draftOf([{ ...used, plan: { ...run.plan, chargeG: 1000 } }]).massText).toBe("600");
  const none = chargeDraft(of, "heap-a-2", "still-a", { ...known, harvests: [], runs: [] });
  expect(none).toMatchObject({
    plantId: "lavender",
    massBy: "scale",
    massUnit: "g",
    chargesText: "1",
  });
});

test("a charge is planned with its still, its weight and its place in the day; of a harvest no more than is left", () => {
  const none = { harvests: [], runs: [], book: catalogueBook };
  expect(chargeDraft(day, "heap-a-2", "still-a", none)).toMatchObject({
    plantId: "lavender",
    massText: "600",
    stillId: "still-a",
    dayId: "day-a",
    dayCharge: "heap-a-2",
  });
  expect(chargeDraft(day, "nothing", "still-a", none)).toEqual({});
});
