import { judgeIdentity, type Identity, type Measured } from "@/core/care/identity";
import { plantById } from "@/core/plant/catalogue";
import type { Composition } from "@/core/plant/oil";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import type { KnownPlant, PlantBook } from "../plant/plantBook";

const figures = ["densityGPerMl", "refractiveIndex", "rotationDeg", "freezingC", "shares"] as const;

/** Whether somebody looked, smelt or read something at a check that a verdict goes by, and did not only measure. */
export function isLook(check: Check): boolean {
  const { smell, colour, clarity, signs, ph, coloniesPerMl } = check;
  const seen = [smell, colour, clarity, ph, coloniesPerMl].some((value) => value !== undefined);
  return seen || (signs?.length ?? 0) > 0 || !isMeasured(check);
}

function isMeasured(check: Check): boolean {
  return figures.some((name) => check[name] !== undefined) || check.smellAgainst !== undefined;
}

/** What was measured of an oil to tell what it is, the latest of each figure; undefined where nothing was. */
export function measuredOf(lotId: string, checks: readonly Check[]): Measured | undefined {
  const own = checks
    .filter((check) => check.lotId === lotId && isMeasured(check))
    .toSorted((a, b) => a.at.localeCompare(b.at));
  if (own.length === 0) return undefined;
  const measured: Measured = {};
  for (const { measuredAtC, smellAgainst, ...check } of own) {
    Object.assign(
      measured,
      Object.fromEntries(
        figures.flatMap((name) => (check[name] === undefined ? [] : [[name, check[name]]])),
      ),
    );
    if (check.densityGPerMl !== undefined || check.refractiveIndex !== undefined)
      measured.measuredAtC = measuredAtC;
    if (smellAgainst) measured.smell = smellAgainst;
  }
  return measured;
}

/**
 * What a plant's oil should be made of: as the book has it, even where the person plans with a lot of their own, since
 * that lot held against itself would always be right.
 */
export function bookComposition(plant: KnownPlant): Composition {
  return (
    (plant.origin === "catalogue" ? plantById(plant.id) : undefined)?.composition ??
    plant.composition
  );
}

/** How an oil's measured figures stand to its plant's; undefined where nothing was measured, or its plant is not known. */
export function identityOf(
  lot: Lot,
  checks: readonly Check[],
  book: PlantBook,
): Identity | undefined {
  const measured = lot.product === "oil" ? measuredOf(lot.id, checks) : undefined;
  const plant = lot.origin === "blend" ? undefined : book.byId(lot.plantId);
  if (!measured || !plant) return undefined;
  return judgeIdentity(plant.like, bookComposition(plant), measured);
}
