import { t } from "@/language/t";
import type { Lesson, Missing } from "@/logbook/past/teaches";
import type { PastColumn } from "@/logbook/past/pastForm";
import type { PastStop } from "@/records/run";

/** How a past run was stopped. */
export const pastStopWords: Record<PastStop, string> = {
  unknown: t`Not noted`,
  clock: t`By the clock`,
  hydrosol: t`Enough hydrosol`,
  smell: t`By smell or colour`,
  water: t`The water ran low`,
  trouble: t`Something went wrong`,
};

/** The same as a sentence of the run. */
export const pastStopSaid: Record<PastStop, string> = {
  unknown: t`How it was stopped was not noted.`,
  clock: t`It was stopped by the clock.`,
  hydrosol: t`It was stopped when there was enough hydrosol.`,
  smell: t`It was stopped by smell or colour.`,
  water: t`It was stopped because the water ran low.`,
  trouble: t`It was stopped because something went wrong.`,
};

/** What a past run teaches the forecasts. */
export const lessonWords: Record<Lesson, string> = {
  yield: t`How much oil this plant holds`,
  rate: t`How fast this still distils`,
  warming: t`How long this still takes to the first drop`,
};

/** What is missing for that. */
export const missingWords: Record<Missing, string> = {
  weight: t`the plant weight`,
  oil: t`the oil`,
  times: t`how long it ran`,
  hydrosol: t`the hydrosol`,
  heatOn: t`when the heat went on`,
};

/** What a column of a table of past runs holds. */
export const pastColumnWords: Record<PastColumn, string> = {
  day: t`Day`,
  plantId: t`Plant`,
  state: t`State`,
  stillId: t`Still`,
  mass: t`Plant weight`,
  water: t`Water in the pot`,
  heatOn: t`Heat on`,
  firstDrop: t`First drop`,
  heatOff: t`Heat off`,
  jars: t`Jars`,
  oil: t`Oil`,
  hydrosol: t`Hydrosol`,
  look: t`Look`,
  smell: t`Smell`,
  note: t`Note`,
};
