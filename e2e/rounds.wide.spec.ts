import { test } from "@playwright/test";
import { addresses, bareAddresses } from "./addresses";
import { accessibleWide } from "./looks/accessible";
import { everythingCanBePressed } from "./looks/pressable";
import { round } from "./round";

test.use({ contextOptions: { reducedMotion: "reduce" } });

round({
  claim: "a pointer hits what it sees, axe finds nothing serious",
  all: addresses(),
  looks: [everythingCanBePressed, accessibleWide],
});
round({
  claim: "a pointer hits what it sees in an empty logbook",
  logbook: "sereno",
  all: bareAddresses(),
  looks: [everythingCanBePressed],
});
