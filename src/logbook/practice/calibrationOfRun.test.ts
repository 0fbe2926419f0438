import { minutesToHeat } from "@/core/still/heatUp";
import { latentHeat, waterHeatCapacity } from "@/core/water/properties";
import { boilingPointC } from "@/core/water/saturation";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { calibrationOfRun } from "./calibrationOfRun";

const truth = { efficiency: 0.45, lossWPerK: 1.8 };
const { request } = sampleRun().plan;
const { still, waterMl } = request!;

/** What is noted of a still of such figures that boils its water at a pressure, from cold to its drips. */
function noted(pressurePa: number, waterC: number, airC: number) {
  const boilC = boilingPointC(pressurePa);
  const powerW = truth.efficiency * still.heat.powerW;
  const netW = powerW - truth.lossWPerK * (boilC - airC);
  const capacityJPerK = waterMl * waterHeatCapacity + (still.vesselJPerK ?? 0);
  return {
    boils: minutesToHeat(
      { powerW, lossWPerK: truth.lossWPerK, capacityJPerK, airC },
      waterC,
      boilC,
    ),
    rate: (netW / latentHeat(boilC)) * 60,
  };
}

const pressurePa = 97_000;
const { boils, rate } = noted(pressurePa, 14, 16);
const jar = (minutes: number, part: object = { distillateMl: rate * minutes }) =>
  entryAt(boils + 5 + minutes, { type: "reading", ...part }, `r${minutes}`);
const log = [entryAt(0, { type: "lit" }), entryAt(boils, { type: "boiling" }), jar(3), jar(13)];
const found = (entries: Entry[], change: Partial<Run["plan"]> = {}) => {
  const run = sampleRun(entries);
  const asked = { ...request!, site: { pressurePa, waterC: 14, airC: 16 } };
  return calibrationOfRun({ ...run, plan: { ...run.plan, request: asked, ...change } });
};

test("a still's heat and losses follow from when it boiled and how it dripped, beside what the plan took", () => {
  const told = found(log)!;
  expect(told.efficiency).toBeCloseTo(truth.efficiency, 4);
  expect(told.lossWPerK).toBeCloseTo(truth.lossWPerK, 3);
  expect(told.plannedEfficiency).toBe(0.4);
  const own = { ...still, heat: { ...still.heat, efficiency: 0.52 } };
  const { heat: _, ...unknown } = { ...still, heat: undefined };
  expect(found(log, { request: { ...request!, still: own } })?.plannedEfficiency).toBe(0.52);
  const plate = { ...unknown, heat: { powerW: still.heat.powerW } };
  expect(found(log, { request: { ...request!, still: plate } })?.plannedEfficiency).toBe(0.6);
});

test("the first and the last reading of the jar tell the flow, whatever lies between and whatever else was read", () => {
  const told = found(log)!;
  expect(found([...log, jar(8, { distillateMl: 1 }), jar(20, { oilMl: 2 })])).toEqual(told);
});

test("without a word on the place, altitude and the usual air and tap are taken", () => {
  const usual = noted(101_325, 15, 18);
  const entries = [
    log[0]!,
    entryAt(usual.boils, { type: "boiling" }),
    ...[3, 13].map((minutes) =>
      entryAt(usual.boils + minutes, { type: "reading", distillateMl: usual.rate * minutes }),
    ),
  ];
  const { site: _, ...nowhere } = request!;
  const told = found(entries, { request: nowhere })!;
  expect(told.efficiency).toBeCloseTo(truth.efficiency, 4);
  expect(told.lossWPerK).toBeCloseTo(truth.lossWPerK, 3);
  /* Water boils sooner high up: there the same notes cannot be. */
  const high = { ...nowhere, site: { altitudeM: 1500 } };
  expect(found(entries, { request: high })).toBeUndefined();
});

const untold: Record<string, { entries: Entry[]; change?: Partial<Run["plan"]> }> = {
  "it was not lit": { entries: log.slice(1) },
  "nobody noted the boil": { entries: [log[0]!, ...log.slice(2)] },
  "the jar was read once": { entries: log.slice(0, 3) },
  "the jar was read twice at once": {
    entries: [...log.slice(0, 3), { ...jar(3), id: "again" }],
  },
  "the heat was changed": {
    entries: [...log, entryAt(boils + 9, { type: "heatChanged", powerW: 900 })],
  },
  "the plan has kept nothing of what it was asked": {
    entries: log,
    change: { request: undefined },
  },
  "the notes cannot be true together": { entries: [...log, jar(16, { distillateMl: 9000 })] },
};

test.each(Object.keys(untold))("nothing is told where %s", (why) => {
  const { entries, change } = untold[why]!;
  expect(found(entries, change)).toBeUndefined();
});
