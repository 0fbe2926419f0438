import type { Use } from "@/records/bottle";
import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";

/** Somebody else for whom a lot was distilled. */
export interface Owner {
  name: string;
  /** Of the lot, mL; undefined where no share was told. */
  shareMl?: number;
  /** The name stands on lot and label. */
  onLabel: boolean;
}

/**
 * Whose plant a lot came of, and how much of it is theirs: each run's harvest has a part in the lot as large
 * as its charge.
 */
export function ownersOf(
  lot: Pick<Lot, "runIds" | "volumeMl">,
  runs: readonly Run[],
  harvests: readonly Harvest[],
): Owner[] {
  const own = runs.filter(({ id }) => lot.runIds.includes(id));
  const wholeG = own.reduce((sum, { plan }) => sum + plan.chargeG, 0);
  const owners = new Map<string, Owner>();
  for (const { harvestId, plan } of own) {
    const harvest = harvests.find(({ id }) => id === harvestId);
    if (!harvest?.whose) continue;
    const before = owners.get(harvest.whose);
    const shareMl =
      harvest.theirShare === undefined
        ? undefined
        : (lot.volumeMl * harvest.theirShare * plan.chargeG) / wholeG;
    owners.set(harvest.whose, {
      name: harvest.whose,
      ...(shareMl === undefined && before?.shareMl === undefined
        ? {}
        : { shareMl: (before?.shareMl ?? 0) + (shareMl ?? 0) }),
      onLabel: harvest.nameOnLabel === true || before?.onLabel === true,
    });
  }
  return [...owners.values()];
}

/** An owner with what they have had of their share, mL. */
export interface OwnerNow extends Owner {
  handedMl: number;
  /** Of a told share, not handed over yet. */
  leftMl: number;
}

/** The owners of a lot by what was taken out of it so far. */
export function ownersNow(owners: readonly Owner[], taken: readonly Use[]): OwnerNow[] {
  return owners.map((owner) => {
    const handedMl = taken
      .filter(({ way, to }) => way === "theirs" && to === owner.name)
      .reduce((sum, { amountMl }) => sum + amountMl, 0);
    return { ...owner, handedMl, leftMl: Math.max(0, (owner.shareMl ?? 0) - handedMl) };
  });
}

/** The names that stand on a lot's labels. */
export function namesOnLabel(
  lot: Pick<Lot, "runIds" | "volumeMl">,
  runs: readonly Run[],
  harvests: readonly Harvest[],
): string[] {
  return ownersOf(lot, runs, harvests).flatMap(({ name, onLabel }) => (onLabel ? [name] : []));
}
