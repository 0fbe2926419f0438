import fc from "fast-check";
import { plantById, plants } from "../plant/catalogue";
import { compounds } from "../plant/compounds";
import { familyOf, noteFamilies } from "../plant/noteFamilies";
import type { ForecastRequest } from "../forecast/request";
import { notesOfRun } from "./notes";

const request = (plantId: string): ForecastRequest => ({
  method: plantById(plantId)!.preferredMethod,
  material: { plantId },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0.1,
  },
  waterMl: 6000,
  site: { altitudeM: 320 },
  stop: { perKg: 1 },
});

test("every compound of the book has its family", () => {
  for (const id of Object.keys(compounds)) expect(noteFamilies).toContain(familyOf[id]);
});

test("bands run through the whole distillate and their shares never exceed the whole", () => {
  for (const { id } of plants) {
    const { bands, distillateMl } = notesOfRun(request(id));
    expect(bands[0]!.fromMl).toBe(0);
    expect(bands.at(-1)!.toMl).toBeCloseTo(distillateMl, 6);
    for (const { shares } of bands) {
      const total = Object.values(shares).reduce((sum, share) => sum + share, 0);
      expect(total).toBeCloseTo(1, 6);
    }
  }
});

test("peppermint: cool first, mint all along; lavender ends woodier than it began", () => {
  const mint = notesOfRun(request("peppermint")).bands;
  expect(mint[0]!.shares.cool).toBeGreaterThan(2 * mint.at(-1)!.shares.cool);
  const lavender = notesOfRun(request("lavender")).bands;
  expect(lavender.at(-1)!.shares.wood).toBeGreaterThan(lavender[0]!.shares.wood);
});

test("usual cuts make three jars: 15, 60 and 25 % of the oil, each said to hold most of something", () => {
  const { jars, distillateMl } = notesOfRun(request("lavender"));
  expect(jars).toHaveLength(3);
  expect(jars.every(({ mostly }) => mostly.length > 0)).toBe(true);
  expect(jars.reduce((sum, { hydrosolMl }) => sum + hydrosolMl, 0)).toBeCloseTo(distillateMl, 6);
  expect(jars[1]!.oilMl).toBeGreaterThan(jars[0]!.oilMl);
  expect(jars[0]!.oilMl).toBeGreaterThan(0);
});

test("cuts at nothing, at all, out of order or none still give jars that fill the run", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -1, max: 2, noNaN: true }), { maxLength: 5 }), (cuts) => {
      const { jars, distillateMl } = notesOfRun(request("thyme"), cuts);
      expect(jars.length).toBeGreaterThan(0);
      expect(jars.at(-1)!.toMl).toBeCloseTo(distillateMl, 6);
    }),
    { numRuns: 40 },
  );
});

test("a still that never boils has no notes", () => {
  const cold = { ...request("lavender"), still: { heat: { powerW: 0 } } };
  expect(notesOfRun(cold)).toMatchObject({ distillateMl: 0, bands: [], jars: [] });
});
