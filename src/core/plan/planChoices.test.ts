import { choiceIds, choiceOf, habitFields, perChoice, plantDefaults } from "./planChoices";

test("each question has its default among its answers, and a field of its own", () => {
  for (const id of choiceIds) {
    const { usual, answers } = choiceOf(id);
    expect(answers).toContain(usual);
    expect(new Set(answers).size).toBe(answers.length);
    expect(answers.length).toBeGreaterThan(1);
  }
  const fields = choiceIds.map((id) => choiceOf(id).field);
  expect(new Set(fields).size).toBe(fields.length);
});

test("what goes with the plant is no habit, and every field is one or the other", () => {
  const ofPlant = Object.keys(plantDefaults());
  expect(ofPlant.sort()).toEqual(["loading", "soaking"]);
  expect([...ofPlant, ...habitFields()].sort()).toEqual(Object.keys(perChoice(() => 0)).sort());
});
