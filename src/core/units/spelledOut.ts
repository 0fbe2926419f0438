/* Numbers as people write them in words, up to a dozen. */
const numbers: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
};
const word = Object.keys(numbers).join("|");
const halfOf = /^(?:a )?half(?: of)?(?: an?)? (.+)$/i;
const quarterOf = /^(?:a )?quarter(?: of)?(?: an?)? (.+)$/i;
const andHalf = new RegExp(`^(\\d+|${word}) and a half(?: (.+))?$`, "i");
const oneAndHalf = /^(?:an?|one) (\S+) and a half$/i;
const whole = new RegExp(`^(${word})(?: (.+))?$`, "i");

/** "half a kilo" as "0.5 kilo", "two" as "2", "a dozen lemons" as "12 lemons"; other text as it is. */
export function spelledOut(text: string): string {
  const bare = text
    .trim()
    .replace(/\s+/g, " ")
    .replace(/^an? dozen/i, "dozen");
  const half = halfOf.exec(bare);
  if (half) return `0.5 ${half[1]}`;
  const quarter = quarterOf.exec(bare);
  if (quarter) return `0.25 ${quarter[1]}`;
  const more = andHalf.exec(bare);
  if (more) return `${valueOf(more[1]!) + 0.5} ${more[2] ?? ""}`.trim();
  const oneMore = oneAndHalf.exec(bare);
  if (oneMore) return `1.5 ${oneMore[1]}`;
  const found = whole.exec(bare);
  return found ? `${numbers[found[1]!.toLowerCase()]} ${found[2] ?? ""}`.trim() : bare;
}

function valueOf(text: string): number {
  return numbers[text.toLowerCase()] ?? Number(text);
}
