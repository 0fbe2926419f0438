import { isoDay } from "@/core/units/dates";
import { newRecord } from "@/records/base";
import { newCode } from "@/records/codes";
import type { Separated } from "@/records/entry";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";

type Result = Omit<Separated, "id" | "type">;

interface Product extends Pick<Lot, "product" | "firstCut" | "jar" | "volumeMl"> {
  letter: "O" | "H" | "F" | "L";
}

/**
 * The lots a measured run makes, or several that were poured together: its oil, its hydrosol, its first cut or its jars, each where there is
 * some. Lots that this run has made before keep their codes and take the new measure; one that is no
 * more of it is emptied.
 */
export function lotsOfRun(
  run: Run,
  result: Result,
  lots: readonly Lot[],
  now: Date,
  runIds: readonly string[] = [run.id],
): Lot[] {
  const own = lots.filter(
    (lot) => lot.runIds.length === runIds.length && lot.runIds.every((id) => runIds.includes(id)),
  );
  const inUse = new Set(lots.map(({ id }) => id));
  const codes = lots.map(({ code }) => code);
  const madeOn = isoDay(new Date(result.at));
  const products = productsOf(result);
  const gone = own.filter(
    (lot) =>
      !products.some((product) => same(lot, product)) &&
      (lot.product !== "liquor" || lot.id === lotId(runIds, "L")),
  );
  const made = products.flatMap(({ letter, ...product }): Lot[] => {
    const existing = own.find(
      (lot) =>
        same(lot, product) && (product.product !== "liquor" || lot.id === lotId(runIds, letter)),
    );
    if (existing) {
      const { look: _, smell: __, ph: ___, ...known } = existing;
      return [{ ...known, ...product, ...described(result, product.product) }];
    }
    if (product.volumeMl <= 0) return [];
    const code = newCode(codes);
    codes.push(code);
    return [
      {
        ...newRecord("lot", now),
        ...(inUse.has(lotId(runIds, letter, product.jar?.number))
          ? {}
          : { id: lotId(runIds, letter, product.jar?.number) }),
        code,
        ...product,
        plantId: run.plantId,
        runIds: [...runIds],
        madeOn,
        ...described(result, product.product),
      },
    ];
  });
  return [...made, ...gone.map((lot) => ({ ...lot, volumeMl: 0 }))];
}

/** One product of a run has one id: measured in two places at once it is one lot, not two. */
function lotId(runIds: readonly string[], letter: Product["letter"], jar = 0): string {
  const [first = "", ...others] = [...runIds].sort();
  return `${first.slice(0, 60)}-${others.length}${letter}${jar}`;
}

function productsOf(result: Result): Product[] {
  const { oilMl = 0, hydrosolMl = 0, firstCutMl = 0, jars = [], liquorMl } = result;
  /* A liquor that was put on the shelf by hand is not this measure's. */
  const liquor: Product[] =
    liquorMl === undefined ? [] : [{ product: "liquor", letter: "L", volumeMl: liquorMl }];
  if (jars.length < 2)
    return [
      { product: "oil", letter: "O", volumeMl: oilMl },
      { product: "hydrosol", letter: "H", volumeMl: hydrosolMl - firstCutMl },
      { product: "hydrosol", firstCut: true, letter: "F", volumeMl: firstCutMl },
      ...liquor,
    ];
  let fromMl = 0;
  const placed = jars.map(({ volumeMl, oilMl: ofJar }, i) => {
    const jar = { number: i + 1, fromMl, toMl: fromMl + volumeMl };
    fromMl = jar.toMl;
    return { jar, volumeMl, ofJar };
  });
  const apart = placed.every(({ ofJar }) => ofJar !== undefined);
  const oil = (volumeMl: number): Product => ({ product: "oil", letter: "O", volumeMl });
  /* What was drawn off later is of no jar. */
  const inJars = placed.reduce((sum, { ofJar = 0 }) => sum + ofJar, 0);
  const later = Number((oilMl - inJars).toFixed(6));
  return [
    ...(apart ? placed.map(({ jar, ofJar = 0 }) => ({ ...oil(ofJar), jar })) : [oil(oilMl)]),
    ...(apart && later > 0 ? [oil(later)] : []),
    ...placed.map(({ jar, volumeMl }): Product => ({
      product: "hydrosol",
      jar,
      letter: "H",
      volumeMl,
    })),
    ...liquor,
  ];
}

function same(a: Pick<Lot, "product" | "firstCut" | "jar">, b: typeof a): boolean {
  return a.product === b.product && a.firstCut === b.firstCut && a.jar?.number === b.jar?.number;
}

/* All that a measure says of a product: what it no longer says is no longer so. */
function described(
  { look, smell, hydrosolLook, hydrosolSmell, ph }: Result,
  product: Lot["product"],
): Pick<Lot, "look" | "smell" | "ph"> {
  if (product === "liquor") return {};
  const ofOil = product === "oil";
  const looks = ofOil ? look : (hydrosolLook ?? look);
  const smells = ofOil ? smell : (hydrosolSmell ?? smell);
  return {
    ...(looks ? { look: looks } : {}),
    ...(smells ? { smell: smells } : {}),
    ...(ofOil || ph === undefined ? {} : { ph }),
  };
}
