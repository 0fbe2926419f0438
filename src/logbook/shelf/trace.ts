import { isoDay } from "@/core/units/dates";
import type { Bottle, Use } from "@/records/bottle";
import { readCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import type { AnyRecord, Kind, RecordOf } from "@/records/record";
import { runState } from "../run/runState";
import { momentOfRun } from "../run/runSummary";
import { leftInBottle } from "./bottleLevel";
import { lotBalance } from "./lotBalance";

/** One step of a lot's or bottle's line: where something came from, or where it went. */
export interface Traced {
  kind: "harvest" | "run" | "lot" | "bottle" | "use";
  id: string;
  /** The step it hangs on: nearer to what was asked for. */
  via: string;
  code?: string;
  plantId?: string;
  /** A run's number. */
  number?: number;
  /** What passed along this step, mL. */
  volumeMl?: number;
  /** A harvest's mass that went into the run, g. */
  massG?: number;
  /** Still there, mL. */
  leftMl?: number;
  /** A harvest's or lot's day, a use's moment. */
  on?: string;
  purpose?: string;
  way?: NonNullable<Use["way"]>;
  to?: string;
}

export interface Trace {
  code: string;
  kind: "lot" | "bottle";
  id: string;
  product: Lot["product"];
  plantId: string;
  volumeMl: number;
  leftMl: number;
  /** What it came of, the nearest first. */
  ancestors: Traced[];
  /** What came of it, the nearest first. */
  descendants: Traced[];
}

/** A logbook's records by kind, without those in the bin. */
export type Shelf = ReturnType<typeof shelfOf>;

/** What of a logbook lines are traced through. */
export function shelfOf(records: readonly AnyRecord[]) {
  const of = <K extends Kind>(kind: K) =>
    records.filter((record): record is RecordOf<K> => record.kind === kind && !record.deletedAt);
  return {
    harvests: of("harvest"),
    runs: of("run"),
    lots: of("lot"),
    bottles: of("bottle"),
    uses: of("use"),
    checks: of("check"),
  };
}

/**
 * Where a lot or a bottle came from, back to the harvest, and where it went, through every blend, to the
 * last use. A line that comes back to itself, as a torn file may have it, is followed once.
 * @returns undefined where no lot or bottle has that code
 */
export function traceCode(code: string, shelf: Shelf): Trace | undefined {
  const read = readCode(
    code,
    [...shelf.bottles, ...shelf.lots].map((each) => each.code),
  );
  if (!("found" in read)) return undefined;
  const bottle = shelf.bottles.find((each) => each.code === read.found);
  const lot = shelf.lots.find((each) =>
    bottle ? each.id === bottle.lotId : each.code === read.found,
  );
  if (!lot) return undefined;
  const common = { code: read.found, product: lot.product, plantId: lot.plantId };
  if (bottle)
    return {
      ...common,
      kind: "bottle",
      id: bottle.id,
      volumeMl: bottle.filledMl,
      leftMl: plain(leftInBottle(bottle, shelf.uses)),
      ancestors: [lotStep(lot, bottle.id, bottle.filledMl, shelf), ...ancestorsOf(lot, shelf)],
      descendants: usesOut(shelf, bottle.id, ({ bottleId }) => bottleId === bottle.id),
    };
  return {
    ...common,
    kind: "lot",
    id: lot.id,
    volumeMl: lot.volumeMl,
    leftMl: plain(leftOfLot(lot, shelf)),
    ancestors: ancestorsOf(lot, shelf),
    descendants: descendantsOf(lot, shelf),
  };
}

/** What of a lot is still there, in bottles and in none, mL. */
export function leftOfLot(lot: Lot, { bottles, uses }: Pick<Shelf, "bottles" | "uses">): number {
  return bottles
    .filter(({ lotId }) => lotId === lot.id)
    .reduce(
      (sum, bottle) => sum + leftInBottle(bottle, uses),
      lotBalance(lot, bottles, uses).openMl,
    );
}

/** What went into a blend: each use that names it, with the lot it was of. */
export function partsOf(blendId: string, shelf: Shelf): { lot: Lot; use: Use }[] {
  return shelf.uses
    .filter(({ intoLotId }) => intoLotId === blendId)
    .flatMap((use) => {
      const lotId =
        use.lotId ?? shelf.bottles.find(({ id }) => id === use.bottleId)?.lotId ?? undefined;
      const lot = shelf.lots.find(({ id }) => id === lotId);
      return lot ? [{ lot, use }] : [];
    });
}

function ancestorsOf(lot: Lot, shelf: Shelf, seen = new Set([lot.id])): Traced[] {
  const runs = shelf.runs
    .filter(({ id }) => lot.runIds.includes(id))
    .flatMap((run): Traced[] => {
      const result = runState(run.entries).result;
      const own = lot.product === "oil" ? result?.oilMl : result?.hydrosolMl;
      const harvest = shelf.harvests.find(({ id }) => id === run.harvestId);
      return [
        {
          kind: "run",
          id: run.id,
          via: lot.id,
          number: run.number,
          plantId: run.plantId,
          volumeMl: lot.runIds.length === 1 ? lot.volumeMl : (own ?? 0),
          on: isoDay(momentOfRun(run)),
        },
        ...(harvest
          ? [
              {
                kind: "harvest" as const,
                id: harvest.id,
                via: run.id,
                plantId: harvest.plantId,
                massG: run.plan.chargeG,
                on: harvest.cutOn,
              },
            ]
          : []),
      ];
    });
  const parts = partsOf(lot.id, shelf).flatMap(({ lot: part, use }): Traced[] => {
    const step = lotStep(part, lot.id, use.amountMl, shelf);
    if (seen.has(part.id)) return [step];
    seen.add(part.id);
    return [step, ...ancestorsOf(part, shelf, seen)];
  });
  return [...runs, ...parts];
}

function descendantsOf(lot: Lot, shelf: Shelf, seen = new Set([lot.id])): Traced[] {
  const bottles = shelf.bottles.filter(({ lotId }) => lotId === lot.id);
  return [
    ...bottles.flatMap((bottle): Traced[] => [
      bottleStep(bottle, lot.id, shelf),
      ...usesOut(shelf, bottle.id, ({ bottleId }) => bottleId === bottle.id, seen),
    ]),
    ...usesOut(
      shelf,
      lot.id,
      ({ lotId, bottleId }) => lotId === lot.id && bottleId === undefined,
      seen,
    ),
  ];
}

/** What was taken, and where it was blended what came of that. */
function usesOut(
  shelf: Shelf,
  via: string,
  which: (use: Use) => boolean,
  seen = new Set<string>(),
): Traced[] {
  return shelf.uses.filter(which).flatMap((use): Traced[] => {
    const step: Traced = {
      kind: "use",
      id: use.id,
      via,
      volumeMl: use.amountMl,
      purpose: use.purpose,
      on: use.at,
      ...(use.way ? { way: use.way } : {}),
      ...(use.to ? { to: use.to } : {}),
    };
    const blend = shelf.lots.find(({ id }) => id === use.intoLotId);
    if (!blend) return [step];
    const into = lotStep(blend, use.id, use.amountMl, shelf);
    if (seen.has(blend.id)) return [step, into];
    seen.add(blend.id);
    return [step, into, ...descendantsOf(blend, shelf, seen)];
  });
}

function lotStep(lot: Lot, via: string, volumeMl: number, shelf: Shelf): Traced {
  return {
    kind: "lot",
    id: lot.id,
    via,
    code: lot.code,
    plantId: lot.plantId,
    volumeMl,
    leftMl: plain(leftOfLot(lot, shelf)),
    on: lot.madeOn,
  };
}

function bottleStep(bottle: Bottle, via: string, { uses }: Shelf): Traced {
  return {
    kind: "bottle",
    id: bottle.id,
    via,
    code: bottle.code,
    volumeMl: bottle.filledMl,
    leftMl: plain(leftInBottle(bottle, uses)),
  };
}

/* Sums of tenths are told as a person would. */
function plain(ml: number): number {
  return Number(ml.toPrecision(9));
}
