import type { PlacedCharge } from "@/core/day/day";
import type { DayQuestion } from "@/messages/dayMessages";
import type { DayRecord } from "@/records/day";
import { lengthOf } from "./dayTimes";

/** What somebody asks: what if it were otherwise. */
export const whatIfs = ["anotherHand", "moreIce", "anHourEarlier"] as const;
export type WhatIf = (typeof whatIfs)[number];

export const moreIceKg = 5;

interface Changed {
  /** Charges that keep their place. */
  fixed?: readonly PlacedCharge[];
  /** Nothing else begins before this, min from the day's beginning. */
  fromMin?: number;
  tries: number;
}

type Limits = Pick<
  DayRecord,
  "from" | "until" | "hands" | "mainsW" | "iceKg" | "freezerKgPerHour" | "stillIds"
>;

/** A day's limits as the search takes them. */
export function limitsOf(
  day: Limits,
): Pick<DayQuestion, "lengthMin" | "hands" | "mainsW" | "ice" | "stills"> {
  return {
    lengthMin: lengthOf(day),
    hands: day.hands,
    ...(day.mainsW === undefined ? {} : { mainsW: day.mainsW }),
    ...(day.iceKg === undefined
      ? {}
      : { ice: { kg: day.iceKg, kgPerHour: day.freezerKgPerHour ?? 0 } }),
    stills: day.stillIds,
  };
}

/** A day's charge as the search takes it. */
export function askedCharge({
  id,
  readyMin,
  dueMin,
  lostPerHour,
  on,
}: DayRecord["charges"][number]): DayQuestion["heaps"][number]["splits"][number][number] {
  return {
    id,
    readyMin,
    ...(dueMin === undefined ? {} : { dueMin }),
    ...(lostPerHour === undefined ? {} : { lostPerHour }),
    on,
  };
}

/** A laid-out day as the search takes it: its charges as they are shared out. */
export function dayQuestion(
  day: Limits & Pick<DayRecord, "charges">,
  { fixed = [], fromMin = 0, tries }: Changed,
): DayQuestion {
  const kept = new Set(fixed.map(({ id }) => id));
  return {
    ...limitsOf(day),
    heaps: [
      {
        id: "all",
        splits: [
          day.charges.map(askedCharge).map((charge) => ({
            ...charge,
            readyMin: kept.has(charge.id) ? charge.readyMin : Math.max(charge.readyMin, fromMin),
          })),
        ],
      },
    ],
    fixed: [...fixed],
    tries,
  };
}

/** The same day otherwise; undefined where that cannot be asked of it. */
export function otherwise(question: DayQuestion, what: WhatIf): DayQuestion | undefined {
  const { hands, ice, heaps } = question;
  switch (what) {
    case "anotherHand":
      return { ...question, hands: hands + 1 };
    case "moreIce":
      return ice && { ...question, ice: { ...ice, kg: ice.kg + moreIceKg } };
    case "anHourEarlier":
      return {
        ...question,
        lengthMin: question.lengthMin + 60,
        heaps: heaps.map((heap) => ({
          ...heap,
          splits: heap.splits.map((split) =>
            split.map((charge) => ({
              ...charge,
              ...(charge.dueMin === undefined ? {} : { dueMin: charge.dueMin + 60 }),
            })),
          ),
        })),
      };
  }
}

/** The same day without one of its stills, its heaps shared out over the others; undefined where they take not all. */
export function withoutStill(
  question: DayQuestion,
  stillId: string,
  heaps: DayQuestion["heaps"],
): DayQuestion | undefined {
  const stills = question.stills.filter((id) => id !== stillId);
  if (stills.length === 0 || heaps.some(({ splits }) => splits.length === 0)) return undefined;
  return { ...question, stills, heaps };
}
