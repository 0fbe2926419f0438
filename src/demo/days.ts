import { planDay } from "@/core/day/planDay";
import { isoDay } from "@/core/units/dates";
import { heapSplits } from "@/logbook/day/heapSplits";
import { askedCharge, limitsOf } from "@/logbook/day/dayQuestion";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { asCharge, asLimits } from "@/messages/dayMessages";
import type { DayHeap, DayRecord } from "@/records/day";
import { emptyDraft } from "@/records/planDraft";
import type { AnyRecord } from "@/records/record";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { stamp, startOf } from "./stamp";

const tries = 400;

/** Tomorrow at both stills: mint for three charges and lavender for one, laid out by the core. */
export function days(now: Date, stills: readonly Still[], site: Setting["site"]): AnyRecord[] {
  const on = isoDay(startOf(now, -1));
  const told = {
    on,
    from: "07:00",
    until: "21:00",
    hands: 1,
    mainsW: 3500,
    stillIds: stills.map(({ id }) => id),
  };
  const heaps: DayHeap[] = [
    { id: "heap-mint", plantId: "peppermint", state: "fresh", massG: 2400 },
    { id: "heap-lavender", plantId: "lavender", state: "fresh", massG: 1500 },
  ];
  const charges = heaps.flatMap((heap) => {
    const steps = heapSplits({
      day: told,
      fromMin: 0,
      heap,
      stills,
      runs: [],
      context: { stills, measures: [], book: catalogueBook, summaries: [], site },
      draft: { ...emptyDraft("metric"), plantId: heap.plantId, state: heap.state },
    });
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value.splits.at(0) ?? [];
  });
  const plan = planDay(
    {
      ...asLimits({ ...limitsOf(told), fixed: [] }),
      charges: charges.map(askedCharge).map(asCharge),
    },
    { tries },
  );
  if (!plan) return [];
  const day: DayRecord = {
    ...stamp("day", "day-1", startOf(now, 1)),
    ...told,
    heaps,
    charges,
    placed: plan.charges,
  };
  return [day];
}
