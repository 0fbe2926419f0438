import type { PlacedCharge } from "@/core/day/day";
import { fuelFor } from "@/core/plan/fuel";
import { heatSources } from "@/core/still/heatSources";
import type { DayRecord } from "@/records/day";
import type { Still } from "@/records/still";
import type { DayNow } from "./dayNow";

/** Of the charges of a day that are off the heat: as planned, and as it went. */
export interface DayTotals {
  off: number;
  /** On the heat, min. */
  heatMin: { planned: number; went: number };
  /** At most, with the heat never turned down: from the mains, kWh, and of gas, kg; 0 where none is used. */
  mainsKWh: { planned: number; went: number };
  gasKg: { planned: number; went: number };
  /** By the plan, and as noted, kg. */
  iceKg: { planned: number; went: number };
  /** Measured so far, mL, from how many of them, and by the hour on the heat of these; null where none is measured. */
  oilMl: number;
  measured: number;
  oilMlPerHour: number | null;
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
  const bothOf = (of: (placed: PlacedCharge) => number) => ({
    planned: sum(({ planned }) => of(planned)),
    went: sum(({ went }) => of(went)),
  });
  const burnt = ({ still, litMin, offMin }: PlacedCharge) => {
    const heat = stills[still]?.heat;
    const kWh = ((heat?.powerW ?? 0) * (offMin - litMin)) / 60_000;
    return heat && { ...fuelFor(kWh, heat.kind), of: heatSources[heat.kind].fuel };
  };
  const measured = off.filter(({ state }) => state?.result?.oilMl !== undefined);
  const oilMl = measured.reduce((total, { state }) => total + (state?.result?.oilMl ?? 0), 0);
  const hours =
    measured.reduce((total, { went: { litMin, offMin } }) => total + offMin - litMin, 0) / 60;
  return {
    off: off.length,
    heatMin: bothOf(({ litMin, offMin }) => offMin - litMin),
    mainsKWh: bothOf((placed) => {
      const fuel = burnt(placed);
      return fuel?.of === "electricity" ? fuel.kWh : 0;
    }),
    gasKg: bothOf((placed) => burnt(placed)?.gasKg ?? 0),
    iceKg: {
      planned: sum(
        ({ planned: { id, still } }) =>
          day.charges.find((charge) => charge.id === id)?.on[still]?.iceKg ?? 0,
      ),
      went: sum(
        ({ state }) => (state?.iceAdded ?? []).reduce((g, { massG }) => g + massG, 0) / 1000,
      ),
    },
    oilMl,
    measured: measured.length,
    oilMlPerHour: hours > 0 ? oilMl / hours : null,
  };
}
