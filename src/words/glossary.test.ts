import { allWords, glossary, wordsOf } from "./glossary";

test("every word is said plainly: a sentence or two that are short, and no word twice", () => {
  const words = allWords();
  expect(words.length).toBeGreaterThanOrEqual(60);
  expect(new Set(words.map(({ term }) => term)).size).toBe(words.length);
  for (const { term, says } of words) {
    expect(`${term}: ${says}`).toMatch(/: [A-Z].*\.$/);
    expect({ term, letters: says.length <= 140 }).toEqual({ term, letters: true });
    for (const sentence of says.split(/(?<=\.) /))
      expect({ sentence, words: sentence.split(" ").length <= 22 }).toEqual({
        sentence,
        words: true,
      });
  }
});

test("some of them come in the order of the alphabet", () => {
  expect(wordsOf(["tail", "cut"])).toEqual([glossary.cut, glossary.tail]);
});
