import { test } from "@playwright/test";
import { addresses, bareAddresses } from "./addresses";
import { accessibleWide, oneColumn } from "./looks/accessible";
import { everythingCanBePressed } from "./looks/pressable";
import { round } from "./round";

test.use({ contextOptions: { reducedMotion: "reduce" } });

round({
  claim: "a pointer hits what it sees, axe finds nothing serious",
  all: addresses().filter((address) => !oneColumn.has(address)),
  perTest: 7,
  looks: [everythingCanBePressed, accessibleWide],
  opened: [everythingCanBePressed],
});
round({
  claim: "a pointer hits what it sees in one column",
  all: addresses().filter((address) => oneColumn.has(address)),
  perTest: 20,
  looks: [everythingCanBePressed],
});
round({
  claim: "a pointer hits what it sees in an empty logbook",
  logbook: "sereno",
  all: bareAddresses(),
  perTest: 25,
  looks: [everythingCanBePressed],
});
