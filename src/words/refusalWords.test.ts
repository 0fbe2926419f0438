import { calibrationProblemWords, wishWords } from "./refusalWords";

test.each([
  [
    { code: "startNotBelowBoil", startC: 99, boilC: 98.9 } as const,
    /^The start: 99.0 °C is not below/,
  ],
  [
    { code: "boilsTooLate", minutesToBoil: 90, slowestMinutes: 25.4 } as const,
    /^The time to boil: 90 min is longer than the 25 min .*Was the heat turned up/,
  ],
  [
    { code: "takesMorePower", minutesToBoil: 3, rateMlPerMin: 22, powerW: 2000 } as const,
    /^The time to boil: .* 3 min and then give 22 mL a minute takes more than 2,?000 W/,
  ],
  [
    { code: "dripsTakeMore", rateMlPerMin: 60, neededW: 2414, powerW: 2000 } as const,
    /^The drip rate: 60 mL a minute takes 2,?414 W, more than the 2,?000 W/,
  ],
])("a reading that cannot be is named with what to look at: %j", (problem, said) => {
  expect(calibrationProblemWords(problem, "metric")).toMatch(said);
});

test("a wish that cannot be is told with what to do, in the person's units", () => {
  expect(wishWords({ code: "noOilShows" }, "metric")).toMatch(/Choose with return/);
  expect(wishWords({ code: "tooManyCharges", most: 500 }, "metric")).toMatch(/500 charges/);
  expect(wishWords({ code: "tooLittlePlant", leastG: 0.1 }, "metric")).toMatch(
    /less than 0\.100 g/,
  );
  expect(wishWords({ code: "tooLittlePlant", leastG: 0.1 }, "us")).toMatch(/ oz /);
});
