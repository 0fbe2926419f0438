import { answerMark, answeredMarks, markCases } from "@/core/units/markMeaning";
import { keepMarkAnswers } from "./markAnswers";

afterEach(() => {
  for (const of of markCases) answerMark(of, undefined);
  window.localStorage.clear();
});

test("an answer is there again after a new start; what cannot be read is asked anew", () => {
  keepMarkAnswers();
  answerMark("pointSmall", "thousands");
  const kept = { ...window.localStorage };
  answerMark("pointSmall", undefined);
  for (const [key, value] of Object.entries(kept)) window.localStorage.setItem(key, String(value));
  keepMarkAnswers();
  expect(answeredMarks()).toEqual({ pointSmall: "thousands" });
  for (const broken of ["{", '{"pointSmall":"perhaps"}', "[]"]) {
    window.localStorage.setItem("sereno-marks", broken);
    keepMarkAnswers();
    expect(answeredMarks()).toEqual({});
  }
});
