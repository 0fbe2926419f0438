import { readBlend, type BlendSource } from "./readBlend";

const range = { name: "The part", min: 0, max: 1e6, above: true };
const bottle: BlendSource = { key: "b1", bottleId: "b1", lotId: "l1", leftMl: 12 };
const rest: BlendSource = { key: "l2", lotId: "l2", leftMl: 30 };
const third: BlendSource = { key: "b3", bottleId: "b3", lotId: "l3", leftMl: 5 };
const part = (key: string, text: string) => ({ key, amount: { text, unit: "mL" as const } });
const read = (name: string, ...parts: ReturnType<typeof part>[]) =>
  readBlend({ name, parts }, [bottle, rest, third], range);

test("what is poured is told by its bottle, or by the lot that is in none", () => {
  expect(read("  Evening ", part("b1", "4"), part("l2", "6"))).toEqual({
    name: "Evening",
    faults: [undefined, undefined],
    pours: [
      { bottleId: "b1", lotId: "l1", amountMl: 4 },
      { lotId: "l2", amountMl: 6 },
    ],
  });
});

test("as much as a bottle shows empties it, more is told with what is left there", () => {
  expect(read("Evening", part("b1", "12.04"), part("l2", "6")).pours[0]?.amountMl).toBe(12);
  const over = read("Evening", part("b1", "13"), part("l2", "6"));
  expect(over.fault).toBe("part");
  expect(over.faults).toEqual([{ why: "tooMuch", leftMl: 12 }, undefined]);
  expect(over.pours).toEqual([{ lotId: "l2", amountMl: 6 }]);
});

test("a number that cannot be, and a part out of nothing, are told by part", () => {
  const { faults, fault } = read("Evening", part("b1", "0"), part("gone", "6"));
  expect(fault).toBe("part");
  expect(faults).toEqual([
    { why: "number", problem: "The part must be above 0 mL." },
    { why: "noSource" },
  ]);
});

test("a name comes first, then a bottle that is there twice, then the parts", () => {
  expect(read(" ", part("b1", ""), part("b1", "1")).fault).toBe("noName");
  expect(read("Evening", part("b1", ""), part("b1", "1")).fault).toBe("twice");
  expect(read("Evening", part("b1", ""), part("l2", "1")).fault).toBe("part");
  expect(read("Evening", part("b1", "2"), part("l2", "1")).fault).toBeUndefined();
});

test("the first two parts are asked for; a further one that says nothing is none", () => {
  const two = read("Evening", part("", ""), part("", ""), part("", " "));
  expect(two.fault).toBe("part");
  expect(two.faults).toEqual([{ why: "noSource" }, { why: "noSource" }, undefined]);
  const more = read("Evening", part("b1", "4"), part("l2", "6"), part("", " "), part("", ""));
  expect(more.fault).toBeUndefined();
  expect(more.pours).toHaveLength(2);
  expect(read("Evening", part("b1", "4"), part("l2", "6"), part("", "1")).fault).toBe("part");
  expect(read("Evening", part("b1", "4"), part("l2", "6"), part("b3", "")).fault).toBe("part");
  expect(read("Evening", part("b1", "4"), part("l2", "6"), part("b3", "5")).pours).toHaveLength(3);
});
