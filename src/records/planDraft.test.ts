import { craftStops } from "@/core/forecast/warning";
import { perChoice } from "@/core/plan/planChoices";
import { becauseField, canonicalUnits, emptyDraft, planDraftSchema, wholeDraft } from "./planDraft";

test("a draft begins with every field told: questions at their usual answer, numbers in the person's own units", () => {
  const metric = emptyDraft("metric");
  expect(metric).toMatchObject(perChoice(({ usual }) => usual));
  for (const code of craftStops) expect(metric[becauseField(code)]).toBe("");
  expect(metric).toMatchObject({
    ...{ goal: "have", wishWhat: "oil", wishUnit: "mL", massBy: "scale", receiver: "0" },
    ...{ massUnit: "g", waterUnit: "mL", rateUnit: "mLPerMin", ratioUnit: "LPerKg" },
    ...{ iceUnit: "kg", coolingUnit: "C", trialSide: "a" },
  });
  expect(emptyDraft("us")).toMatchObject({
    ...{ massUnit: "oz", waterUnit: "floz", rateUnit: "flozPerMin", ratioUnit: "cupPerLb" },
    ...{ iceUnit: "lb", coolingUnit: "F", wishUnit: "mL" },
  });
  const texts = Object.entries(metric).filter(([name]) => name.endsWith("Text"));
  expect(texts.map(([, text]) => text)).toEqual(texts.map(() => ""));
  expect(planDraftSchema.parse(metric)).toEqual(metric);
  expect(wholeDraft(undefined, "us")).toEqual(emptyDraft("us"));
});

test("of a stored draft a field that cannot be read is left out, the others stand", () => {
  const stored = planDraftSchema.parse({
    massText: "1.2",
    massUnit: "stone",
    goal: "neither",
    massBy: "by eye",
    plantId: "x".repeat(201),
    note: "no field of a draft",
  });
  expect(stored.massText).toBe("1.2");
  const whole = wholeDraft(stored, "metric");
  expect(whole).toEqual({ ...emptyDraft("metric"), massText: "1.2", massUnit: "g" });
});

test("what was typed stays in its unit; an empty field is in the person's own system", () => {
  const typed = { massText: "2", massUnit: "lb", waterUnit: "floz" } as const;
  expect(wholeDraft(typed, "metric")).toMatchObject({ massUnit: "lb", waterUnit: "mL" });
  expect(wholeDraft(typed, "us")).toMatchObject({ massUnit: "lb", waterUnit: "floz" });
  /* An own unit that is not the first one stays too. */
  expect(wholeDraft({ massUnit: "kg" }, "metric").massUnit).toBe("kg");
});

test("a number from before units were kept with it is in the canonical one", () => {
  const old = {
    ...{ massText: "1", waterText: "2", rateText: "3" },
    ...{ ratioText: "4", iceText: "5", coolingText: "6" },
  };
  expect(wholeDraft(old, "us")).toMatchObject(canonicalUnits);
});
