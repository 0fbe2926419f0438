import { t } from "@/language/t";
import { plainText } from "@/words/plainText";
import { lotWords } from "@/words/lotWords";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { Bottle, Use } from "@/records/bottle";
import type { Harvest } from "@/records/harvest";
import { leftInBottle } from "@/logbook/shelf/bottleLevel";
import type { Lot } from "@/records/lot";
import type { RunSummary } from "@/logbook/run/runSummary";

/**
 * Rows as CSV (RFC 4180, UTF-8 with a header row). Text that a spreadsheet would take for a formula,
 * at its beginning, after blanks or in a line of its own, gets an apostrophe before it; marks that nobody can see are left out.
 */
export async function toCsv(
  rows: Record<string, string | number | undefined>[],
  columns: string[],
): Promise<string> {
  /* Needed by the few who save a table: it is fetched then, not with the first screen. */
  const { default: Papa } = await import("papaparse");
  const cell = (value: string | number | undefined) =>
    typeof value === "string" ? plainText(value).replace(formula, "$1'$2") : (value ?? "");
  const data = rows.map((row) => columns.map((name) => cell(row[name])));
  return `${Papa.unparse({ fields: columns, data }, { newline: "\r\n" })}\r\n`;
}

/* Where a line of a cell begins as a formula does, with the wide forms of these marks too. */
const formula = /(^|\n)(\s*[=+\-@\uFF1D\uFF0B\uFF0D\uFF20])/g;

const runColumns = [
  "run",
  "lit",
  "plant",
  "botanical_name",
  "state",
  "still",
  "method",
  "charge_g",
  "water_mL",
  "minutes_to_first_drop",
  "minutes_from_first_drop",
  "oil_mL",
  "hydrosol_mL",
  "yield_mL_per_kg",
  "yield_mL_per_kg_dry",
  "yield_percent_w_w",
  "expected_low_mL",
  "expected_high_mL",
  "look",
  "smell",
  "pH",
  "note",
];

/** All runs as a table, one a row. */
export function runsCsv(runs: readonly RunSummary[], book: PlantBook): Promise<string> {
  const rows = runs.map(({ run, state, plantName, minutesFromFirstDrop, result }) => ({
    run: run.number,
    lit: state.litAt === undefined ? "" : new Date(state.litAt).toISOString(),
    plant: plantName,
    botanical_name: book.byId(run.plantId)?.botanicalName,
    state: run.state,
    still: run.stillName,
    method: run.plan.method,
    charge_g: round(run.plan.chargeG),
    water_mL: round(run.plan.waterMl),
    minutes_to_first_drop:
      state.litAt !== undefined && state.firstDropAt !== undefined
        ? round((state.firstDropAt - state.litAt) / 60000)
        : undefined,
    minutes_from_first_drop:
      minutesFromFirstDrop === undefined ? undefined : round(minutesFromFirstDrop),
    oil_mL: result?.oilMl,
    hydrosol_mL: state.result?.hydrosolMl,
    yield_mL_per_kg: result && round(result.mlPerKg),
    yield_mL_per_kg_dry: result && round(result.mlPerKgDry),
    yield_percent_w_w: result && round(result.percentMass),
    expected_low_mL: round(run.plan.forecast.visibleMl.p10),
    expected_high_mL: round(run.plan.forecast.visibleMl.p90),
    look: state.result?.look,
    smell: state.result?.smell,
    pH: state.result?.ph,
    note: state.result?.note,
  }));
  return toCsv(rows, runColumns);
}

const bottleColumns = [
  "bottle",
  "lot",
  "plant",
  "product",
  "made_on",
  "size_mL",
  "filled_mL",
  "left_mL",
  "glass",
  "storage",
  "place",
  "best_by",
  "note",
];

/** All bottles as a table, one a row. */
export function bottlesCsv(
  bottles: readonly Bottle[],
  lots: readonly Lot[],
  uses: readonly Use[],
  book: PlantBook,
): Promise<string> {
  const byId = new Map(lots.map((lot) => [lot.id, lot]));
  const rows = bottles.map((bottle) => {
    const lot = byId.get(bottle.lotId);
    return {
      bottle: bottle.code,
      lot: lot?.code,
      plant: lot && (book.byId(lot.plantId)?.name ?? lot.plantId),
      product: lot && (lot.firstCut ? t`hydrosol, first cut` : lotWords(lot)),
      made_on: lot?.madeOn,
      size_mL: bottle.sizeMl,
      filled_mL: bottle.filledMl,
      left_mL: round(leftInBottle(bottle, uses)),
      glass: bottle.glass,
      storage: bottle.storage,
      place: bottle.place,
      best_by: bottle.bestBy,
      note: bottle.note,
    };
  });
  return toCsv(rows, bottleColumns);
}

const harvestColumns = [
  "cut_on",
  "plant",
  "botanical_name",
  "state",
  "mass_g",
  "water_percent",
  "growth",
  "sky",
  "dry_days",
  "place",
  "from",
  "plants",
  "area_m2",
  "row_m",
  "for",
  "their_share_percent",
  "weighed_last_at",
  "weighed_last_g",
  "taken_away_g",
  "note",
];

/** All harvests as a table, one a row. */
export function harvestsCsv(harvests: readonly Harvest[], book: PlantBook): Promise<string> {
  const rows = harvests.map((harvest) => {
    const plant = book.byId(harvest.plantId);
    const last = harvest.weighings?.toSorted((a, b) => a.at.localeCompare(b.at)).at(-1);
    const away = (harvest.takenAway ?? []).reduce((sum, { massG }) => sum + massG, 0);
    return {
      cut_on: harvest.cutOn,
      plant: plant?.name ?? harvest.plantId,
      botanical_name: plant?.botanicalName,
      state: harvest.state,
      mass_g: round(harvest.massG),
      water_percent: harvest.moisture === undefined ? undefined : round(harvest.moisture * 100),
      growth: harvest.growth,
      sky: harvest.sky,
      dry_days: harvest.dryDays,
      place: harvest.place,
      from: harvest.from,
      plants: harvest.grewOn?.plants,
      area_m2: harvest.grewOn?.areaM2,
      row_m: harvest.grewOn?.rowMm === undefined ? undefined : harvest.grewOn.rowMm / 1000,
      for: harvest.whose,
      their_share_percent:
        harvest.theirShare === undefined ? undefined : round(harvest.theirShare * 100),
      weighed_last_at: last?.at,
      weighed_last_g: last && round(last.massG),
      taken_away_g: away > 0 ? round(away) : undefined,
      note: harvest.note,
    };
  });
  return toCsv(rows, harvestColumns);
}

const useColumns = ["at", "bottle", "lot", "plant", "product", "amount_mL", "way", "purpose", "to"];

/** All that was taken out of bottles and lots as a table, one a row. */
export function usesCsv(
  uses: readonly Use[],
  bottles: readonly Bottle[],
  lots: readonly Lot[],
  book: PlantBook,
): Promise<string> {
  const bottleById = new Map(bottles.map((bottle) => [bottle.id, bottle]));
  const lotById = new Map(lots.map((lot) => [lot.id, lot]));
  const rows = uses.map((use) => {
    const bottle = bottleById.get(use.bottleId ?? "");
    const lot = lotById.get(bottle?.lotId ?? use.lotId ?? "");
    return {
      at: use.at,
      bottle: bottle?.code,
      lot: lot?.code,
      plant: lot && (book.byId(lot.plantId)?.name ?? lot.plantId),
      product: lot && lotWords(lot),
      amount_mL: round(use.amountMl),
      way: use.way,
      purpose: use.purpose,
      to: use.to,
    };
  });
  return toCsv(rows, useColumns);
}

function round(value: number): number {
  return Number(value.toPrecision(5));
}
