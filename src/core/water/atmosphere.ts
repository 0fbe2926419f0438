import { standardPressurePa } from "../physicalConstants";

/**
 * Air pressure at an altitude, Pa.
 * ICAO standard atmosphere (Doc 7488), troposphere. A barometer beats it where one is at hand.
 * @param altitudeM metres above the sea, −500 to 11,000
 * @throws RangeError outside the troposphere
 */
export function pressureAtAltitudePa(altitudeM: number): number {
  if (!(altitudeM >= -500 && altitudeM <= 11000)) {
    throw new RangeError(`altitudeM must be between -500 and 11000, got ${altitudeM}`);
  }
  return standardPressurePa * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}
