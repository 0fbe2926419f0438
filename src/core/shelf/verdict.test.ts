import type { Product } from "./products";
import { type Noticed, type Sign, type Verdict, verdictOf } from "./verdict";

const told = (product: Product, seen: Noticed, first?: Noticed) => {
  const { signs, verdict } = verdictOf(product, seen, first);
  return [signs.join(" "), verdict];
};

test.each<[Noticed, Noticed, Sign | "", Verdict]>([
  [{}, {}, "", "keep"],
  [{ smell: "asItWas", colour: "asItWas", clarity: "clear" }, {}, "", "keep"],
  [{ ph: 6 }, {}, "", "keep"],
  [{}, { ph: 5 }, "", "keep"],
  [{ ph: 5.49 }, { ph: 5 }, "", "keep"],
  [{ ph: 5.5 }, { ph: 5 }, "phMoved", "measureAgain"],
  [{ ph: 4.01 }, { ph: 5 }, "phMoved", "measureAgain"],
  [{ ph: 4 }, { ph: 5 }, "phMovedFar", "throwAway"],
  [{ coloniesPerMl: 99 }, {}, "", "keep"],
  [{ coloniesPerMl: 100 }, {}, "someColonies", "useSoon"],
  [{ coloniesPerMl: 999 }, {}, "someColonies", "useSoon"],
  [{ coloniesPerMl: 1000 }, {}, "manyColonies", "throwAway"],
  [{ clarity: "cloudy" }, {}, "newCloud", "throwAway"],
  [{ clarity: "cloudy" }, { clarity: "cloudy" }, "", "keep"],
  [{ clarity: "hazy" }, { clarity: "clear" }, "haze", "warmFirst"],
  [{ clarity: "hazy" }, { clarity: "hazy" }, "", "keep"],
  [{ clarity: "hazy" }, { clarity: "cloudy" }, "", "keep"],
  [{ signs: ["threads"] }, {}, "threads", "throwAway"],
  [{ signs: ["film"] }, {}, "film", "throwAway"],
  [{ signs: ["thicker"] }, {}, "thicker", "throwAway"],
  [{ smell: "sour" }, {}, "sour", "throwAway"],
  [{ smell: "musty" }, {}, "musty", "throwAway"],
  [{ smell: "sharp" }, {}, "varnish", "throwAway"],
  [{ smell: "weaker" }, {}, "weaker", "useSoon"],
  [{ colour: "other" }, {}, "otherColour", "useSoon"],
  [{ colour: "darker" }, {}, "darker", "useSoon"],
])("of a hydrosol: %j, at first %j", (seen, first, sign, verdict) => {
  expect(told("hydrosol", seen, first)).toEqual([sign, verdict]);
});

test.each<[Noticed, Sign | "", Verdict]>([
  [{ smell: "asItWas", colour: "asItWas", clarity: "clear" }, "", "keep"],
  [{ smell: "sharp" }, "varnish", "notOnSkin"],
  [{ smell: "sour" }, "sour", "notOnSkin"],
  [{ smell: "musty" }, "musty", "notOnSkin"],
  [{ signs: ["thicker"] }, "thicker", "notOnSkin"],
  [{ signs: ["stickyRim"] }, "stickyRim", "notOnSkin"],
  [{ signs: ["waterBelow"] }, "water", "drawOffWater"],
  [{ clarity: "cloudy" }, "water", "drawOffWater"],
  [{ clarity: "hazy" }, "water", "drawOffWater"],
  [{ signs: ["threads"] }, "threads", "chillOrFilter"],
  [{ signs: ["film"] }, "film", "drawOffWater"],
  [{ smell: "weaker" }, "weaker", "useSoon"],
  [{ colour: "other" }, "otherColour", "useSoon"],
  [{ colour: "darker" }, "darker", "useSoon"],
])("of an oil: %j", (seen, sign, verdict) => {
  expect(told("oil", seen)).toEqual([sign, verdict]);
});

test("two signs of an oil that has taken up oxygen are its end; one beside a lesser one is not", () => {
  expect(told("oil", { smell: "sharp", signs: ["thicker"] })[1]).toBe("throwAway");
  expect(told("oil", { smell: "sharp", colour: "darker", clarity: "hazy" })[1]).toBe("notOnSkin");
  expect(told("oil", { colour: "darker", signs: ["threads"] })[1]).toBe("chillOrFilter");
});
