import { plantById } from "@/core/plant/catalogue";
import { usualWater } from "@/core/care/usualWater";
import { guardsOf } from "@/core/shelf/waterKeeping";
import { bestBy, keepingMonths } from "@/core/shelf/bestBy";
import type { Bottle, Use, UseWay } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { SeasonRun } from "./season";
import { dayMs, stamp, tenth } from "./stamp";

interface Made {
  oilMl: number;
  hydrosolMl: number;
  ph: number;
  made: Date;
  nextCode: () => string;
}

/** The lots and bottles of a measured run, what was taken from them since, and how they were found. */
export function products(
  run: Run,
  told: SeasonRun,
  { oilMl, hydrosolMl, ph, made, nextCode }: Made,
): AnyRecord[] {
  const plant = plantById(run.plantId)!;
  const madeOn = made.toISOString().slice(0, 10);
  return (["oil", "hydrosol"] as const).flatMap((product): AnyRecord[] => {
    const volumeMl = product === "oil" ? oilMl : hydrosolMl;
    if (volumeMl < 0.3) return [];
    const storage = product === "oil" ? "cellar" : "fridge";
    const cloudy = told.story === "cloudyOil" && product === "oil";
    const lot: Lot = {
      ...stamp("lot", `lot-${run.number}-${product}`, made),
      code: nextCode(),
      product,
      plantId: plant.id,
      runIds: [run.id],
      madeOn,
      volumeMl,
      look: cloudy ? "cloudy, does not clear" : undefined,
      ...(product === "hydrosol" ? { ph } : {}),
    };
    const bottles = sizesFor(product, volumeMl).map(({ sizeMl, filledMl }, i): Bottle => ({
      ...stamp("bottle", `bottle-${run.number}-${product}${i === 0 ? "" : `-${i + 1}`}`, made),
      code: nextCode(),
      lotId: lot.id,
      sizeMl,
      filledMl,
      glass: product === "oil" ? "amber" : run.number % 3 === 0 ? "blue" : "clear",
      closure: product === "oil" ? "dropper" : i === 0 ? "cap" : "spray",
      storage,
      ...(product === "hydrosol" ? { filling: "hot" as const } : {}),
      place: product === "oil" ? "oil box" : run.number % 4 === 1 ? "north cellar" : "fridge door",
      bestBy: bestBy(
        madeOn,
        keepingMonths(product, plant, {
          place: storage,
          airShare: 1 - filledMl / sizeMl,
          ...(product === "hydrosol"
            ? { water: { ph, guards: guardsOf(usualWater(plant)), filling: "hot" as const } }
            : {}),
        }),
      ),
    }));
    return [
      lot,
      ...bottles,
      ...bottles.flatMap((bottle, i) => usesOf(bottle, run.number + i, product, told, made)),
      ...checksOf(lot, told, made),
    ];
  });
}

/* An oil goes into one small bottle; a hydrosol into a large one, and a spray of it for the house. */
function sizesFor(
  product: "oil" | "hydrosol",
  volumeMl: number,
): { sizeMl: number; filledMl: number }[] {
  if (product === "oil") {
    const sizeMl = [5, 10, 15, 30, 50, 100].find((size) => size >= volumeMl) ?? 100;
    return [{ sizeMl, filledMl: Math.min(sizeMl, volumeMl) }];
  }
  const spray = volumeMl > 450 ? 100 : 0;
  const rest = volumeMl - spray;
  const sizeMl = [250, 500, 1000, 2000, 3000].find((size) => size >= rest) ?? 3000;
  return [
    { sizeMl, filledMl: Math.min(sizeMl, rest) },
    ...(spray > 0 ? [{ sizeMl: spray, filledMl: spray }] : []),
  ];
}

const purposes: Record<"oil" | "hydrosol", [string, UseWay][]> = {
  oil: [
    ["salve", "used"],
    ["soap", "used"],
    ["a gift", "gift"],
    ["beeswax polish", "used"],
  ],
  hydrosol: [
    ["linen spray", "used"],
    ["cooking", "used"],
    ["market stall", "sold"],
    ["watering seedlings", "used"],
  ],
};

function usesOf(
  bottle: Bottle,
  number: number,
  product: "oil" | "hydrosol",
  told: SeasonRun,
  made: Date,
): Use[] {
  const taken = (
    index: number,
    daysLater: number,
    amountMl: number,
    [purpose, way]: [string, UseWay],
  ): Use => ({
    ...stamp("use", `use-${bottle.id.slice(12)}-${index}`, later(made, daysLater)),
    bottleId: bottle.id,
    at: later(made, daysLater).toISOString(),
    amountMl: tenth(Math.max(0.1, amountMl)),
    purpose,
    way,
  });
  if (told.story === "hydrosolTurned" && product === "hydrosol") {
    const used = tenth(bottle.filledMl * 0.3);
    return [
      taken(1, 12, used, ["face mist", "used"]),
      taken(2, 74, bottle.filledMl - used, ["sour, with threads in it", "thrownAway"]),
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

/** How a lot was found since: two hydrosols turned, the others keep, a few are weaker. */
function checksOf(lot: Lot, told: SeasonRun, made: Date): Check[] {
  const check = (index: number, daysLater: number, seen: Partial<Check>): Check[] =>
    told.daysAgo < daysLater
      ? []
      : [
          {
            ...stamp("check", `check-${lot.id.slice(9)}-${index}`, later(made, daysLater)),
            lotId: lot.id,
            at: later(made, daysLater).toISOString(),
            ...seen,
          },
        ];
  const fine = { smell: "asItWas", colour: "asItWas", clarity: "clear" } as const;
  if (lot.product === "oil") return check(1, 62, { smell: "asItWas", colour: "asItWas" });
  const ph = lot.ph ?? 5.2;
  if (told.story === "hydrosolTurned")
    return [
      ...check(1, 30, { ...fine, ph: tenth(ph - 0.1) }),
      ...check(2, 58, { ...fine, smell: "weaker", clarity: "hazy", ph: tenth(ph - 0.3) }),
      ...check(3, 74, {
        smell: "sour",
        colour: "darker",
        clarity: "cloudy",
        signs: ["threads"],
        ph: tenth(ph - 0.9),
      }),
    ];
  return [
    ...check(1, 33, { ...fine, ph: tenth(ph) }),
    ...check(2, 96, { ...fine, ph: tenth(ph - 0.1) }),
    ...check(3, 160, { ...fine, smell: "weaker", ph: tenth(ph - 0.2) }),
  ];
}

function later(made: Date, days: number): Date {
  return new Date(made.getTime() + days * dayMs);
}
