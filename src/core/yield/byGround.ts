/** What a harvest was cut from, as far as somebody counted or measured it; each above 0. */
export interface Ground {
  plants?: number | undefined;
  areaM2?: number | undefined;
  /** Length of the rows, mm, as all lengths are. */
  rowMm?: number | undefined;
}

/** Oil by weight of what it grew on. */
export interface ByGround {
  perPlantG?: number;
  perM2G?: number;
  /** By the metre of row. */
  perRowMG?: number;
}

/**
 * Oil by the plant, the area and the row.
 * @param oilG 0 or more
 * @param share of the ground whose plant gave this oil, above 0 to 1: what lies undistilled grew on the rest
 */
export function byGround(oilG: number, share: number, { plants, areaM2, rowMm }: Ground): ByGround {
  const of = (measure: number) => oilG / (measure * share);
  return {
    ...(plants === undefined ? {} : { perPlantG: of(plants) }),
    ...(areaM2 === undefined ? {} : { perM2G: of(areaM2) }),
    ...(rowMm === undefined ? {} : { perRowMG: of(rowMm / 1000) }),
  };
}
