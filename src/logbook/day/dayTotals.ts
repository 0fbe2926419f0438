import { heatSources } from "@/core/still/heatSources";
import type { DayRecord } from "@/records/day";
import type { Still } from "@/records/still";
import type { DayNow } from "./dayNow";

/** Of the charges of a day that are off the heat: as planned, and as it went. */
export interface DayTotals {
  off: number;
  /** On the heat, min. */
  heatMin: { planned: number; went: number };
  /** At most, with the heat never turned down, kWh; 0 where nothing is drawn from the mains. */
  mainsKWh: { planned: number; went: number };
  /** By the plan, kg. */
  iceKg: number;
  /** Measured so far, mL, and from how many of them. */
  oilMl: number;
  measured: number;
}

/** What a day came to so far. */
export function dayTotals(
  day: Pick<DayRecord, "charges">,
  now: DayNow,
  stills: Readonly<Record<string, Still>>,
): DayTotals {
  const off = now.charges.filter(({ state }) => state?.heatOffAt !== undefined);
  const sum = (of: (charge: (typeof off)[number]) => number) =>
    off.reduce((total, charge) => total + of(charge), 0);
  const heatMin = (pick: "planned" | "went") =>
    sum(({ [pick]: { litMin, offMin } }) => offMin - litMin);
  const mainsKWh = (pick: "planned" | "went") =>
    sum(({ [pick]: { still, litMin, offMin } }) => {
      const heat = stills[still]?.heat;
      const drawn = heat && heatSources[heat.kind].fuel === "electricity" ? heat.powerW : 0;
      return (drawn * (offMin - litMin)) / 60_000;
    });
  const oils = off.flatMap(({ state }) => state?.result?.oilMl ?? []);
  return {
    off: off.length,
    heatMin: { planned: heatMin("planned"), went: heatMin("went") },
    mainsKWh: { planned: mainsKWh("planned"), went: mainsKWh("went") },
    iceKg: sum(
      ({ planned: { id, still } }) =>
        day.charges.find((charge) => charge.id === id)?.on[still]?.iceKg ?? 0,
    ),
    oilMl: oils.reduce((total, ml) => total + ml, 0),
    measured: oils.length,
  };
}
