import { isoDay } from "@/core/units/dates";
import { type Noticed, type Sign, type Verdict, verdictOf } from "@/core/shelf/verdict";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { isLook } from "./measuredOil";

/** One check with what it comes to. */
export interface Judged {
  check: Check;
  /** The day it was done, where the device is. */
  on: string;
  verdict: Verdict;
  signs: Sign[];
}

/* A hydrosol that was milky when it was made is not spoilt for being so. */
const cloudyWords = /milk|cloud|turbid|opal/i;

/** What a lot was like at first: as it was measured, else as its first check found it. */
export function firstReading(lot: Lot, checks: readonly Check[]): Noticed {
  const [first] = inOrder(checks.filter(isLook));
  const ph = lot.ph ?? checks.find((check) => check.ph !== undefined)?.ph;
  return {
    ...(ph === undefined ? {} : { ph }),
    clarity: lot.look && cloudyWords.test(lot.look) ? "cloudy" : (first?.clarity ?? "clear"),
  };
}

/** A lot's checks judged against its first reading, the earliest first. */
export function judgedChecks(lot: Lot, checks: readonly Check[]): Judged[] {
  const own = inOrder(checks.filter((check) => check.lotId === lot.id && isLook(check)));
  const first = firstReading(lot, own);
  /* What was clouded at its first check was so from the start, not since. */
  return own.map((check, i) => ({
    check,
    on: isoDay(new Date(check.at)),
    ...verdictOf(lot.product, check, i === 0 ? { ...first, clarity: lotClarity(lot) } : first),
  }));
}

function lotClarity(lot: Lot): Noticed["clarity"] {
  return lot.look && cloudyWords.test(lot.look) ? "cloudy" : "clear";
}

function inOrder(checks: readonly Check[]): Check[] {
  return [...checks].sort((a, b) => a.at.localeCompare(b.at));
}
