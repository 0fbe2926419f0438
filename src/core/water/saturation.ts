/* IAPWS-IF97 region 4 (IAPWS R7-97(2012), section 8): one quadratic, solved either way. */
const n = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5,
  -0.32325550322333e7, 0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6,
  -0.23855557567849, 0.65017534844798e3,
] as const;

/**
 * Vapour pressure of water at a temperature, Pa (IAPWS-IF97 region 4).
 * @param temperatureC 0 to 370 °C
 * @throws RangeError outside that range
 */
export function saturationPressurePa(temperatureC: number): number {
  if (!(temperatureC >= 0 && temperatureC <= 370)) {
    throw new RangeError(`temperatureC must be between 0 and 370, got ${temperatureC}`);
  }
  const temperatureK = temperatureC + 273.15;
  const t = temperatureK + n[8] / (temperatureK - n[9]);
  const a = t * t + n[0] * t + n[1];
  const b = n[2] * t * t + n[3] * t + n[4];
  const c = n[5] * t * t + n[6] * t + n[7];
  return 1e6 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}

/**
 * Temperature at which water boils under a pressure, °C (IAPWS-IF97 region 4, backward equation).
 * @param pressurePa 611.213 to 22,064,000 Pa
 * @throws RangeError outside that range
 */
export function boilingPointC(pressurePa: number): number {
  if (!(pressurePa >= 611.213 && pressurePa <= 22.064e6)) {
    throw new RangeError(`pressurePa must be between 611.213 and 22064000, got ${pressurePa}`);
  }
  const b = (pressurePa / 1e6) ** 0.25;
  const e = b * b + n[2] * b + n[5];
  const f = n[0] * b * b + n[3] * b + n[6];
  const g = n[1] * b * b + n[4] * b + n[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const temperatureK = (n[9] + d - Math.sqrt((n[9] + d) ** 2 - 4 * (n[8] + n[9] * d))) / 2;
  return temperatureK - 273.15;
}
