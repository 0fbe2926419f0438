import { bestBy, keepingMonths, plantById } from "@/core";
import type { Bottle, Use } from "@/records/bottle";
import { bottleCode, lotCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { SeasonRun } from "./season";
import { dayMs, stamp, tenth } from "./stamp";

/** The lots and bottles of a measured run, and what was taken from them since. */
export function products(
  run: Run,
  told: SeasonRun,
  { oilMl, hydrosolMl, made }: { oilMl: number; hydrosolMl: number; made: Date },
  codes: string[],
): AnyRecord[] {
  const plant = plantById(run.plantId)!;
  const madeOn = made.toISOString().slice(0, 10);
  const out: AnyRecord[] = [];
  for (const product of ["oil", "hydrosol"] as const) {
    const volumeMl = product === "oil" ? oilMl : hydrosolMl;
    if (volumeMl < 0.3) continue;
    const code = lotCode(plant.code, madeOn, product === "oil" ? "O" : "H", codes);
    codes.push(code);
    const storage = product === "oil" ? "cellar" : "fridge";
    const lot: Lot = {
      ...stamp("lot", `lot-${run.number}-${product}`, made),
      code,
      product,
      plantId: plant.id,
      runIds: [run.id],
      madeOn,
      volumeMl,
      look: told.story === "cloudyOil" && product === "oil" ? "cloudy, does not clear" : undefined,
    };
    const sizes = product === "oil" ? [5, 10, 15, 30, 50, 100] : [250, 500, 1000, 2000, 3000];
    const sizeMl = sizes.find((size) => size >= volumeMl) ?? sizes.at(-1)!;
    const filledMl = Math.min(sizeMl, volumeMl);
    const bottle: Bottle = {
      ...stamp("bottle", `bottle-${run.number}-${product}`, made),
      code: bottleCode(code, []),
      lotId: lot.id,
      sizeMl,
      filledMl,
      glass: product === "oil" ? "amber" : run.number % 3 === 0 ? "blue" : "clear",
      storage,
      place: product === "oil" ? "oil box" : "fridge door",
      bestBy: bestBy(madeOn, keepingMonths(product, plant, storage)),
    };
    out.push(lot, bottle, ...usesOf(bottle, run.number, product, told, made));
  }
  return out;
}

const purposes = {
  oil: ["salve", "soap", "a gift", "beeswax polish"],
  hydrosol: ["linen spray", "cooking", "face mist", "watering seedlings"],
};

function usesOf(
  bottle: Bottle,
  number: number,
  product: "oil" | "hydrosol",
  told: SeasonRun,
  made: Date,
): Use[] {
  const taken = (index: number, daysLater: number, amountMl: number, purpose: string): Use => ({
    ...stamp(
      "use",
      `use-${number}-${product}-${index}`,
      new Date(made.getTime() + daysLater * dayMs),
    ),
    bottleId: bottle.id,
    at: new Date(made.getTime() + daysLater * dayMs).toISOString(),
    amountMl: tenth(Math.max(0.1, amountMl)),
    purpose,
  });
  if (told.story === "hydrosolTurned" && product === "hydrosol") {
    const used = tenth(bottle.filledMl * 0.3);
    return [
      taken(1, 12, used, "face mist"),
      taken(2, 74, bottle.filledMl - used, "thrown away: sour, with a veil in it"),
    ];
  }
  if (told.daysAgo < 20) return [];
  const share = [0.18, 0.42, 0.65, 0.08][number % 4]!;
  const [first, second] = [purposes[product][number % 4]!, purposes[product][(number + 1) % 4]!];
  return [
    taken(1, 8, bottle.filledMl * share * 0.6, first),
    taken(2, 15, bottle.filledMl * share * 0.4, second),
  ];
}
