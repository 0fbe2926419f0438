import { catalogueBook } from "@/logbook/plant/plantBook";
import { noAmount, type AmountTyped } from "@/logbook/plant/readAmount";
import { readMix } from "./readMix";

const part = (plantId: string, text: string, state: AmountTyped["state"] = ""): AmountTyped => ({
  plantId,
  state,
  mass: { text, unit: "g" },
});

test("two plants by weight, each in the first state it is known in", () => {
  const read = readMix([part("lavender", "600"), part("wintergreen", "200")], catalogueBook);
  expect(read).toMatchObject({
    ok: true,
    parts: [
      { plant: { id: "lavender" }, state: "fresh", share: 600 },
      { plant: { id: "wintergreen" }, share: 200 },
    ],
  });
});

test("one plant fresh and dried is two parts; twice the same is not", () => {
  const twoStates = [part("lavender", "600", "fresh"), part("lavender", "50", "dried")];
  expect(readMix(twoStates, catalogueBook).ok).toBe(true);
  expect(readMix([part("lavender", "600"), part("lavender", "50")], catalogueBook)).toEqual({
    ok: false,
    problems: [{}, { plant: expect.stringMatching(/twice/) as string }],
  });
});

test("what is missing is named where it is missing; one plant alone is no mixture", () => {
  const read = readMix([part("lavender", "600"), noAmount("metric")], catalogueBook);
  expect(read).toMatchObject({ ok: false, problems: [{}, { plant: "Choose the plant." }] });
  expect(readMix([part("lavender", "600")], catalogueBook).ok).toBe(false);
});
