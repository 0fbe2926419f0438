import { metals, type Metal } from "./metal";

const stefanBoltzmann = 5.670374e-8;

/**
 * What an uninsulated still gives to the room, W per K above the air.
 * Laminar free convection on a vertical wall in air, `h = 1.42 (ΔT/L)^0.25`, plus grey radiation
 * linearised at the mean temperature; both from common heat-transfer texts.
 * @param areaMm2 hot outer surface, mm²
 * @param heightMm height of the wall, mm, above 0
 * @param surfaceC wall temperature, °C
 * @param airC room temperature, °C
 */
export function surfaceLossWPerK(
  areaMm2: number,
  heightMm: number,
  metal: Metal,
  surfaceC: number,
  airC: number,
): number {
  const difference = Math.max(1, surfaceC - airC);
  const convection = 1.42 * (difference / (heightMm / 1000)) ** 0.25;
  const meanK = (surfaceC + airC) / 2 + 273.15;
  const radiation = 4 * metals[metal].emissivity * stefanBoltzmann * meanK ** 3;
  return (areaMm2 / 1e6) * (convection + radiation);
}
