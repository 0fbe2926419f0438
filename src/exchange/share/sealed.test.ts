import fc from "fast-check";
import { newPairCode, readPairCode } from "./pairCode";
import { keyOfCode, keyOfText, keyText, lineOfKey, newKey, seal, unseal } from "./sealed";

test("what is sealed comes back whole, and for nobody without the key or under another's name", () => {
  const [key, other] = [newKey(), newKey()];
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const text = seal(key, "shed-phone", { value });
      expect(unseal(key, "shed-phone", text)).toEqual(JSON.parse(JSON.stringify({ value })));
      expect(unseal(other, "shed-phone", text)).toBeUndefined();
      expect(unseal(key, "kitchen-1", text)).toBeUndefined();
    }),
    { numRuns: 60 },
  );
});

test("a message with one letter changed does not open, and no two of one text are alike", () => {
  const key = newKey();
  const text = seal(key, "shed-phone", "It boils");
  expect(seal(key, "shed-phone", "It boils")).not.toBe(text);
  for (let at = 0; at < text.length - 2; at += 1) {
    const letter = text[at] === "A" ? "B" : "A";
    expect(
      unseal(key, "shed-phone", text.slice(0, at) + letter + text.slice(at + 1)),
    ).toBeUndefined();
  }
  for (const nonsense of ["", "A", "====", "not base64 at all!"])
    expect(unseal(key, "shed-phone", nonsense)).toBeUndefined();
});

test("a code comes to the same key on both devices, its line is not its key, and keys go through text", async () => {
  const code = newPairCode();
  const read = readPairCode(` https://x.example/bench/data#pair=${code.toLowerCase()} `);
  expect(read).toEqual({ ok: true, letters: code.replaceAll("-", "") });
  const [a, b] = await Promise.all([keyOfCode("K7QM4XRT9BHD"), keyOfCode("K7QM4XRT9BHD")]);
  expect(lineOfKey(a)).toBe(lineOfKey(b));
  expect(lineOfKey(a)).toMatch(/^[0-9a-f]{32}$/);
  expect(keyText(a)).not.toContain(lineOfKey(a));
  expect(keyOfText(keyText(a))).toEqual(a);
  expect(keyOfText("AAAA")).toBeUndefined();
  expect(lineOfKey(await keyOfCode("K7QM4XRT9BHE"))).not.toBe(lineOfKey(a));
});

test("codes are of twelve letters that no eye confuses, and unlike each other", () => {
  const codes = new Set(Array.from({ length: 500 }, newPairCode));
  expect(codes.size).toBe(500);
  for (const code of codes) expect(code).toMatch(/^([2-9A-HJKMNP-Z]{4}-){2}[2-9A-HJKMNP-Z]{4}$/);
  expect(readPairCode("K7QM-4XRT-9BHO")).toEqual({
    ok: false,
    problem: "A pairing code has no O. Look at the other screen again.",
  });
});
