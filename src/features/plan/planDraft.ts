import type { UnitSystem } from "@/core";

/** Everything that stands in the plan's fields, as text, so that it survives a reload word for word. */
export interface PlanDraft {
  plantId: string;
  state: string;
  stillId: string;
  method: string;
  /** From the plant that there is, or from the product that is wanted. */
  goal: "have" | "want";
  wishWhat: "oil" | "hydrosol";
  wishText: string;
  wishUnit: string;
  /** How the mass is told: on a scale, or counted in a measure. */
  massBy: "scale" | "measure";
  massText: string;
  massUnit: string;
  measureId: string;
  countText: string;
  /** Months a dried plant has lain. */
  agedText: string;
  preparation: string;
  pace: "gentle" | "brisk";
  waterRule: "ratio" | "cover" | "mark";
  stopBy: "least" | "ratio" | "worth" | "clock" | "smell";
  ratioText: string;
  /** Empty: a fiftieth of the charge's oil. */
  worthText: string;
  minutesText: string;
  hydrosol: "firstCut" | "all";
  settling: "share" | "halfHour" | "overnight" | "salt";
  copper: "none" | "copper";
  /** Empty: the plan chooses. */
  waterText: string;
  waterUnit: string;
  chargesText: string;
  /** Ice in the tub, kg; empty: as the still's record says. */
  iceText: string;
  /** Cooling water, °C; empty: as the site says. */
  coolingText: string;
  /** Place of the receiver among the still's. */
  receiver: string;
  /** The harvest whose next charge this is. */
  harvestId: string;
}

/** A draft to begin with: each question of practice at its default. */
export function emptyDraft(units: UnitSystem): PlanDraft {
  return {
    plantId: "",
    state: "",
    stillId: "",
    method: "",
    goal: "have",
    wishWhat: "oil",
    wishText: "",
    wishUnit: "mL",
    massBy: "scale",
    massText: "",
    massUnit: units === "metric" ? "g" : "oz",
    measureId: "",
    countText: "",
    agedText: "",
    preparation: "",
    pace: "gentle",
    waterRule: "ratio",
    stopBy: "least",
    ratioText: "1",
    worthText: "",
    minutesText: "",
    hydrosol: "firstCut",
    settling: "share",
    copper: "none",
    waterText: "",
    waterUnit: units === "metric" ? "mL" : "floz",
    chargesText: "",
    iceText: "",
    coolingText: "",
    receiver: "0",
    harvestId: "",
  };
}
