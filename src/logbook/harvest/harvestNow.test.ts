import fc from "fast-check";
import { defaultPreferences } from "@/records/setting";
import { emptyDraft } from "@/records/planDraft";
import { sampleHarvest } from "@/testing/sampleShelf";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { planCharges } from "@/core/plan/planCharges";
import { readDraft } from "../plan/readDraft";
import { catalogueBook } from "../plant/plantBook";
import { harvestLeftG } from "./harvestLeft";
import { harvestDraft } from "./harvestDraft";
import { harvestNow, percentText } from "./harvestNow";

const harvest = sampleHarvest({
  weighings: [
    { at: "2026-06-02T06:00:00.000Z", massG: 1000 },
    { at: "2026-06-01T16:00:00.000Z", massG: 1500 },
  ],
});

test("weighings in any order tell how it dried, and what it has become", () => {
  const { curve, moisture, state } = harvestNow(harvest, [], catalogueBook);
  expect(curve.map(({ massG }) => massG)).toEqual([2000, 1500, 1000]);
  expect(moisture).toBeCloseTo(0.6);
  expect(state).toBe("wilted");
  const dry = { ...harvest, weighings: [{ at: "2026-06-09T06:00:00.000Z", massG: 440 }] };
  expect(harvestNow(dry, [], catalogueBook).state).toBe("dried");
  expect(harvestNow({ ...harvest, weighings: [] }, [], catalogueBook).state).toBe("fresh");
});

test("what goes into a still is no water lost: half charged as it was cut leaves the other half's water as it was", () => {
  const half = {
    ...sampleRun(),
    harvestId: "harvest-a",
    createdAt: "2026-06-01T12:00:00.000Z",
  };
  const fresh = harvestNow({ ...harvest, weighings: [] }, [], catalogueBook).firstMoisture;
  half.plan = { ...half.plan, chargeG: 1000, moisture: fresh };
  const weighed = { ...harvest, weighings: [{ at: "2026-06-01T13:00:00.000Z", massG: 1000 }] };
  const now = harvestNow(weighed, [half], catalogueBook);
  expect(now.moisture).toBeCloseTo(fresh, 9);
  expect(now.state).toBe("fresh");
  expect(harvestNow(weighed, [], catalogueBook).moisture).toBeLessThan(fresh);
});

test("however a harvest is shared, weighed and picked over, its dry matter is what was cut, no more and no less", () => {
  const step = fc.oneof(
    fc.record({
      kind: fc.constant("charge" as const),
      share: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant("away" as const),
      share: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant("dries" as const),
      share: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
    }),
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
      let told = sampleHarvest({ weighings: [], takenAway: [] });
      const runs: ReturnType<typeof sampleRun>[] = [];
      let goneDryG = 0;
      steps.forEach(({ kind, share }, i) => {
        const at = new Date(Date.parse("2026-06-01T12:00:00.000Z") + i * 3600000).toISOString();
        const before = harvestNow(told, runs, catalogueBook);
        const gone = before.massG * share;
        if (kind === "dries") {
          /* Only water goes: never below what is dry. */
          const massG = before.massG - (before.massG - before.dry.leftG) * share;
          told = { ...told, weighings: [...told.weighings!, { at, massG }] };
          return;
        }
        goneDryG += gone * (1 - before.moisture);
        if (kind === "away")
          told = { ...told, takenAway: [...told.takenAway!, { at, what: "stems", massG: gone }] };
        else {
          const run = sampleRun([], `run-${i}`);
          const plan = { ...run.plan, chargeG: gone, moisture: before.moisture };
          runs.push({ ...run, harvestId: told.id, createdAt: at, plan });
        }
      });
      const now = harvestNow(told, runs, catalogueBook);
      expect(now.dry.leftG + goneDryG).toBeCloseTo(now.dry.firstG, 6);
      expect(now.massG * (1 - now.moisture)).toBeCloseTo(now.dry.leftG, 6);
      expect(now.overG).toBe(0);
      const { massG } = now;
      const left = harvestLeftG(told, runs);
      expect(left === 0 || Math.abs(left - massG) < 1e-6).toBe(true);
    }),
    { numRuns: 200 },
  );
});

test("more charged than was cut is told, not hidden below nothing", () => {
  const run = { ...sampleRun(), harvestId: "harvest-a", createdAt: "2026-06-01T12:00:00.000Z" };
  run.plan = { ...run.plan, chargeG: 2500 };
  const now = harvestNow({ ...harvest, weighings: [] }, [run], catalogueBook);
  expect(now).toMatchObject({ massG: 0, overG: 500 });
});

test("what is left is what lay there at the last weighing, less the charges since", () => {
  const before = { ...sampleRun(), harvestId: "harvest-a", createdAt: "2026-06-01T12:00:00.000Z" };
  const after = { ...before, id: "run-b", createdAt: "2026-06-02T08:00:00.000Z" };
  expect(harvestLeftG(harvest, [before])).toBe(1000);
  expect(harvestLeftG(harvest, [before, after])).toBe(1000 - after.plan.chargeG);
});

test("one cut is planned for the same oil, however wet it is weighed", () => {
  const { site, units } = defaultPreferences();
  const context = {
    stills: [sampleStill()],
    measures: [],
    book: catalogueBook,
    summaries: [],
    site,
  };
  const usual = catalogueBook.byId("lavender")!.states.fresh!.moisture;
  const oilOf = (massG: number, moistureText: string) => {
    const { input } = readDraft(
      {
        ...emptyDraft(units),
        plantId: "lavender",
        state: "fresh",
        massText: String(massG),
        massUnit: "g",
        stopBy: "clock",
        minutesText: "60",
        moistureText,
      },
      context,
    );
    const { material } = planCharges(input!).request;
    const { low = 0 } = "oilMlPerKg" in material ? material.oilMlPerKg : {};
    return (massG / 1000) * low;
  };
  fc.assert(
    fc.property(fc.double({ min: 10, max: 80, noNaN: true }), (percent) => {
      const text = String(Number(percent.toPrecision(6)));
      const now = (400 * (1 - usual)) / (1 - Number(text) / 100);
      expect(oilOf(now, text)).toBeCloseTo(oilOf(400, ""), 6);
    }),
    { numRuns: 40 },
  );
});

test("a plant without figures for what it has become is planned as it was cut, with the water it has now", () => {
  const pine = sampleHarvest({
    plantId: "elderflower",
    weighings: [{ at: "2026-06-02T06:00:00.000Z", massG: 1200 }],
  });
  expect(catalogueBook.byId("elderflower")!.states.wilted).toBeUndefined();
  const { moisture } = harvestNow(pine, [], catalogueBook);
  expect(harvestDraft(pine, 1200, [], catalogueBook)).toMatchObject({
    state: "fresh",
    massText: "1200",
    moistureText: percentText(moisture),
  });
});

test("hours count from the cut, whichever of its signs came first; a weighing before it is at its beginning", () => {
  const cut = sampleHarvest({ cutOn: "2026-06-01", createdAt: "2026-06-01T08:00:00.000Z" });
  const hoursOf = (part: Partial<typeof cut>) =>
    harvestNow({ ...cut, ...part }, [], catalogueBook).curve.map(({ hours }) => hours);
  const weighedAt = (...ats: string[]) => ({ weighings: ats.map((at) => ({ at, massG: 1500 })) });
  expect(hoursOf(weighedAt("2026-06-01T10:30:00.000Z"))).toEqual([0, 2.5]);
  /* Noted the day after: it was cut by midnight at the latest. */
  const late = { createdAt: "2026-06-03T00:00:00.000Z" };
  const midnight = new Date("2026-06-02T00:00:00").getTime();
  const sixAfter = new Date(midnight + 6 * 3600000).toISOString();
  expect(hoursOf({ ...late, ...weighedAt(sixAfter) })).toEqual([0, 6]);
  const early = "2026-05-31T22:00:00.000Z";
  expect(hoursOf({ ...late, ...weighedAt(early, "2026-06-01T00:00:00.000Z") })).toEqual([0, 0, 2]);
});

test("wilted is a tenth of its water lost, dry below a quarter; what was cut dry does not wilt", () => {
  const weighed = (massG: number, part = {}) =>
    harvestNow(
      sampleHarvest({ ...part, weighings: [{ at: "2026-06-02T06:00:00.000Z", massG }] }),
      [],
      catalogueBook,
    ).state;
  /* 400 g are dry: at 0.72 of water, nine tenths of 0.8, they weigh 1,428.6 g; at a quarter 533.3 g. */
  expect(weighed(1430)).toBe("fresh");
  expect(weighed(1427)).toBe("wilted");
  expect(weighed(534)).toBe("wilted");
  expect(weighed(533)).toBe("dried");
  expect(weighed(1000, { state: "wilted" })).toBe("wilted");
  expect(weighed(1900, { state: "dried", moisture: 0.5 })).toBe("dried");
});

test("of a plant that the book lacks the water is a middling herb's", () => {
  const unknown = sampleHarvest({ plantId: "nobody-knows", moisture: undefined });
  expect(harvestNow(unknown, [], catalogueBook).firstMoisture).toBe(0.75);
  const odd = sampleHarvest({ plantId: "elderflower", state: "dried", moisture: undefined });
  const told = catalogueBook.byId("elderflower")!.states.dried?.moisture ?? 0.75;
  expect(harvestNow(odd, [], catalogueBook).firstMoisture).toBe(told);
});

test("a plan takes the water that was measured, else leaves it to the book", () => {
  const draftOf = (part: Parameters<typeof sampleHarvest>[0]) =>
    harvestDraft(sampleHarvest(part), 800, [], catalogueBook);
  expect(draftOf({ moisture: undefined })).toEqual({
    harvestId: "harvest-a",
    plantId: "clarysage",
    state: "fresh",
    moistureText: "",
    massBy: "scale",
    massText: "800",
    massUnit: "g",
  });
  expect(draftOf({ moisture: 0.8123 }).moistureText).toBe("81.2");
  const weighed = { weighings: [{ at: "2026-06-02T06:00:00.000Z", massG: 1000 }] };
  expect(draftOf({ moisture: undefined, ...weighed }).moistureText).not.toBe("");
  expect(draftOf(weighed)).toMatchObject({ state: "wilted", moistureText: "60" });
});
