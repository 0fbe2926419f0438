import { expectedHeadC } from "./expectedHead";

const plan = (curve: { minutes: number; oilG: number; headC?: number }[]) =>
  ({ forecast: { curve } }) as unknown as Parameters<typeof expectedHeadC>[0];

test("between two points it lies between them, after the last it stays, an older plan says nothing", () => {
  const told = plan([
    { minutes: 0, oilG: 0, headC: 97 },
    { minutes: 10, oilG: 1, headC: 98 },
  ]);
  expect(expectedHeadC(told, 0)).toBe(97);
  expect(expectedHeadC(told, 5)).toBeCloseTo(97.5);
  expect(expectedHeadC(told, 60)).toBe(98);
  expect(expectedHeadC(plan([{ minutes: 0, oilG: 0 }]), 5)).toBeUndefined();
  expect(expectedHeadC(plan([]), 5)).toBeUndefined();
});
