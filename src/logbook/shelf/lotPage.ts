import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { lotBalance } from "./lotBalance";
import { lotNotes } from "./lotNotes";
import { ownersNow, ownersOf } from "./ownersOf";
import { codesTwice, type Shelved, type Stock } from "./shelf";

/* Less of an owner's share or of an open lot than this, mL, is nothing to hand over or to bottle. */
export const leastToHandle = 0.05;

/** What a lot's page tells of it: its bottles, what was taken, whose it is, what is in no bottle yet. */
export function lotPage(
  lot: Lot,
  stock: Stock,
  around: { shelved: readonly Shelved[]; runs: readonly Run[]; harvests: readonly Harvest[] },
) {
  const { runs, harvests } = around;
  const own = stock.bottles.filter(({ lotId }) => lotId === lot.id);
  const full = around.shelved.filter((item) => item.lot.id === lot.id);
  const siblings = stock.lots.filter(
    (other) => other.id !== lot.id && other.runIds.some((runId) => lot.runIds.includes(runId)),
  );
  const taken = stock.uses
    .filter(
      ({ bottleId, lotId }) =>
        (bottleId === undefined && lotId === lot.id) || own.some(({ id }) => id === bottleId),
    )
    .sort((a, b) => b.at.localeCompare(a.at));
  const owners = ownersNow(ownersOf(lot, runs, harvests), taken);
  const run = runs.find(({ id }) => lot.runIds.includes(id));
  const jarsMl = Math.max(0, ...siblings.map(({ jar }) => jar?.toMl ?? 0), lot.jar?.toMl ?? 0);
  return {
    /** All its bottles; those with something in them as they stand on the shelf; the codes of the empty ones. */
    own,
    full,
    emptyCodes: own
      .filter(({ id }) => !full.some(({ bottle }) => bottle.id === id))
      .map(({ code }) => code),
    checks: stock.checks.filter(({ lotId }) => lotId === lot.id),
    balance: lotBalance(lot, stock.bottles, stock.uses),
    siblings,
    taken,
    owners,
    /** Who has not got all of their share yet. */
    owing: owners.filter(({ leftMl }) => leftMl > leastToHandle),
    notes: lotNotes(lot, run, jarsMl),
    /** Ids of what carries a code that something else carries too. */
    twice: new Set(codesTwice(stock).flatMap((those) => those.map(({ id }) => id))),
  };
}

export type LotPage = ReturnType<typeof lotPage>;
