import { plantById } from "../plant/catalogue";
import type { StillFigures } from "../still/stillFigures";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";

const still: StillFigures = {
  shape: {
    construction: "basketPot",
    potVolumeMl: 25000,
    potDiameterMm: 300,
    basket: { floorMm: 125, volumeMl: 14500, diameterMm: 285 },
    dryLineMl: 1000,
  },
  metal: "stainless",
  emptyMassG: 8000,
  heat: { kind: "element", powerW: 6000 },
  holdUpMl: 0.3,
};

const input = (part: Partial<StillFigures>): PlanInput => ({
  still: { ...still, ...part },
  plant: plantById("lavender")!,
  state: "fresh",
  massG: 1500,
  method: "steam",
  stop: { minutes: 40 },
  pace: "brisk",
  site: { altitudeM: 320, airC: 18, waterC: 14, coolingInC: 14 },
  condenser: { kind: "tap", riseK: 25 },
});

const warned = (part: Partial<StillFigures>) =>
  planCharges(input(part)).warnings.find(({ code }) => code === "beyondCondenser");

test("a tube that takes less than the heat drives is named with what it takes; a longer one is not", () => {
  const short = warned({ tube: { lengthMm: 1500, diameterMm: 20 } });
  expect(short).toMatchObject({ by: "cooling", change: { pace: "gentle" } });
  expect(warned({ tube: { lengthMm: 9000, diameterMm: 20 } })).toBeUndefined();
  expect(warned({})).toBeUndefined();
});

test("a narrow tube is named for its speed, however long it is", () => {
  expect(warned({ tube: { lengthMm: 20000, diameterMm: 8 } })).toMatchObject({ by: "speed" });
});

test("a pot that locks is planned only once somebody has said that nothing shuts it", () => {
  const shape = { ...still.shape, construction: "pressurePot" as const };
  const stops = (part: Partial<StillFigures>) =>
    planCharges(input({ shape, ...part })).warnings.filter(({ code }) => code === "shutPot");
  expect(stops({})).toEqual([{ code: "shutPot", severity: "error" }]);
  expect(stops({ ventsFreely: true })).toEqual([]);
});

test("what the outlet showed before counts where no tube was measured, or takes less than the tube should", () => {
  const seen = (warmedAtMlPerMin: number, part: Partial<StillFigures> = {}) =>
    planCharges({ ...input(part), warmedAtMlPerMin }).warnings.find(
      ({ code }) => code === "beyondCondenser",
    );
  expect(seen(20)).toMatchObject({ by: "seen", mostMlPerMin: 20, severity: "caution" });
  expect(seen(500)).toBeUndefined();
  expect(seen(20, { tube: { lengthMm: 9000, diameterMm: 20 } })).toMatchObject({ by: "seen" });
});
