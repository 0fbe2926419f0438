import QRCode from "qrcode";
import { qrModules } from "./labelItems";

/** The dark squares of a bottle's QR code, as runs in rows: small enough for a 5 mL bottle. */
export function qrRuns(code: string): { x: number; y: number; length: number }[] {
  /* Capitals, digits and hyphen fit the smallest code there is, and leave room to be damaged. */
  const { modules } = QRCode.create(code.toUpperCase(), { errorCorrectionLevel: "M", version: 1 });
  const runs: { x: number; y: number; length: number }[] = [];
  for (let y = 0; y < qrModules; y += 1)
    for (let x = 0; x < qrModules; x += 1) {
      if (!modules.get(y, x)) continue;
      const last = runs.at(-1);
      if (last && last.y === y && last.x + last.length === x) last.length += 1;
      else runs.push({ x, y, length: 1 });
    }
  return runs;
}
