import QRCode from "qrcode";
import { qrModules } from "./labelItems";

/** A stretch of dark squares in a row of a QR code. */
interface QrRun {
  x: number;
  y: number;
  length: number;
}

/** The dark squares of a bottle's QR code, as runs in rows: small enough for a 5 mL bottle. */
export function qrRuns(code: string): QrRun[] {
  /* Capitals, digits and hyphen fit the smallest code there is, and leave room to be damaged. */
  const { modules } = QRCode.create(code.toUpperCase(), { errorCorrectionLevel: "M", version: 1 });
  return runsOf(modules, qrModules);
}

/** A QR code of any text, as large as it takes: squares on a side, and its dark ones as runs in rows. */
export function qrOfText(text: string): { size: number; runs: QrRun[] } {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: "M" });
  return { size: modules.size, runs: runsOf(modules, modules.size) };
}

function runsOf(modules: { get(x: number, y: number): unknown }, size: number): QrRun[] {
  const runs: QrRun[] = [];
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size; x += 1) {
      if (!modules.get(y, x)) continue;
      const last = runs.at(-1);
      if (last && last.y === y && last.x + last.length === x) last.length += 1;
      else runs.push({ x, y, length: 1 });
    }
  return runs;
}
