import type { Day, DayPlan } from "@/core/day/day";

/** What is wrong with a laid-out day, by its own rules and no code of the search's: one line a fault. */
export function faultsOfDay(day: Day, { charges, endMin, lateMin }: DayPlan): string[] {
  const faults: string[] = [];
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-6;
  const say = (holds: boolean, fault: string) => void (holds || faults.push(fault));
  say(charges.length === day.charges.length, "not every charge has its place");
  let end = 0;
  let late = 0;
  const moments: number[] = [];
  for (const wanted of day.charges) {
    const placed = charges.find(({ id }) => id === wanted.id);
    const takes = placed && wanted.on[placed.still];
    if (!placed || !takes) {
      faults.push(`${wanted.id}: no still that may take it`);
      continue;
    }
    const { loadMin, litMin, firstDropMin, offMin, closeMin, doneMin } = placed;
    say(loadMin >= wanted.readyMin - 1e-6, `${wanted.id}: loaded before it is ready`);
    say(litMin >= loadMin + takes.loadMin - 1e-6, `${wanted.id}: lit before it is loaded`);
    say(near(firstDropMin, litMin + takes.heatMin), `${wanted.id}: heats wrongly`);
    say(near(offMin, firstDropMin + takes.runMin), `${wanted.id}: runs wrongly`);
    say(closeMin >= offMin - 1e-6, `${wanted.id}: closed on the heat`);
    say(near(doneMin, closeMin + takes.closeMin), `${wanted.id}: closes wrongly`);
    end = Math.max(end, doneMin);
    late += Math.max(0, doneMin - wanted.dueMin);
    moments.push(loadMin, litMin, closeMin);
  }
  const of = (id: string) => {
    const placed = charges.find((each) => each.id === id)!;
    return { placed, takes: day.charges.find((each) => each.id === id)!.on[placed.still]! };
  };
  for (const moment of moments) {
    let hands = 0;
    let watts = 0;
    let iceKg = 0;
    const busy = new Map<string, number>();
    for (const { id } of charges) {
      const { placed, takes } = of(id);
      const during = (from: number, until: number) =>
        from <= moment + 1e-6 && until > moment + 1e-6;
      if (during(placed.loadMin, placed.loadMin + takes.loadMin)) hands += 1;
      if (during(placed.closeMin, placed.doneMin)) hands += 1;
      if (during(placed.litMin, placed.offMin)) watts += takes.watts;
      if (placed.litMin <= moment + 1e-6) iceKg += takes.iceKg;
      if (during(placed.loadMin, placed.doneMin))
        busy.set(placed.still, (busy.get(placed.still) ?? 0) + 1);
    }
    say(hands <= day.hands, `at ${moment}: ${hands} pairs of hands`);
    say(watts <= day.mainsW + 1e-6, `at ${moment}: ${watts} W`);
    const there = day.ice.kg + (day.ice.kgPerHour * moment) / 60;
    say(iceKg <= there + 1e-3, `at ${moment}: ${iceKg} kg of ice of ${there}`);
    for (const [still, count] of busy) say(count === 1, `at ${moment}: ${still} holds ${count}`);
  }
  say(near(end, endMin), "the end is another");
  say(near(late, lateMin), "the lateness is another");
  return faults;
}
