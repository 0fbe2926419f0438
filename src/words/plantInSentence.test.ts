import { plantInSentence } from "./plantInSentence";

test.each([
  ["Clary sage", "clary sage"],
  ["Scots pine", "Scots pine"],
  ["Sweet Annie", "sweet Annie"],
  ["Frankincense", "frankincense"],
  ["My Rosemary from the wall", "My Rosemary from the wall"],
])("%s is written %s within a sentence", (name, within) => {
  expect(plantInSentence(name)).toBe(within);
});
