import { caredFor } from "./catalogue/care";
import { plantById, plants } from "./catalogue";
import { cautions, mostOnSkin, mostOnSkinOf } from "./cautions";
import { compounds } from "./compounds";

test("every plant that a caution, a maximum or a pH is told of is in the book, and codes are each one's own", () => {
  expect(caredFor.filter((id) => !plantById(id))).toEqual([]);
  expect(new Set(plants.map(({ code }) => code)).size).toBe(plants.length);
  expect(plants.length).toBeGreaterThanOrEqual(90);
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

test("most on skin: the stricter of the plant's and the usual for whose skin it is; some never", () => {
  expect(mostOnSkin(plantById("cinnamonbark")!, "body")).toBe(0.07);
  expect(mostOnSkin(plantById("lavender")!, "body")).toBe(2);
  expect(mostOnSkin(plantById("peppermint")!, "face")).toBe(1);
  expect(mostOnSkin(plantById("teatree")!, "child")).toBe(1);
  expect(mostOnSkin(plantById("pennyroyal")!, "body")).toBe(0);
});

test("every plant's and compound's note tells which kind of source its figures are from", () => {
  const kind = /handbook|pharmacopoeia|review|estimate|judgement|family|survey/i;
  for (const { id, source } of plants) expect(`${id}: ${source}`).toMatch(kind);
  for (const { id, source } of Object.values(compounds)) expect(`${id}: ${source}`).toMatch(kind);
});

test("what is not for young children, or brings on fits, is none at all on a child's skin, alone and in a blend", () => {
  const strict = plants.filter(({ cautions: told }) =>
    told.some((caution) => caution === "youngChildren" || caution === "convulsant"),
  );
  expect(strict.map(({ id }) => id)).toEqual(
    expect.arrayContaining(["peppermint", "rosemarycamphor", "wintergreen"]),
  );
  for (const care of strict) {
    expect(mostOnSkin(care, "child")).toBe(0);
    expect(
      mostOnSkinOf(
        [
          { care, share: 0.01 },
          { care: plantById("lavender")!, share: 0.99 },
        ],
        "child",
      ),
    ).toBe(0);
  }
  expect(mostOnSkin(plantById("lavender")!, "child")).toBe(1);
});
