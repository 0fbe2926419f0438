import { useMemo } from "react";
import type { Parting } from "@/core/separation/parting";
import { partingOfRun, vesselsAtHand, type AtHand } from "@/logbook/run/partingOfRun";
import type { RunState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectVessels } from "@/store/selectors";

/** How a run is to part: in which vessel, how warm, with how much salt. Text, so that it outlives a reload. */
export type Settle = { vesselId: string; warmth: string; salt: string };
export const asUsual: Settle = { vesselId: "", warmth: "room", salt: "0" };

/* Warm enough to thin the water, cool enough for hands and covered glass; a fridge. */
export const warmths = { warm: 50, cold: 5 };
export const salts = ["0", "50", "100", "200"];

/** The vessels at hand with a run in each, the one that is chosen, and the one that would show most. */
export interface VesselsOfRun {
  each: readonly Choosable[];
  chosen: Choosable;
  best: Choosable;
  narrow: Choosable;
  /** How it parts in the vessel that it was set in, where it was. */
  set?: Parting;
  temperatureC: number;
  saltGPerL: number;
}

/* More stand side by side than a phone can show. */
const mostShown = 5;

export function useVesselsOfRun(
  run: Run,
  state: RunState,
  settle: Settle,
  site: Setting["site"],
): VesselsOfRun {
  const book = usePlantBook();
  const own = useAppSelector(selectVessels);
  return useMemo(() => {
    const conditions = conditionsOf(settle, site);
    const each = vesselsAtHand(own)
      .slice(0, mostShown)
      .map((vessel) => ({
        vessel,
        parting: partingOfRun(run, state, vessel, conditions, book),
      }));
    const best = bestOf(each);
    const chosen = each.find(({ vessel }) => vessel.id === settle.vesselId) ?? best;
    return {
      each,
      best,
      chosen,
      narrow: narrowestOf(each),
      ...conditions,
      ...(state.settling
        ? { set: partingOfRun(run, state, state.settling.vessel, state.settling, book) }
        : {}),
    };
  }, [run, state, settle, site, own, book]);
}

/** What a choice comes to: °C and grams of salt in a litre. */
function conditionsOf(
  { warmth, salt }: Settle,
  site: Setting["site"],
): { temperatureC: number; saltGPerL: number } {
  const temperatureC =
    warmth === "warm" || warmth === "cold" ? warmths[warmth] : Math.max(0, site.airC);
  return { temperatureC, saltGPerL: salts.includes(salt) ? Number(salt) : 0 };
}

interface Choosable {
  vessel: AtHand;
  parting: Parting;
}

/* Nobody fills a funnel more often than this. */
const mostFillings = 4;

/** The vessel that takes all of it in few fillings and shows the most of its oil. */
function bestOf(each: readonly Choosable[]): Choosable {
  const fit = ({ parting }: Choosable) =>
    parting.fillings <= mostFillings
      ? 1000 + parting.layerMm - parting.fillings / 10
      : 1000 / parting.fillings;
  return each.reduce((a, b) => (fit(b) > fit(a) ? b : a));
}

/** The vessel in which the oil alone, with a little of its water, would stand the highest. */
function narrowestOf(each: readonly Choosable[]): Choosable {
  return each.reduce((a, b) => (b.parting.layerMm > a.parting.layerMm ? b : a));
}
