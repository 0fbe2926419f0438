import { plantById, plants } from "../plant/catalogue";
import { allergensIn, namedFromPercent } from "./allergens";
import { hazardDraft } from "./hazardMarks";
import { partOfPlant } from "./partOfPlant";

const oil = (id: string) => plantById(id)!.composition;

test("lavender oil is named with linalool first; what is below its limit is not named", () => {
  const named = allergensIn(oil("lavender"), "leftOn");
  expect(named.map(({ allergen }) => allergen).slice(0, 2)).toEqual(["linalylAcetate", "linalool"]);
  expect(allergensIn({ linalool: 0.00005 }, "leftOn")).toHaveLength(1);
  expect(allergensIn({ linalool: 0.00005 }, "washedOff")).toHaveLength(0);
  for (const plant of plants)
    for (const { percent } of allergensIn(plant.composition, "washedOff"))
      expect(percent).toBeGreaterThanOrEqual(namedFromPercent.washedOff);
});

test("the forms of one allergen are added: two pinenes, each too little, are named", () => {
  expect(allergensIn({ alphaPinene: 0.000006, betaPinene: 0.000006 }, "leftOn")).toEqual([
    { allergen: "pinene", percent: expect.closeTo(0.0012, 9) },
  ]);
});

test("a hydrosol's allergens go by what is dissolved: ten milligrams a litre are a thousandth of a per cent", () => {
  const { water } = partOfPlant(plantById("lavender")!, "hydrosol");
  const shares = Object.fromEntries(Object.entries(water!).map(([id, mg]) => [id, mg / 1e6]));
  expect(allergensIn(shares, "leftOn").map(({ allergen }) => allergen)).toContain("linalool");
  expect(allergensIn({ linalool: 9.9e-6 }, "leftOn")).toHaveLength(0);
  expect(allergensIn({ linalool: 10e-6 }, "leftOn")).toHaveLength(1);
});

test.each([
  ["orangezest", ["flame", "exclamation", "health", "environment"], "danger"],
  ["oregano", ["corrosion", "exclamation", "health", "environment"], "danger"],
  ["clove", ["exclamation"], "warning"],
  ["tarragon", ["health"], "danger"],
  ["rose", ["exclamation"], "warning"],
] as const)("%s bears at least %j and %s", (id, marks, signal) => {
  const draft = hazardDraft(oil(id));
  expect(draft.marks).toEqual(expect.arrayContaining([...marks]));
  if (id !== "rose") expect(draft.signal).toBe(signal);
});

test("what is only wood bears nothing of fire, and nothing at all is asked of nothing", () => {
  expect(hazardDraft(oil("sandalwood")).marks).not.toContain("flame");
  expect(hazardDraft({})).toEqual({ marks: [], reasons: [] });
});
