import type { AnyRecord } from "@/records/record";
import { measuredRun, sampleRun } from "@/testing/sampleRecords";
import { sampleBottle, sampleHarvest, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { leftOfLot, partsOf, shelfOf, traceCode } from "./trace";

const run = measuredRun("run-a", 7, 4, { harvestId: "harvest-a" });
const second = measuredRun("run-b", 8, 6);
const records: AnyRecord[] = [
  sampleHarvest({ plantId: "lavender", cutOn: "2026-05-03" }),
  run,
  second,
  sampleRun([], "stranger"),
  sampleLot("a", { runIds: ["run-a"], code: "K7Q-4MX", volumeMl: 40 }),
  sampleLot("both", { runIds: ["run-a", "run-b"], code: "P3D-9TR", volumeMl: 10 }),
  sampleLot("water", { runIds: ["run-a", "run-b"], product: "hydrosol", code: "W4H-2KN" }),
  sampleLot("bin", { code: "B8N-6XY", deletedAt: "2026-06-01T08:00:00.000Z" }),
  sampleBottle("a1", "a", 30, { code: "M5J-8VC" }),
  sampleBottle("b1", "both", 5),
  sampleUse("sold", {
    bottleId: "a1",
    amountMl: 0.1,
    way: "sold",
    to: "a shop",
    at: "2026-06-02T08:00:00.000Z",
  }),
  sampleUse("soap", { bottleId: "a1", amountMl: 0.2 }),
  sampleUse("spilt", { lotId: "a", amountMl: 3, way: "lost" }),
  sampleUse("not-here", { bottleId: "b1", amountMl: 1 }),
];
const shelf = shelfOf(records);

test("a bottle's line begins at its lot and goes back to run and harvest, each with what passed", () => {
  const line = traceCode("M5J-8VC", shelf)!;
  expect(line).toMatchObject({
    code: "M5J-8VC",
    kind: "bottle",
    id: "a1",
    product: "oil",
    plantId: "lavender",
    volumeMl: 30,
    leftMl: 29.7,
  });
  expect(line.ancestors).toEqual([
    {
      kind: "lot",
      id: "a",
      via: "a1",
      code: "K7Q-4MX",
      plantId: "lavender",
      volumeMl: 30,
      leftMl: 36.7,
      on: "2026-05-04",
    },
    {
      kind: "run",
      id: "run-a",
      via: "a",
      number: 7,
      plantId: "lavender",
      volumeMl: 40,
      on: "2026-05-04",
    },
    {
      kind: "harvest",
      id: "harvest-a",
      via: "run-a",
      plantId: "lavender",
      massG: run.plan.chargeG,
      on: "2026-05-03",
    },
  ]);
  expect(line.descendants).toEqual([
    {
      kind: "use",
      id: "sold",
      via: "a1",
      volumeMl: 0.1,
      purpose: "soap",
      on: "2026-06-02T08:00:00.000Z",
      way: "sold",
      to: "a shop",
    },
    {
      kind: "use",
      id: "soap",
      via: "a1",
      volumeMl: 0.2,
      purpose: "soap",
      on: "2026-06-01T06:00:00.000Z",
    },
  ]);
});

test("a lot's line goes on into its bottles and what was taken of it in none", () => {
  const line = traceCode("K7Q-4MX", shelf)!;
  expect(line).toMatchObject({ kind: "lot", id: "a", volumeMl: 40, leftMl: 36.7 });
  expect(line.descendants.map(({ id, via, volumeMl }) => [id, via, volumeMl])).toEqual([
    ["a1", "a", 30],
    ["sold", "a1", 0.1],
    ["soap", "a1", 0.2],
    ["spilt", "a", 3],
  ]);
  expect(line.descendants[0]).toEqual({
    kind: "bottle",
    id: "a1",
    via: "a",
    code: "M5J-8VC",
    volumeMl: 30,
    leftMl: 29.7,
  });
});

test("of several runs each gave what it measured: oil to an oil, hydrosol to a water", () => {
  const volumes = (code: string) =>
    traceCode(code, shelf)!
      .ancestors.filter(({ kind }) => kind === "run")
      .map(({ volumeMl }) => volumeMl);
  expect(volumes("P3D-9TR")).toEqual([4, 6]);
  expect(volumes("W4H-2KN")).toEqual([500, 500]);
  const unmeasured = shelfOf([
    sampleRun([], "x"),
    sampleRun([], "y"),
    sampleLot("of-both", { runIds: ["x", "y"] }),
  ]);
  expect(traceCode("code-of-both", unmeasured)!.ancestors.map(({ volumeMl }) => volumeMl)).toEqual([
    0, 0,
  ]);
});

test("what lies in the bin, or a bottle without its lot, has no line", () => {
  expect(traceCode("B8N-6XY", shelf)).toBeUndefined();
  const orphan = shelfOf([sampleBottle("o", "gone", 5, { code: "R2T-7LP" })]);
  expect(traceCode("R2T-7LP", orphan)).toBeUndefined();
});

test("what is left of a lot is in its bottles and in none; parts of a blend are those that name it", () => {
  const [lot] = shelf.lots;
  expect(leftOfLot(lot!, shelf)).toBeCloseTo(29.7 + 7, 9);
  const blended = shelfOf([
    ...records,
    sampleLot("mix", { origin: "blend", volumeMl: 2 }),
    sampleUse("p1", { bottleId: "a1", amountMl: 1, way: "blended", intoLotId: "mix" }),
    sampleUse("p2", { lotId: "both", amountMl: 1, way: "blended", intoLotId: "mix" }),
    sampleUse("p3", { lotId: "gone", amountMl: 1, way: "blended", intoLotId: "mix" }),
  ]);
  expect(partsOf("mix", blended).map(({ lot: { id }, use }) => [id, use.id])).toEqual([
    ["a", "p1"],
    ["both", "p2"],
  ]);
  expect(partsOf("a", blended)).toEqual([]);
});

test("a blend of which two parts are of one lot follows that lot once", () => {
  const twice = shelfOf([
    ...records,
    sampleLot("mix", { origin: "blend", volumeMl: 2, code: "X6F-3GH" }),
    sampleUse("p1", { bottleId: "a1", amountMl: 1, way: "blended", intoLotId: "mix" }),
    sampleUse("p2", { lotId: "a", amountMl: 1, way: "blended", intoLotId: "mix" }),
  ]);
  const { ancestors } = traceCode("X6F-3GH", twice)!;
  expect(ancestors.map(({ kind }) => kind)).toEqual(["lot", "run", "harvest", "lot"]);
  expect(ancestors.map(({ via }) => via)).toEqual(["mix", "a", "run-a", "mix"]);
  const { descendants } = traceCode("K7Q-4MX", twice)!;
  expect(descendants.filter(({ id }) => id === "mix").map(({ via }) => via)).toEqual(["p1", "p2"]);
});
