import { momentsOf, type DayAct } from "@/core/day/acts";
import { showTime } from "@/core/units/dates";
import { fixed, showIce, showMass, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import { beginningOf, lengthOf } from "@/logbook/day/dayTimes";
import type { DayRecord } from "@/records/day";
import { dayActWords } from "@/words/dayLayoutWords";
import type { ChartCharge } from "./DayChart";

/** Something to do at a moment of a day, in words. */
export interface DayLine {
  key: string;
  atMin: number;
  /** When, ms, and as a clock shows it. */
  at: number;
  clock: string;
  act: DayAct;
  text: string;
  still: string;
}

/** What to do when, from the first load to the last rinse. */
export function dayLines(
  day: DayRecord,
  charges: readonly ChartCharge[],
  { units, stillName }: { units: UnitSystem; stillName: (id: string) => string },
): DayLine[] {
  const beginning = beginningOf(day);
  return momentsOf(charges)
    .filter(({ act }) => act !== "done")
    .map(({ atMin, act, charge }) => {
      const name = charges.find(({ id }) => id === charge.id)?.name ?? t`Plant`;
      const of = day.charges.find(({ id }) => id === charge.id);
      const iceKg = of?.on[charge.still]?.iceKg ?? 0;
      const what = [
        name,
        act === "load" && of && words(showMass(of.massG, units)),
        act === "lit" && iceKg > 0 && t`${words(showIce(iceKg, units))} of ice`,
      ].filter(Boolean);
      const at = beginning + atMin * 60_000;
      return {
        key: `${charge.id}-${act}`,
        atMin,
        at,
        clock: showTime(at),
        act,
        text: `${dayActWords[act]}: ${what.join(", ")}`,
        still: stillName(charge.still),
      };
    });
}

/** What limits a day, a line each, for the head of its sheet. */
export function dayHead(
  day: DayRecord,
  { units, stillName }: { units: UnitSystem; stillName: (id: string) => string },
): string[] {
  const beginning = beginningOf(day);
  const until = showTime(beginning + lengthOf(day) * 60_000);
  return [
    t`${showTime(beginning)} to ${until}, ${plural(day.hands, { one: "# pair", other: "# pairs" })} of hands, ${day.stillIds.map(stillName).join(", ")}.`,
    [
      day.iceKg === undefined ? "" : t`${words(showIce(day.iceKg, units))} of ice in the morning.`,
      day.mainsW === undefined ? "" : t`At most ${fixed(day.mainsW, 0)} W on at once.`,
    ]
      .filter(Boolean)
      .join(" "),
  ].filter(Boolean);
}
