import { t } from "@/language/t";
import { decimalMark } from "./language";
import { byAnswer, doubtful, type Doubtful } from "./markMeaning";

/** A number as typed: either its value, or what is wrong with it in words. */
export type ParsedNumber =
  | { ok: true; value: number }
  | { ok: false; problem: string; doubt?: Doubtful };

const shapes = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;
const groupedBy = (group: string, decimal: string) =>
  new RegExp(`^[+-]?[1-9]\\d{0,2}(\\${group}\\d{3})+(\\${decimal}\\d*)?$`);

const fractions: Record<string, string> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅓": "1/3",
  "⅔": "2/3",
  "⅛": "1/8",
};
const broken = /^([+-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/;

/* "1½" and "1 1/2" are one and a half. */
function fraction(text: string): number | undefined {
  const spelt = text
    .trim()
    .replace(/^([+-]?)([½¼¾⅓⅔⅛])/, (_all, side: string, sign: string) => side + fractions[sign])
    .replace(/[½¼¾⅓⅔⅛]/, (sign) => ` ${fractions[sign]}`);
  const found = broken.exec(spelt);
  if (!found || Number(found[4]) === 0) return undefined;
  const size = Number(found[2] ?? 0) + Number(found[3]) / Number(found[4]);
  return found[1] === "-" ? -size : size;
}

/**
 * Reads a number as people type it, with a point or a comma as the decimal mark and spaces between
 * thousands, or as a fraction. `1,500` and `1.500` could be one and a half or fifteen hundred: which is
 * asked once. Of the language's own mark only where the unit is small (g, mL): before three digits of a
 * kilo it is how scales show grams.
 * Never throws; the problem is a sentence that can stand under the field.
 */
export function parseNumber(text: string, small = false): ParsedNumber {
  const typed = text.replace(/[\s\u00a0\u202f'’]/g, "").replace(/−/g, "-");
  if (typed === "") return { ok: false, problem: t`Type a number.` };
  const doubt = doubtful(typed, small);
  if (doubt)
    return {
      ok: false,
      problem: t`Is that ${doubt.thousands}, or ${doubt.decimals}?`,
      doubt,
    };
  const bare = byAnswer(typed, small);
  const own = decimalMark();
  const parted = fraction(text);
  if (parted !== undefined) return { ok: true, value: parted };
  const decimalComma = groupedBy(".", ",").test(bare) && bare.includes(",");
  const ownDecimals = own === "," && /^[+-]?\d+,\d+$/.test(bare);
  const decimalPoint = !ownDecimals && groupedBy(",", ".").test(bare) && bare.includes(",");
  const plain = decimalComma
    ? bare.replace(/\./g, "").replace(",", ".")
    : decimalPoint
      ? bare.replace(/,/g, "")
      : shapes.test(bare)
        ? bare.replace(",", ".")
        : null;
  if (plain === null) {
    return {
      ok: false,
      problem: t`“${text.trim().slice(0, 20)}” is not a number. Use digits, like 1.5.`,
    };
  }
  const value = Number(plain);
  return Number.isFinite(value)
    ? { ok: true, value }
    : { ok: false, problem: t`That number is too large to be real.` };
}
