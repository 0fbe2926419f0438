/**
 * A boiling point under less than the pressure of the air, °C and mmHg: handbook tables of the vapour pressure of
 * organic compounds (after Stull 1947) and of fragrance materials. Beside the normal boiling point it fixes the curve
 * of what the estimate misses by most, and of what makes a tenth of an oil.
 */
export const vapourPoints: Readonly<Record<string, readonly [temperatureC: number, mmHg: number]>> =
  {
    alphaTerpineol: [94.3, 10],
    anisaldehyde: [117.8, 10],
    bornylAcetate: [90.2, 10],
    carvacrol: [113.2, 10],
    carvone: [100.4, 10],
    chamazulene: [161, 12],
    cinnamaldehyde: [120, 10],
    citronellal: [84.8, 10],
    citronellol: [107, 10],
    cuminaldehyde: [103, 10],
    decanal: [92, 10],
    eugenol: [120.5, 10],
    eugenylAcetate: [148, 10],
    geranial: [103.9, 10],
    geraniol: [110, 10],
    geranylAcetate: [117.9, 10],
    linalylAcetate: [96, 10],
    menthol: [96, 10],
    menthylAcetate: [100, 10],
    methylSalicylate: [95.3, 10],
    nerol: [104, 10],
    nonadecane: [133.2, 1],
    phenethylAlcohol: [97, 12],
    pulegone: [94, 10],
    safrole: [107.6, 10],
    thymol: [107.4, 10],
  };
