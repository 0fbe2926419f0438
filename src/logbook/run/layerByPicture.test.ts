import { firstLines, layerByPicture, linesAsked } from "./layerByPicture";

const tube = { shape: "tube", diameterMm: 25, heightMm: 200 } as const;
const asTold = { markMm: 200, sinks: false, fromAbove: false };
const volume = (told: ReturnType<typeof layerByPicture>) =>
  typeof told === "object" ? told.ml.p50 : NaN;

test("an oil that floats lies between its upper edge and the water, one that sinks on the bottom", () => {
  const floats = layerByPicture(tube, { ...firstLines, upper: 0.4 }, asTold);
  expect(volume(floats)).toBeGreaterThan(11.8);
  expect(volume(floats)).toBeLessThan(12.8);
  const sinks = layerByPicture(tube, { ...firstLines, meeting: 0.8 }, { ...asTold, sinks: true });
  expect(volume(sinks)).toBeGreaterThan(11.6);
  expect(volume(sinks)).toBeLessThan(13);
});

test("lines in the wrong order are named", () => {
  const wrong = (lines: Partial<typeof firstLines>) =>
    layerByPicture(tube, { ...firstLines, ...lines }, asTold);
  expect(wrong({ mark: 0.95 })).toBe("markBelow");
  expect(wrong({ upper: 0.6 })).toBe("upsideDown");
  expect(wrong({ meeting: 0.95 })).toBe("belowBottom");
});

test("only the lines that tell something are asked for", () => {
  expect(linesAsked("floats", false)).toEqual(["mark", "upper", "meeting", "bottom"]);
  expect(linesAsked("sinks", true)).toEqual(["rimFar", "mark", "meeting", "bottom"]);
});
