import { mostDayCharges, type Day, type DayCharge, type DayPlan } from "./day";
import { isBetter, planDay } from "./planDay";

/** What one heap of plant could be shared out as: in each way the same plant, in charges of another size. */
export interface Heap {
  id: string;
  splits: readonly (readonly DayCharge[])[];
}

/* Enough to tell a good sharing from a bad one, not to polish it. */
const quickTries = 600;
const mostTried = 64;

/**
 * Chooses for each heap the sharing out that makes the best day: large stills alone in fewer charges, or more that any still may
 * take. All together where they are few, else heap by heap.
 * @returns the day with the chosen charges, and a first layout of it; undefined where no sharing fits or all are too many charges
 */
export function chooseSplits(
  day: Omit<Day, "charges">,
  heaps: readonly Heap[],
): { day: Day; plan: DayPlan } | undefined {
  const count = heaps.reduce((product, { splits }) => product * splits.length, 1);
  if (count > mostTried) return heapByHeap(day, heaps);
  let best: { day: Day; plan: DayPlan } | undefined;
  for (let n = 0; n < count; n += 1) {
    let rest = n;
    const chosen = heaps.map(({ splits }) => {
      const at = rest % splits.length;
      rest = Math.floor(rest / splits.length);
      return at;
    });
    best = better(best, tried(day, heaps, chosen));
  }
  return best;
}

function heapByHeap(day: Omit<Day, "charges">, heaps: readonly Heap[]) {
  /* Few large charges first: with many small ones of each heap the day would be too full to begin with. */
  const chosen = heaps.map(({ splits }) => shortest(splits));
  let best = tried(day, heaps, chosen);
  heaps.forEach(({ splits }, heap) => {
    splits.forEach((_, at) => {
      const other = chosen.map((each, i) => (i === heap ? at : each));
      const next = better(best, tried(day, heaps, other));
      if (next !== best) {
        best = next;
        chosen[heap] = at;
      }
    });
  });
  return best;
}

function shortest(splits: Heap["splits"]): number {
  return splits.reduce((best, split, at) => (split.length < splits[best]!.length ? at : best), 0);
}

type Tried = { day: Day; plan: DayPlan } | undefined;

function tried(
  day: Omit<Day, "charges">,
  heaps: readonly Heap[],
  chosen: readonly number[],
): Tried {
  const charges = heaps.flatMap(({ splits }, i) => splits[chosen[i]!] ?? []);
  if (charges.length > mostDayCharges) return undefined;
  const whole = { ...day, charges };
  const plan = planDay(whole, { tries: quickTries });
  return plan && { day: whole, plan };
}

function better(a: Tried, b: Tried): Tried {
  if (!a || !b) return a ?? b;
  return isBetter(b.plan, a.plan) ? b : a;
}
