import { isoDay } from "@/core/units/dates";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { limits } from "@/messages/limits";
import { day } from "@/messages/moment";
import { clock, type DayHeap, type DayRecord } from "@/records/day";
import type { Harvest } from "@/records/harvest";
import type { Still } from "@/records/still";
import { newId } from "@/records/base";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { stateToPlan } from "@/logbook/harvest/harvestDraft";
import { beginningOf, lengthOf } from "@/logbook/day/dayTimes";
import { type AmountProblems, type AmountTyped, readAmount } from "@/logbook/plant/readAmount";
import type { Run } from "@/records/run";

/** A day before it is laid out, as it is typed. */
export interface DayForm {
  on: string;
  from: string;
  until: string;
  hands: NumberInput;
  /** Empty: not counted. */
  mains: NumberInput;
  ice: NumberInput;
  freezer: NumberInput;
  stillIds: string[];
  harvestIds: string[];
  /** Plants that are not cut yet. */
  others: AmountTyped[];
}

/** A working day of one person; the stills there are. */
export function emptyDay(units: UnitSystem, stills: readonly Still[]): DayForm {
  const ice = unitsFor("iceMass", units)[0] ?? "kg";
  return {
    on: isoDay(new Date()),
    from: "07:00",
    until: "21:00",
    hands: toInput(1, "one"),
    mains: toInput(undefined, "W"),
    ice: toInput(undefined, ice),
    freezer: toInput(undefined, ice),
    stillIds: stills.map(({ id }) => id),
    harvestIds: [],
    others: [],
  };
}

/** A day that was laid out before, to be laid out again today: what was cut then is not there any more. */
export function formOf(before: DayRecord, units: UnitSystem): DayForm {
  const ice = unitsFor("iceMass", units)[0] ?? "kg";
  const mass = unitsFor("plantMass", units)[0] ?? "g";
  const inGrams = (kg: number | undefined) => (kg === undefined ? undefined : kg * 1000);
  return {
    on: isoDay(new Date()),
    from: before.from,
    until: before.until,
    hands: toInput(before.hands, "one"),
    mains: toInput(before.mainsW, "W"),
    ice: toInput(inGrams(before.iceKg), ice),
    freezer: toInput(inGrams(before.freezerKgPerHour), ice),
    stillIds: before.stillIds,
    harvestIds: [],
    others: before.heaps.map(({ plantId, state, massG }) => ({
      plantId,
      state,
      mass: toInput(massG, mass),
    })),
  };
}

export type DayProblems = Partial<
  Record<
    "on" | "from" | "until" | "hands" | "mains" | "ice" | "freezer" | "what" | "stills",
    string
  >
>;

/** A form read: the day's limits and heaps, or what is wrong with which field. */
export interface DayRead {
  limits?: Pick<
    DayRecord,
    "on" | "from" | "until" | "hands" | "mainsW" | "iceKg" | "freezerKgPerHour" | "stillIds"
  >;
  heaps: DayHeap[];
  problems: DayProblems;
  heapProblems: AmountProblems[];
}

interface Known {
  stills: readonly Still[];
  /** Now, ms: what is over cannot be planned. */
  now: number;
  harvests: readonly Harvest[];
  runs: readonly Run[];
  book: PlantBook;
}

/** Reads what is typed. Nothing throws. */
export function readDay(form: DayForm, known: Known): DayRead {
  const problems: DayProblems = {};
  const heapProblems: DayRead["heapProblems"] = [];
  const number = (
    field: "hands" | "mains" | "ice" | "freezer",
    range: Parameters<typeof readNumber>[1],
  ) => {
    if (form[field].text.trim() === "") return undefined;
    const read = readNumber(form[field], range);
    if (read.ok) return read.value;
    problems[field] = read.problem;
    return undefined;
  };
  for (const field of ["from", "until"] as const)
    if (!clock.safeParse(form[field]).success) problems[field] = t`A time like 07:30.`;
  if (!day.safeParse(form.on).success) problems.on = t`Enter the day.`;
  else if (!problems.from && !problems.until && isOver(form, known.now))
    problems.on = t`That day is over. Choose another, or a later end.`;
  const hands = number("hands", { name: t`Pairs of hands`, ...limits.hands }) ?? 1;
  if (!Number.isInteger(hands)) problems.hands = t`Hands come whole: 1, 2.`;
  const mainsW = number("mains", { name: t`The fuse`, ...limits.stillPowerW });
  const iceG = number("ice", { name: t`Ice`, ...limits.amount });
  const freezerG = number("freezer", { name: t`The freezer`, ...limits.amount });
  /* A still that was deleted since is none any more. */
  const stillIds = form.stillIds.filter((id) => known.stills.some((still) => still.id === id));
  if (stillIds.length === 0) problems.stills = t`Choose one still at least.`;
  if (stillIds.length > limits.dayStills.max)
    problems.stills = t`${limits.dayStills.max} stills at most on one day.`;
  const heaps = [...cutHeaps(form, known), ...otherHeaps(form, known.book, heapProblems)];
  if (heaps.length === 0 && form.others.length === 0)
    problems.what = t`Choose what is to be distilled.`;
  if (heaps.length > limits.dayHeaps.max)
    problems.what = t`${limits.dayHeaps.max} plants or harvests at most on one day.`;
  const wrong =
    Object.keys(problems).length > 0 || heapProblems.some((each) => each.plant ?? each.mass);
  return {
    heaps,
    problems,
    heapProblems,
    ...(wrong
      ? {}
      : {
          limits: {
            on: form.on,
            from: form.from,
            until: form.until,
            hands,
            ...(mainsW === undefined ? {} : { mainsW }),
            ...(iceG === undefined ? {} : { iceKg: iceG / 1000 }),
            ...(freezerG === undefined ? {} : { freezerKgPerHour: freezerG / 1000 }),
            stillIds,
          },
        }),
  };
}

function cutHeaps({ harvestIds }: DayForm, { harvests, runs, book }: Known): DayHeap[] {
  return harvestIds.flatMap((id) => {
    const harvest = harvests.find((each) => each.id === id);
    const massG = harvest ? harvestLeftG(harvest, runs) : 0;
    if (!harvest || massG <= 0) return [];
    const state = stateToPlan(harvest, runs, book);
    return [{ id: newId(), harvestId: id, plantId: harvest.plantId, state, massG }];
  });
}

function otherHeaps(
  { others }: DayForm,
  book: PlantBook,
  heapProblems: DayRead["heapProblems"],
): DayHeap[] {
  return others.flatMap((typed) => {
    const read = readAmount(typed, book);
    heapProblems.push(read.ok ? {} : read.problems);
    return read.ok
      ? [{ id: newId(), plantId: read.plant.id, state: read.state, massG: read.massG }]
      : [];
  });
}

function isOver(form: Pick<DayForm, "on" | "from" | "until">, now: number): boolean {
  return beginningOf(form) + lengthOf(form) * 60_000 <= now;
}
