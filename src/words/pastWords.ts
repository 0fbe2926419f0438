import type { Lesson, Missing } from "@/logbook/past/teaches";
import type { PastColumn } from "@/logbook/past/pastForm";
import type { PastStop } from "@/records/run";

/** How a past run was stopped. */
export const pastStopWords: Record<PastStop, string> = {
  unknown: "Not noted",
  clock: "By the clock",
  hydrosol: "Enough hydrosol",
  smell: "By smell or colour",
  water: "The water ran low",
  trouble: "Something went wrong",
};

/** What a past run teaches the forecasts. */
export const lessonWords: Record<Lesson, string> = {
  yield: "How much oil this plant holds",
  rate: "How fast this still distils",
  warming: "How long this still takes to the first drop",
};

/** What is missing for that. */
export const missingWords: Record<Missing, string> = {
  weight: "the plant weight",
  oil: "the oil",
  times: "how long it ran",
  hydrosol: "the hydrosol",
  heatOn: "when the heat went on",
};

/** What a column of a table of past runs holds. */
export const pastColumnWords: Record<PastColumn, string> = {
  day: "Day",
  plantId: "Plant",
  state: "State",
  stillId: "Still",
  mass: "Plant weight",
  water: "Water in the pot",
  heatOn: "Heat on",
  firstDrop: "First drop",
  heatOff: "Heat off",
  jars: "Jars",
  oil: "Oil",
  hydrosol: "Hydrosol",
  look: "Look",
  smell: "Smell",
  note: "Note",
};
