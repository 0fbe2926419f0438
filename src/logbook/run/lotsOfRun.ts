import { type Plant, isoDay } from "@/core";
import { newRecord } from "@/records/base";
import { lotCode } from "@/records/codes";
import type { Separated } from "@/records/entry";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";

type Result = Omit<Separated, "id" | "type">;

/**
 * The lots a measured run makes: its oil, its hydrosol, its first cut, each where there is some. Lots
 * that this run has made before keep their codes and take the new measure.
 */
export function lotsOfRun(
  run: Run,
  result: Result,
  lots: readonly Lot[],
  now: Date,
  plant: Pick<Plant, "code"> | undefined,
): Lot[] {
  const own = lots.filter(({ runIds }) => runIds.length === 1 && runIds[0] === run.id);
  const codes = lots.map(({ code }) => code);
  const madeOn = isoDay(new Date(result.at));
  const plantCode = plant?.code ?? "XX";
  const hydrosolMl = result.hydrosolMl - (result.firstCutMl ?? 0);
  const products: {
    product: Lot["product"];
    firstCut?: true;
    letter: "O" | "H" | "F";
    volumeMl: number;
  }[] = [
    { product: "oil", letter: "O", volumeMl: result.oilMl },
    { product: "hydrosol", letter: "H", volumeMl: hydrosolMl },
    { product: "hydrosol", firstCut: true, letter: "F", volumeMl: result.firstCutMl ?? 0 },
  ];
  return products.flatMap(({ product, firstCut, letter, volumeMl }) => {
    const existing = own.find((lot) => lot.product === product && lot.firstCut === firstCut);
    if (existing) return [{ ...existing, volumeMl, ...described(result) }];
    if (volumeMl <= 0) return [];
    const code = lotCode(plantCode, madeOn, letter, codes);
    codes.push(code);
    return [
      {
        ...newRecord("lot", now),
        code,
        product,
        ...(firstCut ? { firstCut } : {}),
        plantId: run.plantId,
        runIds: [run.id],
        madeOn,
        volumeMl,
        ...described(result),
        ...(product === "hydrosol" && result.ph !== undefined ? { ph: result.ph } : {}),
      },
    ];
  });
}

function described({ look, smell }: Result): Pick<Lot, "look" | "smell"> {
  return { ...(look ? { look } : {}), ...(smell ? { smell } : {}) };
}
