/** A number as typed: either its value, or what is wrong with it in words. */
export type ParsedNumber = { ok: true; value: number } | { ok: false; problem: string };

const shapes = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;
const groupedBy = (group: string, decimal: string) =>
  new RegExp(`^[+-]?[1-9]\\d{0,2}(\\${group}\\d{3})+(\\${decimal}\\d*)?$`);

/**
 * Reads a number as people type it, with a point or a comma as the decimal mark and spaces between
 * thousands. `1,500` and `1.500` could be one and a half or fifteen hundred: of the two only the
 * comma is asked about, since a point before three digits is how scales show grams of a kilo.
 * Never throws; the problem is a sentence that can stand under the field.
 */
export function parseNumber(text: string): ParsedNumber {
  const bare = text.replace(/[\s\u00a0\u202f'’]/g, "").replace(/−/g, "-");
  if (bare === "") return { ok: false, problem: "Type a number." };
  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(bare)) {
    const [whole, part] = bare.split(",") as [string, string];
    return {
      ok: false,
      problem: `Is that ${whole}.${part} or ${whole}${part}? Type it without the comma.`,
    };
  }
  const decimalComma = groupedBy(".", ",").test(bare) && bare.includes(",");
  const decimalPoint = groupedBy(",", ".").test(bare) && bare.includes(",");
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
      problem: `“${text.trim().slice(0, 20)}” is not a number. Use digits, like 1.5.`,
    };
  }
  const value = Number(plain);
  return Number.isFinite(value)
    ? { ok: true, value }
    : { ok: false, problem: "That number is too large to be real." };
}
