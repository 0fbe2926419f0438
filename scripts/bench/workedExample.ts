/** Worked example A of the model: lavender over steam. */
export const workedExampleA = {
  method: "steam" as const,
  material: {
    oilMlPerKg: { low: 6, high: 13 },
    composition: { cineole: 0.5, limonene: 0.3, linalool: 0.2 },
    freeShare: 0.5,
    releasePerMinute: 0.02,
    moisture: 0.7,
  },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
  },
  waterMl: 3500,
  site: { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14, coolingOutC: 40 },
  stop: { distillateMl: 800 },
};
