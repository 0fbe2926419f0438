import { isCode } from "@/records/codes";
import { sampleRun } from "@/testing/sampleRecords";
import { lotsOfRun } from "./lotsOfRun";

const at = "2026-07-18T12:00:00Z";
const now = new Date(at);
const result = { at, oilMl: 4.2, hydrosolMl: 690, firstCutMl: 90, ph: 5.2, look: "pale" };

test("a run makes a lot of each product, with codes that are free", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now);
  expect(lots.map(({ product, volumeMl }) => [product, volumeMl])).toEqual([
    ["oil", 4.2],
    ["hydrosol", 600],
    ["hydrosol", 90],
  ]);
  const next = lotsOfRun({ ...sampleRun(), id: "run-b" }, result, lots, now);
  const codes = [...lots, ...next].map(({ code }) => code);
  expect(new Set(codes).size).toBe(6);
  expect(codes.every(isCode)).toBe(true);
});

test("measuring again keeps the codes and takes the new amounts", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now);
  const again = lotsOfRun(sampleRun(), { ...result, oilMl: 3.9 }, lots, now);
  expect(again.map(({ id, code }) => [id, code])).toEqual(lots.map(({ id, code }) => [id, code]));
  expect(again[0]).toMatchObject({ volumeMl: 3.9 });
});

test("measured in two places at once, each product has one id", () => {
  const here = lotsOfRun(sampleRun(), result, [], now);
  const there = lotsOfRun(sampleRun(), { ...result, oilMl: 4 }, [], now);
  expect(there.map(({ id }) => id)).toEqual(here.map(({ id }) => id));
});

test("jars whose oil was kept apart are lots of their own; an open oil is none", () => {
  const jars = [
    { volumeMl: 400, oilMl: 3 },
    { volumeMl: 300, oilMl: 1.5 },
  ];
  const lots = lotsOfRun(sampleRun(), { at, oilMl: 4.5, hydrosolMl: 700, jars }, [], now);
  expect(lots.map(({ product, jar, volumeMl }) => [product, jar?.number, volumeMl])).toEqual([
    ["oil", 1, 3],
    ["oil", 2, 1.5],
    ["hydrosol", 1, 400],
    ["hydrosol", 2, 300],
  ]);
  expect(lotsOfRun(sampleRun(), { at, hydrosolMl: 700 }, [], now)).toHaveLength(1);
});

test("no oil, no oil lot", () => {
  expect(lotsOfRun(sampleRun(), { at, oilMl: 0, hydrosolMl: 500 }, [], now)).toHaveLength(1);
});

test("pot liquor that was kept is a lot; emptied again it goes, and one put there by hand stays", () => {
  const kept = lotsOfRun(sampleRun(), { ...result, liquorMl: 800 }, [], now);
  const liquor = kept.find(({ product }) => product === "liquor")!;
  expect(liquor).toMatchObject({ volumeMl: 800, runIds: ["run-a"] });
  const byHand = { ...liquor, id: "by-hand", volumeMl: 250 };
  const again = lotsOfRun(sampleRun(), result, [...kept, byHand], now);
  expect(again.find(({ id }) => id === liquor.id)).toMatchObject({ volumeMl: 0 });
  expect(again.some(({ id }) => id === "by-hand")).toBe(false);
});

test("oil and hydrosol are told as each was seen and smelt; only a hydrosol has a pH", () => {
  const seen = {
    ...result,
    smell: "hay",
    hydrosolLook: "cloudy",
    hydrosolSmell: "rain",
    liquorMl: 50,
  };
  const [oil, hydrosol, first, liquor] = lotsOfRun(sampleRun(), seen, [], now);
  expect(oil).toMatchObject({ look: "pale", smell: "hay", madeOn: "2026-07-18" });
  expect(hydrosol).toMatchObject({ look: "cloudy", smell: "rain", ph: 5.2 });
  expect(first).toMatchObject({ firstCut: true, look: "cloudy", ph: 5.2 });
  for (const none of [oil, liquor]) expect(none).not.toHaveProperty("ph");
  for (const none of ["look", "smell"]) expect(liquor).not.toHaveProperty(none);
  const [plain, water] = lotsOfRun(sampleRun(), { ...result, ph: undefined, look: "" }, [], now);
  expect(plain).not.toHaveProperty("look");
  expect(plain).not.toHaveProperty("smell");
  expect(water).not.toHaveProperty("ph");
  expect(lotsOfRun(sampleRun(), result, [], now)[1]).toMatchObject({ look: "pale" });
});

test("where not each jar's oil was kept apart it is one lot; jars say from where to where they go", () => {
  const jars = [{ volumeMl: 400, oilMl: 3 }, { volumeMl: 300 }];
  const lots = lotsOfRun(sampleRun(), { at, oilMl: 4.5, hydrosolMl: 700, jars }, [], now);
  expect(lots.map(({ product, jar, volumeMl }) => [product, jar, volumeMl])).toEqual([
    ["oil", undefined, 4.5],
    ["hydrosol", { number: 1, fromMl: 0, toMl: 400 }, 400],
    ["hydrosol", { number: 2, fromMl: 400, toMl: 700 }, 300],
  ]);
  expect(new Set(lots.map(({ id }) => id)).size).toBe(3);
});

test("lots of several runs are theirs together, in whichever order they are named; a run's own are not theirs", () => {
  const alone = lotsOfRun(sampleRun(), result, [], now);
  const together = lotsOfRun(sampleRun(), result, alone, now, ["run-b", "run-a"]);
  expect(together.map(({ id }) => id)).not.toEqual(alone.map(({ id }) => id));
  expect(together[0]!.runIds).toEqual(["run-b", "run-a"]);
  const again = lotsOfRun(sampleRun(), result, [...alone, ...together], now, ["run-a", "run-b"]);
  expect(again.map(({ id }) => id)).toEqual(together.map(({ id }) => id));
  /* An id that is taken by what is not its own is left to that. */
  const taken = { ...alone[0]!, runIds: ["other"] };
  const free = lotsOfRun(sampleRun(), result, [taken], now);
  expect(free[0]!.id).not.toBe(taken.id);
  expect(free[0]).toMatchObject({ kind: "lot", plantId: "lavender" });
});

test("measured again, a lot says what the new measure says of it, and no more what that leaves out", () => {
  const first = lotsOfRun(sampleRun(), { ...result, ph: undefined, smell: "hay" }, [], now);
  const [oil, hydrosol] = lotsOfRun(sampleRun(), { ...result, look: undefined }, first, now);
  expect(hydrosol).toMatchObject({ id: first[1]!.id, ph: 5.2 });
  for (const each of [oil, hydrosol]) {
    expect(each).not.toHaveProperty("look");
    expect(each).not.toHaveProperty("smell");
  }
  const again = lotsOfRun(sampleRun(), { at, hydrosolMl: 600 }, [oil!, hydrosol!], now);
  expect(again.find(({ id }) => id === hydrosol!.id)).not.toHaveProperty("ph");
});

test("each product of a run, and of a pool whichever run is named first, has an id of its own", () => {
  const jars = [
    { volumeMl: 400, oilMl: 3 },
    { volumeMl: 300, oilMl: 1.5 },
  ];
  const cut = { ...result, liquorMl: 500 };
  const idsOf = (of: Parameters<typeof lotsOfRun>[1], runIds?: string[]) =>
    lotsOfRun(sampleRun(), of, [], now, runIds).map(({ id }) => id);
  for (const runIds of [undefined, ["run-b", "run-a"]])
    for (const [of, many] of [
      [cut, 4],
      [{ ...cut, jars }, 5],
    ] as const)
      expect(new Set(idsOf(of, runIds)).size).toBe(many);
  expect(idsOf(cut, ["run-b", "run-a"])).toEqual(idsOf(cut, ["run-a", "run-b"]));
});

test("liquor that was measured again keeps its lot; one that was put there by hand is left as it is", () => {
  const kept = lotsOfRun(sampleRun(), { ...result, liquorMl: 800 }, [], now);
  const liquor = kept.find(({ product }) => product === "liquor")!;
  const byHand = { ...liquor, id: "by-hand", volumeMl: 250 };
  const again = lotsOfRun(sampleRun(), { ...result, liquorMl: 700 }, [byHand, ...kept], now);
  expect(again.filter(({ product }) => product === "liquor")).toEqual([
    { ...liquor, volumeMl: 700 },
  ]);
  const beside = lotsOfRun(sampleRun(), { ...result, liquorMl: 700 }, [byHand], now);
  expect(beside.filter(({ product }) => product === "liquor").map(({ id }) => id)).toEqual([
    liquor.id,
  ]);
});

test("oil that was drawn off later, where each jar's was kept apart, is a lot without a jar", () => {
  const jars = [
    { volumeMl: 400, oilMl: 3.1 },
    { volumeMl: 300, oilMl: 1.5 },
  ];
  const at4 = { at, oilMl: 3.1 + 1.5, hydrosolMl: 700, jars };
  const first = lotsOfRun(sampleRun(), at4, [], now);
  expect(first.filter(({ product }) => product === "oil")).toHaveLength(2);
  const drawn = lotsOfRun(sampleRun(), { ...at4, oilMl: 4.9 }, first, now);
  const oils = drawn.filter(({ product }) => product === "oil");
  expect(oils.map(({ jar, volumeMl }) => [jar?.number, volumeMl])).toEqual([
    [1, 3.1],
    [2, 1.5],
    [undefined, 0.3],
  ]);
  expect(new Set(drawn.map(({ id }) => id)).size).toBe(5);
  /* Taken back, it is empty. */
  const back = lotsOfRun(sampleRun(), at4, drawn, now);
  expect(back.find(({ id }) => id === oils[2]!.id)).toMatchObject({ volumeMl: 0 });
});
