/** Thickness of an oil layer in an upright tube, mm: 3 mL in a 30 mm tube stand 4.24 mm high. */
export function layerMm(oilMl: number, tubeDiameterMm: number): number {
  return (oilMl * 1000) / (Math.PI * (tubeDiameterMm / 2) ** 2);
}
