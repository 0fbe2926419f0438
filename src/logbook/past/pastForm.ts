import type { PastStop } from "@/records/run";

/** One reading of a run that is told afterwards, as typed. */
export interface PastReading {
  time: string;
  distillate: string;
  head: string;
  oil: string;
}

/** Everything that stands in the form of a past run, as text. Only day and plant have to be told. */
export interface PastForm {
  /** `YYYY-MM-DD`. */
  day: string;
  plantId: string;
  state: string;
  stillId: string;
  method: string;
  mass: string;
  massUnit: string;
  water: string;
  waterUnit: string;
  heatOn: string;
  firstDrop: string;
  heatOff: string;
  jars: string;
  oil: string;
  oilUnit: string;
  hydrosol: string;
  hydrosolUnit: string;
  stopped: PastStop;
  look: string;
  smell: string;
  note: string;
  readings: PastReading[];
}

export const emptyReading: PastReading = { time: "", distillate: "", head: "", oil: "" };

/** A form to begin with. */
export function emptyPastForm(
  day: string,
  units: Pick<PastForm, "massUnit" | "waterUnit" | "oilUnit" | "hydrosolUnit">,
): PastForm {
  return {
    day,
    plantId: "",
    state: "",
    stillId: "",
    method: "",
    mass: "",
    water: "",
    heatOn: "",
    firstDrop: "",
    heatOff: "",
    jars: "",
    oil: "",
    hydrosol: "",
    stopped: "unknown",
    look: "",
    smell: "",
    note: "",
    readings: [],
    ...units,
  };
}

/** What a column of a table of past runs can hold. */
export const pastColumns = [
  "day",
  "plantId",
  "state",
  "stillId",
  "mass",
  "water",
  "heatOn",
  "firstDrop",
  "heatOff",
  "jars",
  "oil",
  "hydrosol",
  "look",
  "smell",
  "note",
] as const;
export type PastColumn = (typeof pastColumns)[number];
