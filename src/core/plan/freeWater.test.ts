import type { StillFigures } from "../still/stillFigures";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";
import { plantById } from "../plant/catalogue";
import { stillTakes, weightOfVolume } from "./stillTakes";

const flask: StillFigures = {
  shape: { construction: "flask", potVolumeMl: 2000, potDiameterMm: 156, dryLineMl: 250 },
  metal: "glass",
  emptyMassG: 900,
  heat: { kind: "plate", powerW: 1000 },
  holdUpMl: 0.1,
};
const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
const input = (part: Partial<PlanInput> & { plant: PlanInput["plant"] }): PlanInput => ({
  still: flask,
  state: "dried",
  massG: 300,
  method: "hydro",
  stop: { minutes: 60 },
  site,
  ...part,
});
const dry = (plan: ReturnType<typeof planCharges>) =>
  plan.warnings.find(({ code }) => code === "dryBeforeStop");

test("whole caraway that drinks the flask to its floor is a stop, with more water or less plant as the way out", () => {
  const plant = plantById("caraway")!;
  const asked = input({ plant, massG: 250, charges: 1, waterMl: 740, stop: { minutes: 24 } });
  const warning = dry(planCharges(asked));
  expect(warning).toMatchObject({ severity: "error", other: { charges: 2 } });
  const { change, other } = warning as Extract<typeof warning, { other?: unknown }>;
  expect(change?.minutes).toBeGreaterThan(10);
  expect(dry(planCharges({ ...asked, stop: { minutes: change!.minutes! } }))).toBeUndefined();
  expect(
    dry(planCharges({ ...asked, charges: other!.charges, waterMl: undefined })),
  ).toBeUndefined();
  expect(dry(planCharges({ ...asked, charges: 1, massG: 60 }))).toBeUndefined();
});

test("vetiver that soaks up more than there is, with the water flowing back, is a stop too: never dry is not nought minutes", () => {
  const plant = plantById("vetiver")!;
  const still = { ...flask, shape: { ...flask.shape, construction: "cohobating" as const } };
  const asked = input({
    plant,
    still,
    method: "cohobation",
    massG: 300,
    charges: 1,
    waterMl: 700,
    stop: { minutes: 720 },
  });
  expect(dry(planCharges(asked))).toMatchObject({ severity: "error", soaks: true });
  const enough = planCharges({ ...asked, massG: 100, waterMl: 900 });
  expect(dry(enough)).toBeUndefined();
  expect(enough.forecast.minutesToDryLine).toBeNull();
});

test("fresh plant brings its own water: it soaks up none", () => {
  const plan = planCharges(
    input({
      plant: plantById("lavender")!,
      state: "fresh",
      massG: 200,
      waterMl: 800,
      stop: { minutes: 10 },
    }),
  );
  expect(dry(plan)).toBeUndefined();
});

test("a full still and a heap in cups weigh what the packing makes of them, with a range; a weighed one is known better", () => {
  const asked = input({ plant: plantById("lavender")!, state: "fresh" });
  const book = weightOfVolume(1000, asked);
  expect(book.high / book.low).toBeCloseTo(1.3 / 0.7, 6);
  const own = weightOfVolume(1000, { ...asked, ownFill: { packingGPerL: 90 } });
  expect(own).toMatchObject({ massG: 90 });
  expect(own.high / own.low).toBeCloseTo(1.1 / 0.9, 6);
  expect(planCharges({ ...asked, massG: stillTakes(asked).massG }).charges).toBe(1);
});
