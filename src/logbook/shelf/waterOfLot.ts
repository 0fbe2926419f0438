import type { WaterContent } from "@/core/care/usualWater";
import { forecastRun } from "@/core/forecast/forecastRun";
import type { ForecastRequest } from "@/core/forecast/request";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { knownRequest } from "../run/knownRequest";
import { runState } from "../run/runState";

/**
 * What a litre of a hydrosol holds by its own run, mg/L: what that run's model dissolves in as much distillate as was
 * caught, of a jar in its own stretch of it; of a pot liquor, what the model leaves in the pot's water; several runs alike. Undefined where a run does
 * not say enough, where its water ran back into the pot, and of a liquor that the plant did not lie in.
 */
export function waterOfLot(lot: Lot, runs: ReadonlyMap<string, Run>): WaterContent | undefined {
  if (lot.product === "oil" || lot.origin) return undefined;
  const own = lot.runIds.map((id) => runs.get(id));
  const contents = own.map((run) => run && waterOfRun(run, lot));
  if (contents.length === 0 || contents.some((content) => content === undefined)) return undefined;
  const mixed: Record<string, number> = {};
  for (const content of contents)
    for (const [id, mgPerL] of Object.entries(content ?? {}))
      mixed[id] = (mixed[id] ?? 0) + mgPerL / contents.length;
  return mixed;
}

/** Of a run's distillate, mL. */
interface Stretch {
  fromMl: number;
  toMl: number;
}

const known = new WeakMap<Run, Map<string, WaterContent | undefined>>();

function waterOfRun(run: Run, lot: Lot): WaterContent | undefined {
  const liquor = lot.product === "liquor";
  const jar = liquor ? undefined : stretchOf(lot);
  const key = liquor ? "pot" : jar ? `${jar.fromMl} ${jar.toMl}` : "";
  const before = known.get(run) ?? new Map<string, WaterContent | undefined>();
  known.set(run, before);
  if (!before.has(key)) before.set(key, liquor ? contentOfPot(run) : contentBetween(run, jar));
  return before.get(key);
}

/* A first cut is the strongest water of a run, also where nobody numbered its jar. */
function stretchOf({ jar, firstCut, volumeMl }: Lot): Stretch | undefined {
  return jar ?? (firstCut ? { fromMl: 0, toMl: volumeMl } : undefined);
}

/* Over steam the model knows nothing of what drips into the pot. */
function contentOfPot(run: Run): WaterContent | undefined {
  const request = knownRequest(run.plan);
  if (!request || request.method === "steam") return undefined;
  const { compounds, potLeftMl } = forecastRun(request, { samples: 1 });
  if (!(potLeftMl > 0)) return undefined;
  return Object.fromEntries(
    Object.entries(compounds)
      .map(([id, { potG }]): [string, number] => [id, (1e6 * Math.max(0, potG)) / potLeftMl])
      .filter(([, mgPerL]) => mgPerL > 0),
  );
}

function contentBetween(run: Run, jar: Stretch | undefined): WaterContent | undefined {
  const request = knownRequest(run.plan);
  if (!request || run.plan.method === "cohobation") return undefined;
  const caughtMl = runState(run.entries).result?.hydrosolMl ?? run.plan.forecast.distillateMl;
  const fromMl = jar?.fromMl ?? 0;
  const toMl = jar?.toMl ?? caughtMl;
  if (!(toMl > fromMl)) return undefined;
  const all = dissolvedBy(request, toMl, fromMl > 0 ? [fromMl] : []);
  const earlier = fromMl > 0 ? dissolvedBy(request, fromMl, []) : undefined;
  const waterMl = all.waterMl - (earlier?.waterMl ?? 0);
  if (!(waterMl > 0)) return undefined;
  return Object.fromEntries(
    Object.entries(all.grams)
      .map(([id, grams]): [string, number] => [
        id,
        (1e6 * Math.max(0, grams - (earlier?.grams[id] ?? 0))) / waterMl,
      ])
      .filter(([, mgPerL]) => mgPerL > 0),
  );
}

/* Dissolved by the time so much has come, g by compound, and in how much water. */
function dissolvedBy(request: ForecastRequest, distillateMl: number, cutsMl: number[]) {
  const { compounds, distillateMl: waterMl } = forecastRun(
    { ...request, stop: { distillateMl }, cutsMl },
    { samples: 1 },
  );
  return {
    grams: Object.fromEntries(
      Object.entries(compounds).map(([id, { dissolvedG }]) => [id, dissolvedG]),
    ),
    waterMl,
  };
}
