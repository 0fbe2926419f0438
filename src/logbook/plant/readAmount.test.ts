import { plantById } from "@/core/plant/catalogue";
import { compounds } from "@/core/plant/compounds";
import { catalogueBook } from "./plantBook";
import { noAmount, readAmount, statesOf } from "./readAmount";
import { smellsOf } from "./smellsOf";

const typed = {
  plantId: "lavender",
  state: "dried" as const,
  mass: { text: "1.2", unit: "kg" as const },
};

test("nothing typed is nothing, in the person's unit of weight", () => {
  expect(noAmount("metric")).toEqual({ plantId: "", state: "", mass: { text: "", unit: "g" } });
  expect(["oz", "lb"]).toContain(noAmount("us").mass.unit);
});

test("a plant with its weight is read in the state that was chosen, else in its first", () => {
  const lavender = catalogueBook.byId("lavender");
  expect(readAmount(typed, catalogueBook)).toEqual({
    ok: true,
    plant: lavender,
    state: "dried",
    massG: 1200,
  });
  const [first] = statesOf(typed, catalogueBook);
  expect(readAmount({ ...typed, state: "" }, catalogueBook)).toMatchObject({ state: first });
  expect(plantById("elderflower")!.states.wilted).toBeUndefined();
  const elder = { ...typed, plantId: "elderflower", state: "wilted" as const };
  expect(statesOf(elder, catalogueBook)).not.toContain("wilted");
  expect(readAmount(elder, catalogueBook)).toMatchObject({
    state: "fresh",
  });
  expect(statesOf({ plantId: "nobody" }, catalogueBook)).toEqual([]);
});

test("what is missing or out of bounds is told by its field", () => {
  const problems = (part: Partial<typeof typed>) => {
    const read = readAmount({ ...typed, ...part }, catalogueBook);
    return read.ok ? undefined : read.problems;
  };
  expect(problems({ plantId: "" })).toEqual({ plant: "Choose the plant." });
  const weight = problems({ mass: { text: "-3", unit: "kg" } });
  expect(Object.keys(weight!)).toEqual(["mass"]);
  expect(weight!.mass).toMatch(/weight/i);
  expect(Object.keys(problems({ plantId: "", mass: { text: "", unit: "kg" } })!)).toEqual([
    "plant",
    "mass",
  ]);
});

test("an oil smells of its compounds, the largest first, each word once, eight at most", () => {
  const words = (id: keyof typeof compounds) => compounds[id]!.odour.split(", ");
  expect(smellsOf({ linalool: 0.2, menthol: 0.7 })).toEqual(
    [...new Set([...words("menthol"), ...words("linalool")])].slice(0, 8),
  );
  expect(smellsOf({ unknown: 1 } as never)).toEqual([]);
  const many = smellsOf(plantById("lavender")!.composition);
  expect(many.length).toBeLessThanOrEqual(8);
  expect(new Set(many).size).toBe(many.length);
  expect(many).not.toContain("");
});
