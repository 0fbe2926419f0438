import { noonOf } from "@/core/units/dates";
import { addMonths } from "date-fns/addMonths";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import type { PlantBook } from "../plant/plantBook";
import { momentOfRun, summarise } from "../run/runSummary";
import { costOfRun, costSum, worthOf } from "./costs";
import { shelved, type Stock } from "./shelf";

/** One plant's year. */
export interface PlantYear {
  plantId: string;
  name: string;
  runs: number;
  chargedG: number;
  oilMl: number;
  hydrosolMl: number;
  /** Oil of all charges whose oil was measured, mL/kg; undefined where none was. */
  mlPerKg?: number;
  /** The same of the year before. */
  before?: number;
}

/** A year in the still-room. */
export interface Season {
  year: number;
  harvestedG: number;
  distilledG: number;
  runs: number;
  plants: PlantYear[];
  madeMl: { oil: number; hydrosol: number };
  /** Taken in the year, for whatever, and what of it was lost or thrown away, mL. */
  usedMl: { oil: number; hydrosol: number };
  lostMl: { oil: number; hydrosol: number };
  /** What the runs of the year cost, and what is worth of what they made; in the person's money. */
  cost: number;
  worth: number;
  /** Bottles whose best-by falls in each of the months to come, the month it is now first. */
  ahead: { month: string; bottles: number }[];
}

interface From extends Stock {
  runs: readonly Run[];
  harvests: readonly Harvest[];
  stillOf: (id: string) => Still | undefined;
  preferences: Setting;
}

const monthsAhead = 12;

/** Every year that something was harvested or distilled in, the latest first. */
export function yearsOf({ runs, harvests }: Pick<From, "runs" | "harvests">): number[] {
  const years = new Set([
    ...runs.map((run) => yearOf(momentOfRun(run))),
    ...harvests.map(({ cutOn }) => yearOf(cutOn)),
  ]);
  return [...years].sort((a, b) => b - a);
}

/** Looks at a year: what was cut, distilled, made, used and lost, plant by plant against the year before. */
export function seasonOf(year: number, from: From, now: Date, book: PlantBook): Season {
  const { runs, harvests, lots, uses, bottles, preferences } = from;
  const summaries = runs.map((run) => summarise(run, book));
  const ofYear = (at: number) => summaries.filter(({ at: moment }) => yearOf(moment) === at);
  const own = ofYear(year).filter(
    ({ state }) => state.litAt !== undefined || state.result !== undefined,
  );
  const plantIds = [...new Set(own.map(({ run }) => run.plantId))];
  const lotOf = new Map(lots.map((lot) => [lot.id, lot]));
  const bottleOf = new Map(bottles.map((bottle) => [bottle.id, bottle]));
  const madeLots = lots.filter((lot) => yearOf(lot.madeOn) === year && lot.origin === undefined);
  const taken = uses.filter((use) => yearOf(use.at) === year && use.way !== "blended");
  const productOf = ({ lotId, bottleId }: (typeof uses)[number]) =>
    lotOf.get(lotId ?? bottleOf.get(bottleId ?? "")?.lotId ?? "")?.product;
  const sum = <T>(all: readonly T[], read: (each: T) => number) =>
    all.reduce((total, each) => total + read(each), 0);
  const both = (read: (product: "oil" | "hydrosol") => number) => ({
    oil: read("oil"),
    hydrosol: read("hydrosol"),
  });
  const gone = (use: (typeof uses)[number]) => use.way === "lost" || use.way === "thrownAway";
  return {
    year,
    harvestedG: sum(
      harvests.filter(({ cutOn }) => yearOf(cutOn) === year),
      ({ massG }) => massG,
    ),
    distilledG: sum(own, ({ run }) => run.plan.chargeG),
    runs: own.length,
    plants: plantIds
      .map((plantId): PlantYear => {
        const those = own.filter(({ run }) => run.plantId === plantId);
        const mlPerKg = yieldOfAll(those);
        const before = yieldOfAll(ofYear(year - 1).filter(({ run }) => run.plantId === plantId));
        return {
          plantId,
          name: book.byId(plantId)?.name ?? plantId,
          runs: those.length,
          chargedG: sum(those, ({ run }) => run.plan.chargeG),
          oilMl: sum(those, ({ result }) => result?.oilMl ?? 0),
          hydrosolMl: sum(those, ({ state }) => state.result?.hydrosolMl ?? 0),
          ...(mlPerKg === undefined ? {} : { mlPerKg }),
          ...(before === undefined ? {} : { before }),
        };
      })
      .sort((a, b) => b.chargedG - a.chargedG),
    madeMl: both((product) =>
      sum(
        madeLots.filter((lot) => lot.product === product),
        ({ volumeMl }) => volumeMl,
      ),
    ),
    usedMl: both((product) =>
      sum(
        taken.filter((use) => !gone(use) && productOf(use) === product),
        ({ amountMl }) => amountMl,
      ),
    ),
    lostMl: both((product) =>
      sum(
        taken.filter((use) => gone(use) && productOf(use) === product),
        ({ amountMl }) => amountMl,
      ),
    ),
    cost: sum(own, ({ run }) => costSum(costOfRun(run, from.stillOf(run.stillId), preferences))),
    worth: sum(madeLots, (lot) => worthOf(lot.product, lot.volumeMl, preferences) ?? 0),
    ahead: bestByAhead(from, now, book),
  };
}

function yieldOfAll(all: readonly ReturnType<typeof summarise>[]): number | undefined {
  const measured = all.filter(({ result }) => result);
  const kg = measured.reduce((total, { run }) => total + run.plan.chargeG / 1000, 0);
  const oil = measured.reduce((total, { result }) => total + (result?.oilMl ?? 0), 0);
  return kg > 0 ? oil / kg : undefined;
}

function bestByAhead(stock: Stock, now: Date, book: PlantBook): Season["ahead"] {
  const due = shelved(stock, now, book).map(({ bestBy }) => bestBy.slice(0, 7));
  return Array.from({ length: monthsAhead }, (_, i) => {
    const month = monthOf(addMonths(now, i));
    return { month, bottles: due.filter((each) => each === month).length };
  });
}

function monthOf(at: Date): string {
  return `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, "0")}`;
}

function yearOf(at: string | number): number {
  return typeof at === "string" && at.length === 10
    ? noonOf(at).getFullYear()
    : new Date(at).getFullYear();
}
