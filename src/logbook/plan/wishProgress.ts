import { readNumber } from "@/core/units/numberInput";
import type { UnitName } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import type { RunSummary } from "../run/runSummary";
import { harvestLeftG } from "../harvest/harvestLeft";

/** How far a wish has come: so much was wanted, so much is measured, and what is still to do for it. */
export interface WishProgress {
  what: "oil" | "hydrosol";
  wantedMl: number;
  gotMl: number;
  /** Charges that are planned, on the heat or settling: their part is not measured yet. */
  underWay: number;
  /** Charges that would bring the rest, by what those before brought, else by their plan; 0 once it is there. */
  toGo: number;
  /** The plant that is left is enough for them. */
  enough: boolean;
}

/**
 * How far the wish has come that a harvest was weighed out for. The first of its charges that began with a wish names it; every charge of
 * that harvest counts towards it.
 */
export function wishProgress(
  harvest: Harvest,
  summaries: readonly RunSummary[],
): WishProgress | undefined {
  const own = summaries
    .filter(({ run }) => run.harvestId === harvest.id)
    .sort((a, b) => a.run.number - b.run.number);
  const wish = own.map(({ run }) => wishOf(run)).find((told) => told !== undefined);
  if (!wish) return undefined;
  const got = own.flatMap(({ result }) => {
    const ml = wish.what === "oil" ? result?.oilMl : result?.hydrosolMl;
    return ml === undefined ? [] : [ml];
  });
  const gotMl = got.reduce((sum, ml) => sum + ml, 0);
  const underWay = own.length - got.length;
  const last = own.at(-1)!.run;
  const perCharge = got.length > 0 ? gotMl / got.length : planned(last, wish.what);
  const restMl = Math.max(0, wish.wantedMl - gotMl - underWay * perCharge);
  const toGo = perCharge > 0 ? Math.max(0, Math.ceil(restMl / perCharge - 1e-6)) : 0;
  const leftG = harvestLeftG(
    harvest,
    own.map(({ run }) => run),
  );
  return { ...wish, gotMl, underWay, toGo, enough: leftG >= toGo * last.plan.chargeG * nearly };
}

/* The last charge of a harvest is a little smaller. */
const nearly = 0.9;

function wishOf({ draft }: Run): { what: "oil" | "hydrosol"; wantedMl: number } | undefined {
  if (draft?.goal !== "want" || !draft.wishText || !draft.wishWhat) return undefined;
  const read = readNumber(
    { text: draft.wishText, unit: draft.wishUnit as UnitName },
    { name: t`The wish`, ...limits.positive },
  );
  return read.ok ? { what: draft.wishWhat, wantedMl: read.value } : undefined;
}

function planned({ plan: { forecast } }: Run, what: "oil" | "hydrosol"): number {
  return what === "oil" ? forecast.visibleMl.p50 : forecast.distillateMl;
}
