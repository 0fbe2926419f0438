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
  for (const code of codes) {
    expect(code).toMatch(/^[2-9A-HJKMNP-Z]{3}-[2-9A-HJKMNP-Z]{3}$/);
    expect(isCode(code)).toBe(true);
    expect(isCode(code.toLowerCase().replace("-", " "))).toBe(true);
  }
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

test("what is too short or too long is no code, though its sum is right; nor is what has a letter that no code has", () => {
  const [code = ""] = codes;
  /* The first of the letters weighs nothing in the sum. */
  for (const none of ["", "2", "22222", "2222222", `${code}2`]) expect(isCode(none)).toBe(false);
  expect(isCode("222222")).toBe(true);
  for (const strange of ["022222", "222220", "O22222"]) expect(isCode(strange)).toBe(false);
});

test("a code that is taken is not given again", () => {
  const chances = [0.1, 0.2, 0.3, 0.4, 0.5];
  let at = 0;
  const first = newCode([], () => chances[at++ % 5]!);
  at = 0;
  const next = newCode([first], () => (at < 5 ? chances[at++]! : 0.9));
  expect(next).not.toBe(first);
  expect(isCode(next)).toBe(true);
});

const near = (text: string, inUse: string[]) => {
  const read = readCode(text, inUse);
  return "near" in read ? read.near : read.found;
};

test("near is what is a slip or two away: changed, left out, put in, or two neighbours swapped", () => {
  expect(near("XBCDEF", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("XXCDEF", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("XXXDEF", ["ABC-DEF"])).toEqual([]);
  expect(near("ABCD", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("CDEF", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("ABC", ["ABC-DEF"])).toEqual([]);
  expect(near("ABCDEFGH", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  /* A swap is one slip, wherever it stands, and two of them are two. */
  expect(near("BADCEF", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("ABDCFE", ["ABC-DEF"])).toEqual(["ABC-DEF"]);
  expect(near("BADCFE", ["ABC-DEF"])).toEqual([]);
  /* One letter in each other's place is no swap: the other has to be too. */
  expect(near("XAZB34", ["AYB-W34"])).toEqual([]);
  expect(near("AYBW34", ["XAZ-B34"])).toEqual([]);
});

test("of those that are near the nearest come first, and no more than four", () => {
  const inUse = ["XYC-DEF", "ABC-DEG", "ABC-DXX", "AXX-DEF", "ABX-DEX", "ABC-EDF"];
  expect(near("ABCDEF", inUse)).toEqual(["ABC-DEG", "ABC-EDF", "XYC-DEF", "ABC-DXX"]);
});
