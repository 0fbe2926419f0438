import fc from "fast-check";
import { isCode, newCode, readCode } from "./codes";

const alphabet = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";
/** Chance that is the same each time. */
function chanceFrom(seed: number) {
  let state = seed;
  return () => {
    state = (state * 1664525 + 1013904223) % 2 ** 32;
    return state / 2 ** 32;
  };
}

const chance = chanceFrom(7);
const codes: string[] = [];
while (codes.length < 500) codes.push(newCode(codes, chance));

test("codes are six letters that no hand confuses, each unlike the others", () => {
  expect(new Set(codes).size).toBe(500);
  for (const code of codes) expect(code).toMatch(/^[2-9A-HJKMNP-Z]{3}-[2-9A-HJKMNP-Z]{3}$/);
});

test("of 500 codes every single slip and every swap of neighbours is caught", () => {
  let slips = 0;
  const missed: string[] = [];
  const tried = (slip: string[]) => {
    slips += 1;
    if (isCode(slip.join(""))) missed.push(slip.join(""));
  };
  for (const code of codes) {
    const letters = [...code.replace("-", "")];
    letters.forEach((was, at) => {
      for (const letter of alphabet) if (letter !== was) tried(letters.with(at, letter));
      const next = letters[at + 1];
      if (next !== undefined && next !== was) tried(letters.with(at, next).with(at + 1, was));
    });
  }
  expect(missed).toEqual([]);
  expect(slips).toBeGreaterThan(500 * 6 * 30);
});

test("a code is found however it is written, and those of an older form too", () => {
  const [first = ""] = codes;
  expect(readCode(first.toLowerCase().replace("-", " "), codes)).toEqual({ found: first });
  expect(readCode("cs 0713 o1 a", [...codes, "CS-0713-O1-a"])).toEqual({ found: "CS-0713-O1-a" });
});

test("a wrong one says what is wrong with it, and which are near", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 499 }), fc.integer({ min: 0, max: 5 }), (i, at) => {
      const code = codes[i]!;
      const letters = [...code.replace("-", "")];
      const slip = alphabet[(alphabet.indexOf(letters[at]!) + 3) % alphabet.length]!;
      const read = readCode(letters.with(at, slip).join(""), codes);
      expect(read).toMatchObject({ problem: "slip" });
      expect("near" in read && read.near).toContain(code);
    }),
  );
  expect(readCode("0L1", codes)).toMatchObject({ problem: "unused letter" });
  expect(readCode("K7Q", codes)).toMatchObject({ problem: "length" });
  expect(readCode("", codes)).toEqual({ problem: "length", near: [] });
  const strange = newCode(codes, chance);
  expect(readCode(strange, codes)).toMatchObject({ problem: "unknown" });
});
