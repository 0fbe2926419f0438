import type { Fault, Sense, StillTraits } from "./faults";
import type { StillTruth } from "./virtualStill";

/** What a person sees, smells, hears or feels at a still. */
export const signCodes = [
  "steamAtOutlet",
  "noDrip",
  "wispAtLid",
  "lidLifts",
  "jarNearlyFull",
  "jarOver",
  "plantComesOver",
  "noFlame",
  "flameHigh",
  "crystals",
  "noIce",
  "oilOnBottom",
  "film",
  "brown",
  "noCoolingWater",
  "sputters",
  "asItShould",
  "nothingYet",
  "strongInRoom",
  "burnt",
  "anotherPlant",
  "gas",
  "evenBoil",
  "silent",
  "crackles",
  "gurgles",
  "hisses",
  "knocks",
  "valveBlows",
  "helperReaches",
  "outletCool",
  "outletWarm",
  "outletHot",
  "tubLayers",
] as const;
export type SignCode = (typeof signCodes)[number];

/** What nobody can miss: it is told without being asked for. */
export const unmistakable: ReadonlySet<SignCode> = new Set([
  "hisses",
  "knocks",
  "valveBlows",
  "helperReaches",
  "lidLifts",
]);

/* Judgements of when a sense tells: °C, mbar, g/min, shares, mL of free water over the dry line. */
const from = {
  steamC: 75,
  hotC: 55,
  warmC: 38,
  hissMbar: 10,
  lidMbar: 30,
  vapourG: 1.5,
  nearlyFull: 0.85,
  burnt: 0.12,
  brown: 0.35,
  froth: 0.3,
  crystals: 0.25,
  sputters: 0.4,
  crackleMl: 60,
  oilMl: 0.05,
};

/** What each sense tells now, from how the still truly stands. Never empty. */
export function signsNow(
  sense: Sense,
  {
    truth,
    faults,
    traits,
    boiling,
    lineMl,
  }: {
    truth: StillTruth;
    faults: ReadonlySet<Fault>;
    traits: StillTraits;
    boiling: boolean;
    /** Free water at the dry line, mL. */
    lineMl: number;
  },
): SignCode[] {
  const found = (
    sense === "look" ? seen() : sense === "smell" ? smelt() : sense === "listen" ? heard() : felt()
  ).filter(Boolean) as SignCode[];
  return found.length > 0 ? found : [usual[sense](boiling, truth)];

  function seen() {
    return [
      truth.outletC > from.steamC && (truth.steaming || truth.vapourGPerMin > 0) && "steamAtOutlet",
      faults.has("coolingLost") && "noCoolingWater",
      truth.steaming && truth.rateMlPerMin < 0.3 && "noDrip",
      faults.has("leak") && truth.steaming && "wispAtLid",
      truth.overMbar >= from.lidMbar && "lidLifts",
      truth.spilledMl > 0 && truth.inJarMl >= traits.jarMl && "jarOver",
      truth.inJarMl >= from.nearlyFull * traits.jarMl && "jarNearlyFull",
      truth.froth > 0.6 && "plantComesOver",
      faults.has("heatCut") && "noFlame",
      faults.has("heatHigh") && "flameHigh",
      faults.has("sets") && truth.stopped > from.crystals && "crystals",
      faults.has("iceGone") && traits.cooledBy === "tub" && "noIce",
      faults.has("airLock") && "sputters",
      truth.scorched > from.brown && "brown",
      truth.oilInJarMl > from.oilMl && (traits.layer === "sinks" ? "oilOnBottom" : "film"),
    ];
  }
  function smelt() {
    return [
      (truth.vapourGPerMin > from.vapourG ||
        (truth.steaming && (faults.has("leak") || faults.has("reliefLifts"))) ||
        truth.overMbar >= from.lidMbar) &&
        "strongInRoom",
      truth.scorched > from.burnt && "burnt",
      faults.has("wrongPlant") && truth.steaming && "anotherPlant",
      truth.gasMinutes > 0.2 && "gas",
    ];
  }
  function heard() {
    return [
      truth.froth > from.froth && "gurgles",
      truth.overMbar >= from.hissMbar && "hisses",
      faults.has("lineWater") && truth.steaming && "knocks",
      faults.has("reliefLifts") && truth.steaming && "valveBlows",
      faults.has("helperOpens") && "helperReaches",
      truth.steaming && truth.waterMl - lineMl < from.crackleMl && "crackles",
    ];
  }
  function felt() {
    return [
      truth.outletC >= from.hotC
        ? "outletHot"
        : truth.outletC >= from.warmC
          ? "outletWarm"
          : "outletCool",
      faults.has("tubWarm") && "tubLayers",
    ];
  }
}

const usual: Record<Sense, (boiling: boolean, truth: StillTruth) => SignCode> = {
  look: (_, { steaming }) => (steaming ? "asItShould" : "nothingYet"),
  smell: (_, { steaming }) => (steaming ? "asItShould" : "nothingYet"),
  listen: (boiling) => (boiling ? "evenBoil" : "silent"),
  feel: () => "outletCool",
};
