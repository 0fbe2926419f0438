import fc from "fast-check";
import { plantById, plants } from "../plant/catalogue";
import { compounds } from "../plant/compounds";
import { densityBand, refractiveBand } from "./bands";
import { compoundNamed, readChromatogram } from "./chromatogram";
import { judgeIdentity, type Measured } from "./identity";
import { freezingBands, rotationBands } from "./rotations";

const judge = (id: string, measured: Measured) =>
  judgeIdentity(id, plantById(id)!.composition, measured);

/* Usual figures of standards for the trade oil. */
test.each([
  ["lavender", { densityGPerMl: 0.884, refractiveIndex: 1.461, rotationDeg: -9 }],
  ["peppermint", { densityGPerMl: 0.905, refractiveIndex: 1.461, rotationDeg: -22 }],
  ["orangezest", { densityGPerMl: 0.845, refractiveIndex: 1.473, rotationDeg: 97 }],
  ["anise", { densityGPerMl: 0.984, refractiveIndex: 1.556, freezingC: 17 }],
])("%s with its usual figures is as it should be", (id, measured) => {
  expect(judge(id, measured)).toMatchObject({ verdict: "asItShould", could: [], sharesOff: [] });
});

test.each([
  ["spirit in it", "lavender", { densityGPerMl: 0.86, refractiveIndex: 1.42 }, "spirit"],
  ["water in it", "lavender", { densityGPerMl: 0.93, refractiveIndex: 1.455 }, "waterIn"],
  ["old", "orangezest", { densityGPerMl: 0.88, refractiveIndex: 1.487 }, "oxidised"],
  ["another lavender", "lavender", { rotationDeg: 3 }, "otherKind"],
  ["no anise", "anise", { freezingC: 5 }, "otherKind"],
  [
    "let down with olive oil",
    "lavender",
    { densityGPerMl: 0.914, refractiveIndex: 1.4675, rotationDeg: -1 },
    "carrierOil",
  ],
  ["terpenes added", "peppermint", { densityGPerMl: 0.87, refractiveIndex: 1.469 }, "terpenes"],
  ["smells otherwise", "rose", { smell: "other" as const }, "otherKind"],
] as const)("%s is called out", (_, id, measured, could) => {
  const found = judge(id, measured);
  expect(found.verdict).toBe("out");
  expect(found.could).toContain(could);
});

test("a figure read warm is brought to 20 degrees; unsaid it is the first thing to ask", () => {
  const [low] = densityBand(plantById("lavender")!.composition);
  const warm = { densityGPerMl: low - 0.004 };
  expect(judge("lavender", warm).could).toContain("measuredWarm");
  expect(judge("lavender", { ...warm, measuredAtC: 30 }).verdict).toBe("asItShould");
});

test("a smell alone settles nothing, nor does nothing", () => {
  expect(judge("lavender", { smell: "same" }).verdict).toBe("tooLittle");
  expect(judge("lavender", {}).verdict).toBe("tooLittle");
});

test("the middle of a plant's own bands is never called out, for any plant", () => {
  fc.assert(
    fc.property(fc.constantFrom(...plants), ({ id, composition }) => {
      const middle = ([low, high]: readonly [number, number]) => (low + high) / 2;
      const found = judgeIdentity(id, composition, {
        densityGPerMl: middle(densityBand(composition)),
        refractiveIndex: middle(refractiveBand(composition)),
        shares: composition,
        ...(rotationBands[id] ? { rotationDeg: middle(rotationBands[id]) } : {}),
        ...(freezingBands[id] ? { freezingC: middle(freezingBands[id]) } : {}),
      });
      expect([id, found.verdict]).toEqual([id, "asItShould"]);
    }),
  );
});

test("every plant that a rotation or a freezing point is told of is in the book", () => {
  for (const id of Object.keys({ ...rotationBands, ...freezingBands }))
    expect(plantById(id)?.id).toBe(id);
});

test.each([
  ["(-)-β-Pinene", "betaPinene"],
  ["beta-Pinene", "betaPinene"],
  ["D-Limonene", "limonene"],
  ["Eucalyptol", "cineole"],
  ["1,8-Cineole", "cineole"],
  ["Methyl chavicol", "estragole"],
  ["(E)-Anethole", "transAnethole"],
  ["p-Cymene", "pCymene"],
  ["Terpinen-4-ol", "terpinen4ol"],
  ["trans-Caryophyllene", "caryophyllene"],
  ["Caryophyllene", "caryophyllene"],
  ["Neral", "geranial"],
  ["Pinene", undefined],
  ["Unknown 12.3", undefined],
])("a laboratory's %s is %s", (name, id) => {
  expect(compoundNamed(name)).toBe(id);
});

test("every compound of the book is found by its own name", () => {
  for (const { id, name } of Object.values(compounds))
    expect([name, compoundNamed(name)]).toEqual([name, id]);
});

test("peaks of one compound are added, what is not known is kept apart, too much is refused", () => {
  const read = readChromatogram([
    { name: "Neral", percent: 30 },
    { name: "Geranial", percent: 40 },
    { name: "Limonene", percent: 5 },
    { name: "Peak 17", percent: 2 },
  ]);
  expect(read.composition).toEqual({ geranial: expect.closeTo(0.7, 9), limonene: 0.05 });
  expect(read.unmatched).toEqual([{ name: "Peak 17", percent: 2 }]);
  expect(() => readChromatogram([{ name: "Peak 1", percent: 3 }])).toThrow(/No line names/);
  expect(() =>
    readChromatogram([
      { name: "Linalool", percent: 90 },
      { name: "Limonene", percent: 40 },
    ]),
  ).toThrow(/130 %/);
});

test("a chromatogram of another oil is out, and its marks are named, the farthest first", () => {
  const found = judge("lavender", { shares: { cineole: 0.68, alphaPinene: 0.1, limonene: 0.05 } });
  expect(found.verdict).toBe("out");
  expect(found.sharesOff[0]).toMatchObject({ compound: "cineole", measured: 0.68 });
  expect(found.sharesOff.map(({ compound }) => compound)).toEqual(
    expect.arrayContaining(["linalool", "linalylAcetate"]),
  );
  const old = { ...plantById("lavender")!.composition, caryophylleneOxide: 0.06 };
  expect(judge("lavender", { shares: old })).toMatchObject({ verdict: "out", could: ["oxidised"] });
});
