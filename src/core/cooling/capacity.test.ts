import { capacityW, condensedMlPerMin, fastestMlPerMin } from "./capacity";

const coil = { lengthMm: 3000, diameterMm: 10 };

test("three metres of ten millimetres carry some 3.4 kW in a tub that is warm by now", () => {
  expect(capacityW(coil, 98.9, { inC: 38, outC: 38 })).toBeCloseTo(3440, -2);
  expect(condensedMlPerMin(3440, 98.9)).toBeCloseTo(80.9, 0);
});

test("colder water carries more, and water as warm as steam nothing", () => {
  const cold = capacityW(coil, 98.9, { inC: 14, outC: 40 });
  expect(cold).toBeGreaterThan(capacityW(coil, 98.9, { inC: 38, outC: 38 }));
  expect(capacityW(coil, 98.9, { inC: 14, outC: 98.9 })).toBe(0);
});

test("steam in a tube of ten millimetres is too fast above some seventy millilitres a minute, in twice the width four times later", () => {
  const narrow = fastestMlPerMin(coil, 98.9);
  expect(narrow).toBeGreaterThan(62);
  expect(narrow).toBeLessThan(75);
  expect(fastestMlPerMin({ diameterMm: 20 }, 98.9) / narrow).toBeCloseTo(4);
});
