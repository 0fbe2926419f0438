import fc from "fast-check";
import { pressureAtAltitudePa } from "./atmosphere";
import { latentHeat, waterDensity, waterViscosity } from "./properties";
import { boilingPointC, saturationPressurePa } from "./saturation";

test("saturation agrees with the IAPWS-IF97 verification values, both ways", () => {
  expect(saturationPressurePa(300 - 273.15)).toBeCloseTo(3536.58941, 4);
  expect(saturationPressurePa(500 - 273.15) / 1e6).toBeCloseTo(2.63889776, 7);
  expect(boilingPointC(0.1e6) + 273.15).toBeCloseTo(372.755919, 5);
  expect(boilingPointC(1e6) + 273.15).toBeCloseTo(453.035632, 5);
});

test("the two ways are each other's inverse", () => {
  fc.assert(
    fc.property(fc.double({ min: 5, max: 120, noNaN: true }), (temperatureC) => {
      expect(boilingPointC(saturationPressurePa(temperatureC))).toBeCloseTo(temperatureC, 6);
    }),
  );
});

test.each([
  [0, 99.97],
  [320, 98.91],
  [2000, 93.32],
])("at %d m water boils at %d °C", (altitudeM, boilC) => {
  expect(boilingPointC(pressureAtAltitudePa(altitudeM))).toBeCloseTo(boilC, 2);
});

test.each([
  [80, 2308.0],
  [90, 2282.6],
  [100, 2256.4],
  [110, 2229.7],
])("latent heat at %d °C is within 0.2 %% of the steam tables", (temperatureC, table) => {
  expect(Math.abs(latentHeat(temperatureC) / table - 1)).toBeLessThan(0.002);
});

test.each([
  [5, 0.99997, 1.5182],
  [20, 0.99821, 1.0016],
  [50, 0.98803, 0.5465],
  [80, 0.97179, 0.3544],
  [95, 0.96189, 0.2974],
])(
  "density and viscosity at %d °C are within 0.5 %% of the tables",
  (temperatureC, density, viscosity) => {
    expect(Math.abs(waterDensity(temperatureC) / density - 1)).toBeLessThan(0.005);
    expect(Math.abs(waterViscosity(temperatureC) / viscosity - 1)).toBeLessThan(0.005);
  },
);

test("outside its range each function names the value", () => {
  expect(() => pressureAtAltitudePa(20000)).toThrow(
    "altitudeM must be between -500 and 11000, got 20000",
  );
  expect(() => pressureAtAltitudePa(NaN)).toThrow("altitudeM");
  expect(() => boilingPointC(100)).toThrow("pressurePa must be between");
  expect(() => saturationPressurePa(-5)).toThrow("temperatureC must be between");
});
