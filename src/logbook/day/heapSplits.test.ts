import { sampleDay } from "@/testing/sampleDay";
import { sampleStill } from "@/testing/sampleRecords";
import { emptyDraft } from "@/records/planDraft";
import type { DayHeap } from "@/records/day";
import type { Still } from "@/records/still";
import { catalogueBook } from "../plant/plantBook";
import { readyMadeStills } from "../still/readyMadeStills";
import { lengthOf } from "./dayTimes";
import { heapSplits, type HeapSplits } from "./heapSplits";

const [small, large] = readyMadeStills
  .slice(0, 2)
  .map((figures, i): Still => ({ ...sampleStill(), ...figures, id: `still-${i}` }));

function sharedOut(
  heap: Partial<DayHeap>,
  stills: Still[],
  air = { airC: 18, waterC: 14 },
): HeapSplits {
  const steps = heapSplits({
    day: sampleDay(),
    fromMin: 25,
    heap: { id: "heap", plantId: "lavender", state: "fresh", massG: 1500, ...heap },
    stills,
    runs: [],
    context: {
      stills,
      measures: [],
      book: catalogueBook,
      summaries: [],
      site: { altitudeM: 320, ...air, coolingInC: 14 },
    },
    draft: {
      ...emptyDraft("metric"),
      plantId: heap.plantId ?? "lavender",
      state: heap.state ?? "fresh",
    },
  });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

test("a heap is shared out as each still would have it, each charge on every still that takes as much", () => {
  const { splits, refused } = sharedOut({}, [small!, large!]);
  expect(refused).toEqual([]);
  expect(splits.map((split) => split.length).sort()).toEqual([1, 2]);
  expect(splits.flat().every(({ dueMin }) => dueMin === lengthOf(sampleDay()))).toBe(true);
  const whole = splits.find((split) => split.length === 1)![0]!;
  expect(Object.keys(whole.on)).toEqual(["still-1"]);
  const halves = splits.find((split) => split.length === 2)!;
  expect(Object.keys(halves[0]!.on).sort()).toEqual(["still-0", "still-1"]);
  expect(halves.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(1500);
  /* Gas draws nothing from the mains, an element all it has. */
  expect(halves[0]!.on["still-0"]!.watts).toBe(0);
  expect(halves[0]!.on["still-1"]!.watts).toBe(2000);
});

test("what is more than a day holds is refused as too many, not shared out", () => {
  expect(sharedOut({ massG: 100_000 }, [small!])).toEqual({
    splits: [],
    refused: [{ stillId: "still-0", why: "tooMany" }],
  });
});

test("one charge is the heap, several are numbered; each begins no earlier than the day may", () => {
  const { splits } = sharedOut({}, [small!, large!]);
  const named = splits.map((split) => split.map(({ id }) => id));
  expect(named).toContainEqual(["heap"]);
  expect(named).toContainEqual(["heap-1", "heap-2"]);
  expect(splits.flat().every(({ heapId, readyMin }) => heapId === "heap" && readyMin === 25)).toBe(
    true,
  );
  const takes = splits.flat()[0]!.on["still-0"]!;
  expect(takes.loadMin).toBe(15);
  expect(takes.heatMin).toBeGreaterThan(10);
  expect(takes.runMin).toBeGreaterThan(20);
  expect(Number.isInteger(takes.heatMin) && Number.isInteger(takes.runMin)).toBe(true);
});

test("a still that may not take it is refused with why, and takes no part in another's sharing", () => {
  const cold = { ...large!, heat: { ...large!.heat, powerW: 40 } };
  const { splits, refused } = sharedOut({ massG: 600 }, [small!, cold]);
  expect(refused).toEqual([{ stillId: "still-1", why: "stop" }]);
  expect(splits).toHaveLength(1);
  expect(Object.keys(splits[0]![0]!.on)).toEqual(["still-0"]);
  const nothing = sharedOut({ plantId: "no-such-plant" }, [small!]);
  expect(nothing).toEqual({ splits: [], refused: [{ stillId: "still-0", why: "cannot" }] });
});

test("what is cut loses by the hour as much as the stills' best charge has to lose", () => {
  const perHour = (heap: Partial<DayHeap>, stills = [small!]) =>
    sharedOut({ plantId: "rose", massG: 300, ...heap }, stills).splits[0]![0]!.lostPerHour;
  expect(perHour({})).toBeUndefined();
  const lost = perHour({ harvestId: "h-1" })!;
  expect(lost).toBeGreaterThan(0);
  expect(perHour({ harvestId: "h-1" }, [small!, large!])).toBeGreaterThanOrEqual(lost);
});

test("the ice that a lid needs is told to a tenth of a kilogram", () => {
  const bowl = readyMadeStills.find(({ condenser }) => condenser?.kind === "iceLid");
  const still: Still = { ...sampleStill(), ...bowl!, id: "bowl" };
  const { splits } = sharedOut({ massG: 300 }, [still], { airC: 34, waterC: 28 });
  const { iceKg } = splits[0]![0]!.on.bowl!;
  expect(iceKg).toBeGreaterThan(0.1);
  expect(Math.round(iceKg * 10) / 10).toBe(iceKg);
  expect(iceKg).toBeLessThan(60);
});
