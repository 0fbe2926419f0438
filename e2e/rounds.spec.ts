import { test } from "@playwright/test";
import { addresses, bareAddresses } from "./addresses";
import { accessibleOnPhone } from "./looks/accessible";
import { everythingIsAMessage } from "./looks/messages";
import { everythingCanBePressed } from "./looks/pressable";
import { nothingBut } from "./looks/units";
import { wordsStayWhole } from "./looks/wholeWords";
import { unfold } from "./openEach";
import { round } from "./round";
import { goTo } from "./steps";

test.use({ contextOptions: { reducedMotion: "reduce" } });

/* The guide tells both systems of units of both, and another language has another guide. */
const guide = "/bench/guide";
const screens = addresses().filter((address) => address !== guide);
/* In an empty logbook the books are as they are in a full one. */
const bareScreens = bareAddresses().filter(
  (address) => !/^\/bench\/(guide|plants\/|words|calculator)/.test(address),
);

round({
  claim: "a finger hits what it sees, axe finds nothing serious, units are metric, words whole",
  all: screens,
  go: goTo,
  perTest: 10,
  looks: [everythingCanBePressed, accessibleOnPhone, unfold, nothingBut("metric"), wordsStayWhole],
});
round({
  claim: "the guide is pressed, seen and read by all",
  all: [guide],
  looks: [everythingCanBePressed, accessibleOnPhone, wordsStayWhole],
  opened: [everythingCanBePressed],
});

/* With the longest words on the narrowest screen a finger has the least room: there each list and sheet is opened. */
test.describe("on a narrow phone", () => {
  test.use({ viewport: { width: 320, height: 700 } });
  round({
    claim: "every sentence is a message, and fits; a finger hits what it sees",
    language: "pseudo",
    all: screens,
    looks: [unfold, everythingIsAMessage, everythingCanBePressed],
    opened: [everythingIsAMessage, everythingCanBePressed],
  });
  round({
    claim: "every sentence is a message, and fits, in an empty logbook; a finger hits what it sees",
    language: "pseudo",
    logbook: "sereno",
    all: bareScreens,
    looks: [unfold, everythingIsAMessage, everythingCanBePressed],
    opened: [everythingIsAMessage, everythingCanBePressed],
  });

  test.describe("in the United States", () => {
    test.use({ locale: "en-US" });
    round({
      claim: "nothing but US units, words whole",
      all: screens,
      perTest: 20,
      looks: [unfold, nothingBut("us"), wordsStayWhole],
    });
  });
});
