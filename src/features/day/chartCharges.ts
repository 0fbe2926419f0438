import { showTime } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { DayNow } from "@/logbook/day/dayNow";
import { beginningOf } from "@/logbook/day/dayTimes";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { DayRecord } from "@/records/day";
import type { ChartCharge } from "./DayChart";

/** A day's charges as the chart draws them, each by its plant and, where there are several of a heap, its number. */
export function chartCharges(
  day: DayRecord,
  now: DayNow,
  {
    book,
    units,
    stillName,
  }: { book: PlantBook; units: UnitSystem; stillName: (id: string) => string },
): ChartCharge[] {
  const beginning = beginningOf(day);
  const clock = (minutes: number) => showTime(beginning + minutes * 60_000);
  return now.charges.map(({ went, state }) => {
    const charge = day.charges.find((each) => each.id === went.id);
    const heap = day.heaps.find((each) => each.id === charge?.heapId);
    const of = day.charges.filter((each) => each.heapId === charge?.heapId);
    const plant = book.byId(heap?.plantId ?? "")?.name ?? t`Plant`;
    const number = of.length > 1 ? ` ${of.findIndex((each) => each.id === went.id) + 1}` : "";
    const held = day.placed.find((each) => each.id === went.id)?.held === true;
    const name = `${plant}${number}`;
    const mass = words(showMass(charge?.massG ?? 0, units));
    return {
      ...went,
      name,
      held,
      fixed: state?.litAt !== undefined,
      loads: charge?.on[went.still]?.loadMin ?? 0,
      spoken: held
        ? t`${name}, ${mass} on ${stillName(went.still)}: load ${clock(went.loadMin)}, heat on ${clock(went.litMin)}, first drop ${clock(went.firstDropMin)}, heat off ${clock(went.offMin)}, empty ${clock(went.doneMin)}, keeps its time`
        : t`${name}, ${mass} on ${stillName(went.still)}: load ${clock(went.loadMin)}, heat on ${clock(went.litMin)}, first drop ${clock(went.firstDropMin)}, heat off ${clock(went.offMin)}, empty ${clock(went.doneMin)}`,
    };
  });
}
