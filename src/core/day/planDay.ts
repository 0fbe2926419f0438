import { randomLcg } from "d3-random";
import type { Day, DayPlan } from "./day";
import { lastsOf, layOut, type Decided } from "./layOut";

/* What counts more: being late, then the end, then hot plant that waits, then what waiting plant loses. A minute of the first outweighs an hour
   of the next in choosing what to try; what is kept is compared one after the other. */
const weights = { late: 60, wait: 0.01, lost: 0.5 };
const cooling = { first: 40, last: 0.05 };

/** Whether one plan is better than another: less late, then sooner done, then less hot plant that waits, then less lost. */
export function isBetter(a: DayPlan, b: DayPlan): boolean {
  for (const aim of ["lateMin", "endMin", "waitMin", "lost"] as const)
    if (Math.abs(a[aim] - b[aim]) > 1e-6) return a[aim] < b[aim];
  return false;
}

/**
 * Lays out a day: simple rules first, then a search that changes orders and stills and cools down. Never worse than
 * the first. Same day, tries and seed, same plan.
 * @param tries how many layouts to try; some 100,000 of a small day take a second
 * @returns undefined where no order finds a moment for each step
 */
export function planDay(
  day: Day,
  { tries = 12_000, seed = 1 }: { tries?: number; seed?: number } = {},
): DayPlan | undefined {
  const search = daySearch(day, { tries, seed });
  let best: DayPlan | undefined;
  for (;;) {
    const next = search.next();
    if (next.done) return best;
    best = next.value;
  }
}

/** The same in steps: yields the best so far each time it is looked at, for a worker that shows it. */
export function* daySearch(
  day: Day,
  { tries, seed }: { tries: number; seed: number },
): Generator<DayPlan | undefined, void> {
  const random = randomLcg(seed);
  const pick = (below: number) => Math.floor(random() * below);
  let best: DayPlan | undefined;
  const starts = firstOnes(day).flatMap((decided) => {
    const plan = layOut(day, decided);
    if (plan && (!best || isBetter(plan, best))) best = plan;
    return plan ? [{ decided, plan }] : [];
  });
  starts.sort((a, b) => (isBetter(a.plan, b.plan) ? -1 : 1));
  yield best;
  const rounds = Math.min(4, Math.max(1, starts.length));
  for (let round = 0; round < rounds && starts.length > 0; round += 1) {
    let now = starts[round]!;
    const own = Math.floor(tries / rounds);
    for (let i = 0; i < own; i += 1) {
      const decided = changed(day, now.decided, pick);
      const plan = layOut(day, decided);
      if (!plan) continue;
      const warmth = cooling.first * (cooling.last / cooling.first) ** (i / own);
      const worse = costOf(plan) - costOf(now.plan);
      if (worse <= 0 || random() < Math.exp(-worse / warmth)) now = { decided, plan };
      if (!best || isBetter(plan, best)) best = plan;
      if (i % 500 === 0) yield best;
    }
  }
  yield best;
}

function costOf({ lateMin, endMin, waitMin, lost }: DayPlan): number {
  return weights.late * lateMin + endMin + weights.wait * waitMin + weights.lost * lost;
}

/* By when they are due, ready, or how long they take; each on the still where it would be done soonest so far, and
   step by step or charge by charge. */
function firstOnes(day: Day): Decided[] {
  const places = day.charges.map((_, i) => i);
  const shortest = (i: number) => Math.min(...Object.values(day.charges[i]!.on).map(lastsOf));
  const rules: ((i: number) => number)[] = [
    (i) => day.charges[i]!.dueMin,
    (i) => day.charges[i]!.readyMin,
    shortest,
    (i) => -shortest(i),
  ];
  /* What loses by waiting first, where anything does. */
  if (day.charges.some(({ lostPerHour = 0 }) => lostPerHour > 0))
    rules.push((i) => -(day.charges[i]!.lostPerHour ?? 0));
  return rules.flatMap((rule) => {
    const sorted = [...places].sort((a, b) => compare(rule(a), rule(b)));
    return [sharedOut(day, sorted), day.charges.map(({ on }) => sparingStill(day, on))].flatMap(
      (stills) => [
        { stills, order: sorted.flatMap((i) => [i, i, i]) },
        { stills, order: [...sorted.flatMap((i) => [i, i]), ...sorted] },
      ],
    );
  });
}

function compare(a: number, b: number): number {
  return a === b ? 0 : a < b ? -1 : 1;
}

function sharedOut(day: Day, sorted: readonly number[]): number[] {
  const busy = day.stills.map(() => 0);
  const stills = day.charges.map(() => 0);
  for (const i of sorted) {
    const { on, readyMin } = day.charges[i]!;
    let chosen = sparingStill(day, on);
    let soonest = Infinity;
    day.stills.forEach((still, at) => {
      const takes = on[still];
      if (!takes || takes.watts > day.mainsW) return;
      const done = Math.max(busy[at]!, readyMin) + lastsOf(takes);
      if (done < soonest) [chosen, soonest] = [at, done];
    });
    stills[i] = chosen;
    if (Number.isFinite(soonest)) busy[chosen] = soonest;
  }
  return stills;
}

/* The still that takes the least ice, and of these the fewest watts: where both are scarce no other order may do. */
function sparingStill({ stills }: Day, on: Day["charges"][number]["on"]): number {
  const able = stills.flatMap((still, at) => (on[still] ? [{ at, ...on[still] }] : []));
  return able.reduce((least, each) =>
    each.iceKg < least.iceKg || (each.iceKg === least.iceKg && each.watts < least.watts)
      ? each
      : least,
  ).at;
}

/* One small change: a step earlier or later, two steps swapped, another still. */
function changed(day: Day, { stills, order }: Decided, pick: (below: number) => number): Decided {
  const kind = pick(4);
  if (kind === 0 && day.stills.length > 1) {
    const i = pick(day.charges.length);
    const able = day.stills.flatMap((still, at) => (day.charges[i]!.on[still] ? [at] : []));
    const moved = [...stills];
    moved[i] = able[pick(able.length)]!;
    return { stills: moved, order };
  }
  const next = [...order];
  const [a, b] = [pick(next.length), pick(next.length)];
  if (kind === 1) [next[a], next[b]] = [next[b]!, next[a]!];
  else if (kind === 2) next.splice(b, 0, ...next.splice(a, 1));
  else {
    /* All three steps of a charge together, to before those of another. */
    const charge = next[a]!;
    const rest = next.filter((each) => each !== charge);
    rest.splice(pick(rest.length + 1), 0, charge, charge, charge);
    return { stills, order: rest };
  }
  return { stills, order: next };
}
