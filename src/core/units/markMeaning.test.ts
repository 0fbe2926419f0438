import fc from "fast-check";
import { speak } from "./language";
import { answerMark, answeredMarks, markCases, onMarkAnswered } from "./markMeaning";
import { doubtOf, meaningOf, readNumber } from "./numberInput";
import type { UnitName } from "./units";

afterEach(() => {
  for (const of of markCases) answerMark(of, undefined);
  speak("en-GB");
});

const read = (text: string, unit: UnitName) =>
  readNumber({ text, unit }, { name: "Weight", min: 0, max: 1e9 });

test("a number that could be two offers both, and one answer holds for all like it", () => {
  const doubt = doubtOf({ text: "1.200 g", unit: "g" })!;
  expect(doubt.problem).toBe("Is that 1200, or 1.2?");
  expect(doubt.choices.map(({ text }) => text)).toEqual(["1200 g", "1.2 g"]);
  /* In a field of kilos the button still says grams, as was typed. */
  expect(doubtOf({ text: "1.200 g", unit: "kg" })!.choices.map(({ shown }) => shown)).toEqual([
    "1200 g",
    "1.2 g",
  ]);
  expect(doubtOf({ text: "1.200", unit: "mL" })!.choices[0]!.shown).toBe("1200 mL");
  expect(read("1.200", "g").ok).toBe(false);
  answerMark(doubt.of, "thousands");
  expect(read("1.200", "g")).toEqual({ ok: true, value: 1200 });
  expect(read("3.450", "mL")).toEqual({ ok: true, value: 3450 });
  expect(meaningOf({ text: "1.200", unit: "g" })).toBe("= 1200 g");
  /* What a scale shows of kilos stays what it is; the other mark is asked about of its own. */
  expect(read("1.200", "kg")).toEqual({ ok: true, value: 1200 });
  expect(read("1,200", "kg").ok).toBe(false);
  answerMark("commaLarge", "decimals");
  expect(read("1,200", "kg")).toEqual({ ok: true, value: 1200 });
  expect(answeredMarks()).toEqual({ pointSmall: "thousands", commaLarge: "decimals" });
  answerMark("pointSmall", undefined);
  expect(read("1.200", "g").ok).toBe(false);
});

test("either answer reads as the number that its button shows, in either language", () => {
  const digits = fc.integer({ min: 1000, max: 999_999 });
  const meaning = fc.constantFrom("decimals" as const, "thousands" as const);
  fc.assert(
    fc.property(
      digits,
      fc.constantFrom(".", ","),
      meaning,
      fc.constantFrom("en-GB", "de-DE"),
      (n, mark, as, language) => {
        speak(language);
        const text = `${Math.floor(n / 1000)}${mark}${String(n % 1000).padStart(3, "0")}`;
        const doubt = doubtOf({ text, unit: "g" })!;
        const chosen = doubt.choices.find((each) => each.meaning === as)!;
        const byButton = read(chosen.text, "g");
        answerMark(doubt.of, as);
        expect(read(text, "g")).toEqual(byButton);
        expect(byButton).toEqual({ ok: true, value: as === "thousands" ? n : n / 1000 });
        answerMark(doubt.of, undefined);
      },
    ),
  );
});

test("who listens hears of an answer until it stops listening", () => {
  const heard = jest.fn();
  const stop = onMarkAnswered(heard);
  answerMark("pointSmall", "decimals");
  stop();
  answerMark("pointSmall", undefined);
  expect(heard).toHaveBeenCalledTimes(1);
});
