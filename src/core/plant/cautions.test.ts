import { proseById } from "@/core/plant/catalogue/prose";
import { sisters } from "./catalogue/kinds";
import { caredFor } from "./catalogue/care";
import { plantById, plants } from "./catalogue";
import { cautions, type Caution } from "./cautions";
import { compounds } from "./compounds";

test("every plant that a caution, a maximum or a pH is told of is in the book, and codes are each one's own", () => {
  expect(caredFor.filter((id) => !plantById(id))).toEqual([]);
  expect(new Set(plants.map(({ code }) => code)).size).toBe(plants.length);
  expect(plants.length).toBeGreaterThanOrEqual(130);
});

test("each kind of caution is used, and none is told of a plant twice", () => {
  const used = plants.flatMap((plant) => plant.cautions);
  for (const caution of cautions) expect(used).toContain(caution);
  for (const plant of plants) expect(new Set(plant.cautions).size).toBe(plant.cautions.length);
});

test.each([
  ["pennyroyal", ["pregnancy", "cats", "dogs"]],
  ["hyssop", ["convulsant", "pregnancy"]],
  ["wormwood", ["convulsant", "pregnancy"]],
  ["tarragon", ["carcinogenic"]],
  ["eucalyptus", ["youngChildren", "cats"]],
  ["frankincense", ["oxidises", "overHarvested"]],
  ["lemonzest", ["phototoxic", "cats", "oxidises"]],
] as const)("%s warns of %j", (id, expected) => {
  expect(plantById(id)!.cautions).toEqual(expect.arrayContaining([...expected]));
});

test("every plant's and compound's note tells which kind of source its figures are from", () => {
  const kind = /handbook|pharmacopoeia|standard|review|estimate/i;
  for (const { id } of plants) expect(`${id}: ${proseById(id).source}`).toMatch(kind);
  /* Each its own, kinds of one plant too. */
  expect(new Set(plants.map(({ id }) => proseById(id).source)).size).toBe(plants.length);
  for (const { id, source } of Object.values(compounds)) expect(`${id}: ${source}`).toMatch(kind);
});

/* What a text that warns of something is known by. */
const told: Partial<Record<Caution, RegExp>> = {
  pregnancy: /pregnan/i,
  youngChildren: /child|infant/i,
  convulsant: /epilep|nerve poison|bring on a fit/i,
  asthma: /asthma/i,
  phototoxic: /\bsun\b/i,
  lookAlike: /be sure (it|of it)|look alike/i,
  liver: /liver/i,
  carcinogenic: /tumour/i,
};

test("what the text of a hazard warns of, its tags warn of too", () => {
  for (const { id, hazards, cautions: tags } of plants)
    for (const [caution, pattern] of Object.entries(told))
      if (hazards.some((text) => pattern.test(text))) expect([id, ...tags]).toContain(caution);
});

test("a kind of a plant is warned of all that its sister is, and may only add", () => {
  for (const [kind, sister] of Object.entries(sisters))
    expect(plantById(kind)!.cautions).toEqual(
      expect.arrayContaining([...plantById(sister)!.cautions]),
    );
  expect(plantById("wormwoodchrysanthenyl")!.cautions).toContain("convulsant");
});
