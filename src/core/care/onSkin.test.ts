import { plantById, plants } from "../plant/catalogue";
import type { Whose } from "../plant/cautions";
import { mostOnSkin } from "./onSkin";
import { partOfPlant } from "./partOfPlant";

const most = (id: string, whose: Whose) =>
  mostOnSkin("oil", [partOfPlant(plantById(id)!, "oil")], whose);

test("most on skin: the stricter of the plant's and the usual for whose skin it is; some never", () => {
  expect(most("cinnamonbark", "body")).toBe(0.07);
  expect(most("lavender", "body")).toBe(2);
  expect(most("peppermint", "face")).toBe(1);
  expect(most("teatree", "child")).toBe(1);
  expect(most("pennyroyal", "body")).toBe(0);
});

test("what is not for young children, or brings on fits, is none at all on a child's skin, alone and in a blend", () => {
  const strict = plants.filter(({ cautions: told }) =>
    told.some((caution) => caution === "youngChildren" || caution === "convulsant"),
  );
  expect(strict.map(({ id }) => id)).toEqual(
    expect.arrayContaining(["peppermint", "rosemarycamphor", "wintergreen"]),
  );
  for (const care of strict) {
    expect(most(care.id, "child")).toBe(0);
    expect(
      mostOnSkin(
        "oil",
        [partOfPlant(care, "oil", 0.01), partOfPlant(plantById("lavender")!, "oil", 0.99)],
        "child",
      ),
    ).toBe(0);
  }
  expect(most("lavender", "child")).toBe(1);
});
