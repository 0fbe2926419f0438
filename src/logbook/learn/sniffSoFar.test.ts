import type { Sniff, SniffRound } from "@/records/sniff";
import { sniffSoFar } from "./sniffSoFar";

/* Two strips of one, a third of the other: its code is the right answer. */
function round(odd: "a" | "b", part: Partial<SniffRound> = {}): SniffRound {
  const alike = odd === "a" ? "b" : "a";
  return {
    strips: [
      { code: "111", of: alike },
      { code: "222", of: odd },
      { code: "333", of: alike },
    ],
    ...part,
  } as SniffRound;
}
const soFar = (rounds: SniffRound[]) => sniffSoFar({ rounds } as Pick<Sniff, "rounds">);

test("a round counts once it is answered, and is right where the odd strip was named", () => {
  expect(soFar([])).toMatchObject({ answered: 0, right: 0, liked: { a: 0, b: 0 } });
  expect(soFar([])).not.toHaveProperty("open");
  const open = round("a");
  const some = soFar([round("a", { said: "222" }), round("b", { said: "111" }), open]);
  expect(some).toMatchObject({ answered: 2, right: 1, needed: null });
  expect(some.open).toBe(open);
  /* One of two by guessing alone: all but the four in nine that miss both. */
  expect(some.guessed).toBeCloseTo(5 / 9, 9);
});

test("five in a row are more than guessing", () => {
  const five = Array.from({ length: 5 }, () => round("b", { said: "222" }));
  expect(soFar(five).needed).toBe(4);
  expect(soFar(five).guessed).toBeCloseTo(1 / 243, 9);
});

test("what is liked is the product behind the strip, and only where the two were told apart", () => {
  const { liked } = soFar([
    round("a", { said: "222", liked: "odd" }),
    round("a", { said: "222", liked: "alike" }),
    round("b", { said: "222", liked: "odd" }),
    round("b", { said: "222", liked: "alike" }),
    round("b", { said: "222", liked: "odd" }),
    round("a", { said: "222" }),
    round("a", { said: "333", liked: "odd" }),
  ]);
  expect(liked).toMatchObject({ a: 2, b: 3 });
  expect(liked.chance).toBeCloseTo(1, 9);
});
