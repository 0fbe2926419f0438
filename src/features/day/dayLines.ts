import { momentsOf, type DayAct } from "@/core/day/acts";
import { showTime } from "@/core/units/dates";
import { counted, fixed, showIce, showMass, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
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
      const name = charges.find(({ id }) => id === charge.id)?.name ?? "Plant";
      const of = day.charges.find(({ id }) => id === charge.id);
      const iceKg = of?.on[charge.still]?.iceKg ?? 0;
      const mass = act === "load" && of ? `, ${words(showMass(of.massG, units))}` : "";
      const ice = act === "lit" && iceKg > 0 ? `, ${words(showIce(iceKg, units))} of ice` : "";
      const at = beginning + atMin * 60_000;
      return {
        key: `${charge.id}-${act}`,
        atMin,
        at,
        clock: showTime(at),
        act,
        text: `${dayActWords[act]}: ${name}${mass}${ice}`,
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
    `${showTime(beginning)} to ${until}, ${counted(day.hands, "pair")} of hands, ${day.stillIds.map(stillName).join(", ")}.`,
    [
      day.iceKg === undefined ? "" : `${words(showIce(day.iceKg, units))} of ice in the morning.`,
      day.mainsW === undefined ? "" : `At most ${fixed(day.mainsW, 0)} W on at once.`,
    ]
      .filter(Boolean)
      .join(" "),
  ].filter(Boolean);
}
