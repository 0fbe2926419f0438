import { plantById } from "../plant/catalogue";
import type { Forecast } from "./forecast";
import { forecastRun } from "./forecastRun";
import type { ForecastRequest } from "./request";

/* Reckoned by an independent stepping of the same equations; each must hold within 2 %. */
const composition = { cineole: 0.5, limonene: 0.3, linalool: 0.2 };
const site = { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14, coolingOutC: 40 };
const plain = { suspendedShare: 0, waterSaturation: 1, hazeMlPerL: 0 };

const steam: ForecastRequest = {
  method: "steam",
  material: {
    oilMlPerKg: { low: 9.045, high: 9.045 },
    composition,
    freeShare: 0.5,
    releasePerMinute: 0.02,
    washing: 3,
    moisture: 0.7,
    steamSaturation: 1,
  },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0,
  },
  waterMl: 3500,
  site,
  stop: { distillateMl: 800 },
  ...plain,
};
const hydro: ForecastRequest = {
  method: "hydro",
  material: {
    oilMlPerKg: { low: 13.567, high: 13.567 },
    composition,
    freeShare: 0.3,
    releasePerMinute: 0.01,
    washing: 3,
    moisture: 0.12,
    steamSaturation: 1,
  },
  massG: 300,
  still: {
    heat: { powerW: 1500, efficiency: 0.9 },
    lossWPerK: 1.5,
    vesselJPerK: 3000,
    dryLineMl: 500,
    holdUpMl: 0,
  },
  waterMl: 3000,
  site,
  stop: { minutes: 60 },
  ...plain,
};

const within = (value: number, expected: number, share = 0.02) =>
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(expected * share + 1e-9);
const oilAt = (request: ForecastRequest, minutes: number) =>
  forecastRun({ ...request, stop: { minutes } }).curve.at(-1)!.oilG;
const inAll = (run: Forecast) => run.curve.at(-1)!.oilG;

/** A charge without chance over so much distillate a minute, at sea level. */
function charge(
  part: Pick<ForecastRequest, "method" | "massG" | "stop"> & {
    mlPerKg: number;
    composition: Record<string, number>;
    freeShare: number;
    releasePerMinute: number;
    hydrodiffusion?: number;
    mlPerMin?: number;
    phi?: number;
    waterMl?: number;
  },
): ForecastRequest {
  const { mlPerMin = 26.5, phi = 1, waterMl = 4000 } = part;
  return {
    method: part.method,
    material: {
      oilMlPerKg: { low: part.mlPerKg, high: part.mlPerKg },
      composition: part.composition,
      freeShare: part.freeShare,
      releasePerMinute: part.releasePerMinute,
      hydrodiffusion: part.hydrodiffusion,
      moisture: 0.1,
      esterLossPerMinute: 0,
    },
    massG: part.massG,
    still: {
      heat: { powerW: (mlPerMin / 60) * 2256.4, efficiency: 1 },
      lossWPerK: 0,
      vesselJPerK: 0,
      dryLineMl: 0,
      holdUpMl: 0,
    },
    waterMl,
    stop: part.stop,
    ...plain,
    waterSaturation: phi,
    armMl: 30,
  };
}

test("worked example A: fresh leaves over steam, to 800 mL", () => {
  const run = forecastRun(steam);
  within(run.minutesToBoil!, 24.0);
  within(run.minutesToFirstDrop!, 28.2);
  within(run.distillateMl, 800);
  within(run.rateMlPerMin, 24.4);
  [2.13, 3.27, 3.97].forEach((grams, i) => within(oilAt(steam, 10 * (i + 1)), grams));
  within(inAll(run), 4.13);
  within(run.oil.dissolvedG.p50, 1.23);
  within(run.oil.visibleMl.p50, 3.31);
  within(run.compounds.cineole!.distilledG, 2.12);
  within(run.compounds.limonene!.distilledG, 1.28);
  within(run.compounds.linalool!.distilledG, 0.72);
  within(run.compounds.cineole!.dissolvedG, 1.01);
  within(run.compounds.linalool!.dissolvedG, 0.21);
  expect(run.compounds.limonene!.dissolvedG).toBeCloseTo(0.005, 3);
  expect(run.stoppedBy).toBe("distillateMl");
  expect(run.warnings).toEqual([]);
});

test("worked example A with steam and water that are far from saturated", () => {
  const material = { ...steam.material, steamSaturation: 0.25 };
  const run = forecastRun({ ...steam, material, waterSaturation: 0.4 });
  within(run.oil.dissolvedG.p50, 0.58);
  within(run.oil.visibleMl.p50, 4.03);
});

test("worked example B: dry herb in water, an hour; the water takes the cineole and leaves limonene afloat", () => {
  const run = forecastRun(hydro);
  within(run.minutesToBoil!, 17.3);
  within(run.minutesToFirstDrop!, 17.3);
  within(run.distillateMl, 1953);
  within(run.rateMlPerMin, 32.6);
  [1.2, 1.47, 1.67].forEach((grams, i) => within(oilAt(hydro, 10 * (i + 1)), grams));
  within(inAll(run), 2.17);
  within(run.oil.dissolvedG.p50, 1.31);
  within(run.oil.visibleMl.p50, 1.01);
  within(run.compounds.cineole!.dissolvedG, 0.96);
  within(run.compounds.linalool!.dissolvedG, 0.33);
  expect(run.compounds.limonene!.dissolvedG).toBeCloseTo(0.02, 2);
});

const fennel = charge({
  method: "hydro",
  massG: 500,
  mlPerKg: 40,
  composition: {
    transAnethole: 0.7,
    fenchone: 0.15,
    limonene: 0.08,
    estragole: 0.04,
    alphaPinene: 0.03,
  },
  freeShare: 0.5,
  releasePerMinute: 0.012,
  stop: { distillateMl: 2000 },
  phi: 0.4,
});

test("worked example C: crushed fennel, where the fenchone comes first", () => {
  const run = forecastRun(fennel);
  within(inAll(run), 15.0);
  within(run.oil.dissolvedG.p50, 0.3);
  within(run.compounds.fenchone!.dissolvedG, 0.23);
  const [first, next] = forecastRun({ ...fennel, stop: { minutes: 30 }, cutsMl: [265] }).cuts;
  within(first!.composition.fenchone!, 0.18, 0.03);
  within(next!.composition.fenchone!, 0.1, 0.06);
  within(first!.composition.transAnethole!, 0.63);
  within(next!.composition.transAnethole!, 0.81);
});

test("worked example C in three jars, each balanced by itself", () => {
  const run = forecastRun({ ...fennel, cutsMl: [200, 1000] });
  const expected = [
    [6.92, 0.19, 0.61],
    [5.6, 0.11, 0.8],
    [2.5, 0.14, 0.72],
  ] as const;
  expected.forEach(([grams, fenchone, anethole], i) => {
    within(run.cuts[i]!.oilG, grams);
    expect(run.cuts[i]!.composition.fenchone).toBeCloseTo(fenchone, 1);
    within(run.cuts[i]!.composition.transAnethole!, anethole);
  });
  within(run.oil.dissolvedG.p50, 0.26);
  within(run.oil.visibleMl.p50, 15.3);
});

const cloveOil = { eugenol: 0.85, caryophyllene: 0.1, eugenylAcetate: 0.05 };

test("worked example D: clove, where the steam cannot carry more, and the pot's water holds some back", () => {
  const run = forecastRun(
    charge({
      method: "hydro",
      massG: 1000,
      mlPerKg: 150,
      composition: cloveOil,
      freeShare: 0.5,
      releasePerMinute: 0.012,
      stop: { distillateMl: 1000 },
      phi: 0.4,
      waterMl: 4000,
    }),
  );
  within(inAll(run), 10.1);
  within(run.potOilG, 1.7, 0.03);
  within(run.oil.dissolvedG.p50, 0.8, 0.06);
});

test("worked example E: a kilogram of petals shows half a millilitre, not none", () => {
  const run = forecastRun(
    charge({
      method: "steam",
      massG: 1000,
      mlPerKg: 1,
      composition: {
        linalool: 0.45,
        limonene: 0.2,
        linalylAcetate: 0.15,
        betaPinene: 0.12,
        geraniol: 0.08,
      },
      freeShare: 0.7,
      releasePerMinute: 0.03,
      stop: { distillateMl: 1000 },
    }),
  );
  within(inAll(run), 0.69);
  within(run.oil.dissolvedG.p50, 0.29);
  within(run.oil.visibleMl.p50, 0.47);
});

test("worked example F: water that flows back keeps no oil; only the receiver's arm does", () => {
  const run = forecastRun(
    charge({
      method: "cohobation",
      massG: 300,
      mlPerKg: 8,
      composition: { linalool: 0.35, linalylAcetate: 0.45, cineole: 0.05, caryophyllene: 0.15 },
      freeShare: 0.7,
      releasePerMinute: 0.03,
      stop: { minutes: 120 },
      mlPerMin: 10.6,
      waterMl: 2000,
    }),
  );
  within(run.layer.oilG, 2.06);
  within(run.layer.visibleMl, 2.33);
  within(run.oil.dissolvedG.p50, 0.025);
  expect(run.potOilG).toBeCloseTo(0.009, 3);
});

const roseOil = {
  phenethylAlcohol: 0.45,
  citronellol: 0.19,
  geraniol: 0.093,
  nerol: 0.044,
  nonadecane: 0.137,
  methylEugenol: 0.011,
  linalool: 0.01,
};

test("worked example G: a rose whose water returns gives citronellol and geraniol; its phenylethanol stays in the pot", () => {
  const run = forecastRun(
    charge({
      method: "cohobation",
      massG: 1000,
      mlPerKg: 0.9,
      composition: roseOil,
      freeShare: 0.5,
      releasePerMinute: 0.03,
      stop: { minutes: 240 },
      mlPerMin: 10.6,
      waterMl: 4000,
    }),
  );
  within(run.layer.oilG, 0.36);
  within(run.layer.visibleMl, 0.42);
  expect(run.layer.composition.phenethylAlcohol).toBeCloseTo(0.005, 3);
  within(run.layer.composition.citronellol!, 0.45);
  within(run.layer.composition.geraniol!, 0.2);
  within(run.potOilG, 0.4);
  within(run.oil.dissolvedG.p50, 0.018, 0.05);
});

test("worked example H: the same rose with its water kept", () => {
  const run = forecastRun(
    charge({
      method: "hydro",
      massG: 1000,
      mlPerKg: 0.9,
      composition: roseOil,
      freeShare: 0.5,
      releasePerMinute: 0.03,
      stop: { distillateMl: 1000 },
      waterMl: 4000,
    }),
  );
  within(inAll(run), 0.46);
  within(run.compounds.phenethylAlcohol!.distilledG, 0.2);
  within(run.potOilG, 0.11, 0.05);
});

test("worked example I: clove whose water returns leaves its whole oil in the arm", () => {
  const run = forecastRun(
    charge({
      method: "cohobation",
      massG: 100,
      mlPerKg: 150,
      composition: cloveOil,
      freeShare: 0.5,
      releasePerMinute: 0.012,
      stop: { minutes: 240 },
      mlPerMin: 10.6,
      waterMl: 1200,
    }),
  );
  within(run.layer.oilG, 15);
  within(run.layer.visibleMl, 14.3);
  within(run.layer.composition.eugenol!, 0.85);
  within(run.potOilG, 0.18, 0.08);
});

test("esters break in boiling water, a tenth as much over steam, and mole for mole into their alcohol", () => {
  const run = (method: "hydro" | "steam") => {
    const request = charge({
      method,
      massG: 500,
      mlPerKg: 10,
      composition: { linalylAcetate: 0.5, limonene: 0.5 },
      freeShare: 0.3,
      releasePerMinute: 0.01,
      stop: { minutes: 120 },
    });
    return forecastRun({
      ...request,
      material: { ...request.material, esterLossPerMinute: undefined },
    }).compounds;
  };
  const [water, over] = [run("hydro"), run("steam")];
  expect(water.linalool!.distilledG).toBeGreaterThan(4 * over.linalool!.distilledG);
  expect(water.linalylAcetate!.distilledG).toBeLessThan(over.linalylAcetate!.distilledG);
});

/* The order that analyses of timed cuts report: jars to so many litres a kilogram. */
const order: [plantId: string, jars: number[], rising: string[], falling: string[]][] = [
  ["lavender", [0.05, 0.3, 1], ["linalylAcetate", "caryophyllene"], ["linalool"]],
  ["thyme", [0.05, 0.3, 1], ["thymol"], ["pCymene"]],
  ["sweetfennel", [0.05, 0.3, 1], ["transAnethole"], ["fenchone"]],
  ["peppermint", [0.05, 0.3, 1], ["menthol"], ["cineole"]],
  ["clarysage", [0.05, 0.3, 1], ["germacreneD"], ["linalool"]],
  ["yarrow", [0.05, 0.3, 3], ["chamazulene"], ["betaPinene"]],
];

test.each(order)("%s: what comes first, and what last", (plantId, jars, rising, falling) => {
  const plant = plantById(plantId)!;
  const run = forecastRun({
    ...charge({
      method: "steam",
      massG: 1000,
      mlPerKg: 8,
      composition: plant.composition,
      freeShare: plant.freeShare,
      releasePerMinute: plant.releasePerMinute,
      stop: { perKg: jars.at(-1)! },
    }),
    cutsMl: jars.slice(0, -1).map((litres) => litres * 1000),
  });
  const share = (id: string) => run.cuts.map(({ composition: held }) => held[id]!);
  for (const id of rising) expect(share(id)[0]).toBeLessThan(share(id).at(-1)!);
  for (const id of falling) expect(share(id)[0]).toBeGreaterThan(share(id).at(-1)!);
});

test("crushed caraway gives its limonene first, whole seed its carvone", () => {
  const jars = (part: { freeShare: number; releasePerMinute: number; hydrodiffusion?: number }) =>
    forecastRun({
      ...charge({
        method: "hydro",
        massG: 1000,
        mlPerKg: 40,
        composition: plantById("caraway")!.composition,
        stop: { perKg: 6 },
        waterMl: 9000,
        mlPerMin: 15,
        ...part,
      }),
      cutsMl: [1000, 3000],
    }).cuts.map(({ composition: held }) => held);
  const crushed = jars({ freeShare: 0.5, releasePerMinute: 0.012 });
  expect(crushed[0]!.limonene).toBeGreaterThan(crushed[2]!.limonene!);
  const whole = jars({ freeShare: 0.1, releasePerMinute: 0.006, hydrodiffusion: 0.35 });
  expect(whole[0]!.carvone).toBeGreaterThan(whole[2]!.carvone!);
});

test("about 70 % of a flower's oil comes in the first third of its gentle run", () => {
  const gentle = { ...steam.still.heat, runPowerW: 2 * (82 + (10.7 / 60) * 2259) };
  const flower: ForecastRequest = {
    ...steam,
    still: { ...steam.still, heat: gentle },
    material: { plantId: "lavender" },
    stop: { minutes: 75 },
  };
  const run = forecastRun(flower);
  within(run.rateMlPerMin, 10.7);
  expect(oilAt(flower, 25) / inAll(run)).toBeCloseTo(0.73, 1);
});
