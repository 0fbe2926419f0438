import { fuelFor } from "@/core/plan/fuel";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { runState, type RunState } from "../run/runState";

const hourMs = 3600000;

/** What something cost, part by part, in the person's own money; parts that have no price are left out. */
export type CostPart = "plant" | "energy" | "water" | "ice" | "work" | "bottles" | "bought";
export type Costs = Partial<Record<CostPart, number>>;

type Money = Pick<Setting, "prices" | "costs">;

/** The sum of all parts. */
export function costSum(costs: Costs): number {
  return Object.values(costs).reduce((sum, part) => sum + part, 0);
}

/** What a run cost, by its log: the heat as it was turned, water, ice, the hours beside it. */
export function costOfRun(run: Run, still: Still | undefined, { prices, costs }: Money): Costs {
  const state = runState(run.entries);
  const hours = hoursOf(state);
  const kWh = energyOf(run, state);
  const energy =
    still && kWh !== undefined ? fuelFor(kWh, still.heat.kind, prices).cost : undefined;
  const iceKg = state.iceAdded.reduce((sum, { massG }) => sum + massG / 1000, 0);
  return told({
    plant: priced(run.plan.chargeG / 1000, costs?.plantPerKg),
    energy,
    water: priced((run.plan.waterMl + state.waterAddedMl) / 1000, costs?.waterPerL),
    ice: priced(iceKg, costs?.icePerKg),
    work: hours === undefined ? undefined : priced(hours, costs?.hourOfWork),
  });
}

/**
 * What a lot cost: its part of its runs, and its bottles. Oil and hydrosol of a run share what it cost by
 * what they are worth to the person; where that is not told the oil carries it all.
 */
export function costOfLot(
  lot: Lot,
  all: {
    lots: readonly Lot[];
    runs: readonly Run[];
    bottles: readonly Bottle[];
    stillOf: (id: string) => Still | undefined;
  },
  money: Money,
): { costs: Costs; share: number } {
  const bottled = all.bottles.filter(({ lotId }) => lotId === lot.id).length;
  const bottles = priced(bottled, money.costs?.bottleEach);
  const together = all.lots.filter(
    ({ runIds }) => runIds.length > 0 && runIds.some((id) => lot.runIds.includes(id)),
  );
  const share = shareOf(lot, together, money);
  const sums: Costs = {};
  for (const run of all.runs.filter(({ id }) => lot.runIds.includes(id)))
    for (const [part, cost] of Object.entries(costOfRun(run, all.stillOf(run.stillId), money)))
      sums[part as CostPart] = (sums[part as CostPart] ?? 0) + cost * share;
  return { costs: told({ ...sums, bottles, bought: lot.paid }), share };
}

/** Worth of so much of a product, where the person has told what it sells for. */
export function worthOf(product: Lot["product"], ml: number, { prices, costs }: Money) {
  if (product === "oil") return priced(ml, prices?.oilPerMl);
  return product === "hydrosol" ? priced(ml / 1000, costs?.hydrosolPerL) : undefined;
}

function shareOf(lot: Lot, together: readonly Lot[], money: Money): number {
  const worth = (each: Lot) => worthOf(each.product, each.volumeMl, money) ?? 0;
  const whole = together.reduce((sum, each) => sum + worth(each), 0);
  if (whole > 0) return worth(lot) / whole;
  const carriers = together.filter(({ product }) => product === "oil");
  const those = carriers.length > 0 ? carriers : together;
  const volume = those.reduce((sum, { volumeMl }) => sum + volumeMl, 0);
  return those.some(({ id }) => id === lot.id) && volume > 0 ? lot.volumeMl / volume : 0;
}

/** Hours beside the still, heat on to heat off. */
function hoursOf({ litAt, heatOffAt }: RunState): number | undefined {
  return litAt === undefined || heatOffAt === undefined ? undefined : (heatOffAt - litAt) / hourMs;
}

/** Heat drawn from heat on to heat off, each stretch as the log has it, kWh. */
function energyOf({ plan }: Run, { litAt, heatOffAt, firstDropAt, heat }: RunState) {
  if (litAt === undefined || heatOffAt === undefined) return undefined;
  const turned = heat.map(({ at, powerW }) => ({ at, powerW }));
  /* Where nobody noted that it was turned down it was as planned. */
  const changes =
    turned.length === 0 && plan.runPowerW !== undefined && firstDropAt !== undefined
      ? [{ at: firstDropAt, powerW: plan.runPowerW }]
      : turned;
  let [at, powerW, wattHours] = [litAt, plan.powerW, 0];
  for (const change of [...changes, { at: heatOffAt, powerW: 0 }]) {
    const until = Math.min(Math.max(change.at, at), heatOffAt);
    wattHours += (powerW * (until - at)) / hourMs;
    [at, powerW] = [until, change.powerW];
  }
  return wattHours / 1000;
}

function priced(amount: number, price: number | undefined): number | undefined {
  return price === undefined ? undefined : amount * price;
}

function told(parts: { [P in CostPart]?: number | undefined }): Costs {
  return Object.fromEntries(
    Object.entries(parts).filter(([, cost]) => cost !== undefined && cost > 0),
  ) as Costs;
}
