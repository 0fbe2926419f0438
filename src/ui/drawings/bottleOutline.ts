/** A bottle as a line, standing on a base. */
export interface BottleOutline {
  path: string;
  width: number;
  height: number;
  /** Height of the body that holds the contents. */
  bodyHeight: number;
}

/* A round shouldered bottle: its body stands 1.55 times its width, its neck a third of that. */
const bodyRatio = 1.55;
const neckShare = 0.34;

/** Outline of a bottle of a size, mL, at so many units a mm; its left foot at x, its base at y. */
export function bottleOutline(sizeMl: number, scale: number, x: number, y: number): BottleOutline {
  const width = Math.cbrt((sizeMl * 1000 * 4) / (Math.PI * bodyRatio)) * scale;
  const bodyHeight = width * bodyRatio;
  const neckWidth = width * neckShare;
  const neckHeight = width * 0.42;
  const shoulder = width * 0.3;
  const corner = Math.min(5, width * 0.12);
  const [left, right, middle] = [x, x + width, x + width / 2];
  const top = y - bodyHeight;
  const path =
    `M${left + corner} ${y}q${-corner} 0 ${-corner} ${-corner}V${top}` +
    `C${left} ${top - shoulder * 0.7} ${middle - neckWidth / 2} ${top - shoulder * 0.6} ${middle - neckWidth / 2} ${top - shoulder}` +
    `V${top - shoulder - neckHeight}H${middle + neckWidth / 2}V${top - shoulder}` +
    `C${middle + neckWidth / 2} ${top - shoulder * 0.6} ${right} ${top - shoulder * 0.7} ${right} ${top}` +
    `V${y - corner}q0 ${corner} ${-corner} ${corner}Z`;
  return { path, width, height: bodyHeight + shoulder + neckHeight, bodyHeight };
}
