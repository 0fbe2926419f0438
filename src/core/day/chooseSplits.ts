import type { Day, DayCharge, DayPlan } from "./day";
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
 * @returns the day with the chosen charges, and a first layout of it; undefined where no sharing fits
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
  const chosen = heaps.map(() => 0);
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

type Tried = { day: Day; plan: DayPlan } | undefined;

function tried(
  day: Omit<Day, "charges">,
  heaps: readonly Heap[],
  chosen: readonly number[],
): Tried {
  const whole = { ...day, charges: heaps.flatMap(({ splits }, i) => splits[chosen[i]!] ?? []) };
  const plan = planDay(whole, { tries: quickTries });
  return plan && { day: whole, plan };
}

function better(a: Tried, b: Tried): Tried {
  if (!a || !b) return a ?? b;
  return isBetter(b.plan, a.plan) ? b : a;
}
