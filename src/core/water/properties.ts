import { saturationPressurePa } from "./saturation";

const criticalK = 647.096;
const criticalDensity = 322;

/** Specific heat of liquid water between tap and boiling, J/(g·K); within 0.5 % of the steam tables. */
export const waterHeatCapacity = 4.19;

/** Water in an ordinary room, about 21 °C, g/mL: for what does not hang on a degree. */
export const roomWaterDensity = 0.998;

/** Water from the tap where nobody has measured it, °C. */
export const usualTapC = 15;

/**
 * Density of liquid water, g/mL, from 0 to 120 °C.
 * Saturated liquid by IAPWS SR1-86(1992), eq. 2; at room pressure it differs by less than 0.01 %.
 */
export function waterDensity(temperatureC: number): number {
  const tau = reduced(temperatureC);
  return (
    (criticalDensity *
      (1 +
        1.99274064 * tau ** (1 / 3) +
        1.09965342 * tau ** (2 / 3) -
        0.510839303 * tau ** (5 / 3) -
        1.75493479 * tau ** (16 / 3) -
        45.5170352 * tau ** (43 / 3) -
        6.7469445e5 * tau ** (110 / 3))) /
    1000
  );
}

/** Density of saturated steam, g/mL, from 0 to 120 °C (IAPWS SR1-86(1992), eq. 3). */
export function steamDensity(temperatureC: number): number {
  const tau = reduced(temperatureC);
  const logarithm =
    -2.0315024 * tau ** (2 / 6) -
    2.6830294 * tau ** (4 / 6) -
    5.38626492 * tau ** (8 / 6) -
    17.2991605 * tau ** (18 / 6) -
    44.7586581 * tau ** (37 / 6) -
    63.9201063 * tau ** (71 / 6);
  return (criticalDensity * Math.exp(logarithm)) / 1000;
}

/**
 * Heat that turns a gram of water into steam at its boiling temperature, J/g, from 20 to 120 °C.
 * Clapeyron's equation over the IAPWS densities and vapour pressure.
 */
export function latentHeat(temperatureC: number): number {
  const step = 0.01;
  const slope =
    (saturationPressurePa(temperatureC + step) - saturationPressurePa(temperatureC - step)) /
    (2 * step);
  const volume = 1 / steamDensity(temperatureC) - 1 / waterDensity(temperatureC);
  return ((temperatureC + 273.15) * slope * volume) / 1e6;
}

/** Viscosity of liquid water at room pressure, mPa·s, from 0 to 100 °C (IAPWS SR6-08(2011), eq. 7). */
export function waterViscosity(temperatureC: number): number {
  const t = (temperatureC + 273.15) / 300;
  return (
    (280.68 * t ** -1.9 + 511.45 * t ** -7.7 + 61.131 * t ** -19.6 + 0.45903 * t ** -40) / 1000
  );
}

function reduced(temperatureC: number): number {
  if (!(temperatureC >= 0 && temperatureC <= 370)) {
    throw new RangeError(`temperatureC must be between 0 and 370, got ${temperatureC}`);
  }
  return 1 - (temperatureC + 273.15) / criticalK;
}
