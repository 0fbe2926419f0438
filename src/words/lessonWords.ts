import type { LessonId, TaskCode } from "@/core/practice/lessons";
import { t } from "@/language/t";
import type { CannotBegin } from "@/logbook/practice/beginExercise";

interface LessonWords {
  title: string;
  /** What it is about, before it begins. */
  intro: string;
}

/** The lessons, as they are called and begun. */
export const lessonWords: Record<LessonId, LessonWords> = {
  waterRun: {
    title: t`A run with water`,
    intro: t`Only a leaf lies in the basket. See how long a still takes to boil, and how fast it drips.`,
  },
  firstLavender: {
    title: t`The first lavender`,
    intro: t`A whole run from heat on to heat off. Follow the cues, and note what you see.`,
  },
  drips: {
    title: t`Reading the drips`,
    intro: t`Count drips and read the jar. Do they fit the plan? If not, the heat is wrong.`,
  },
  whenToStop: {
    title: t`When to stop`,
    intro: t`Read the oil a few times. Stop when ten more minutes are no longer worth the heat.`,
  },
  hidingOil: {
    title: t`An oil that hides`,
    intro: t`Clove oil is heavier than water. Find it before you pour a jar away.`,
  },
  roseCohobation: {
    title: t`Rose, with the water running back`,
    intro: t`The water returns to the pot, and the oil gathers slowly. Keep the cooling cold.`,
  },
  fieldDay: {
    title: t`A day in the field`,
    intro: t`A big charge, jars that fill, a seal that ages, and a helper who is curious.`,
  },
  coolingFails: {
    title: t`The cooling fails`,
    intro: t`Something goes wrong with the cooling. Be quick, and in the right order.`,
  },
  flameGoesOut: {
    title: t`The flame goes out`,
    intro: t`A gust of wind. What comes first?`,
  },
  pathStops: {
    title: t`Pressure`,
    intro: t`The way out closes. Know the signs before the lid does.`,
  },
};

/** What a lesson asks for. */
export const taskWords: Record<TaskCode, string> = {
  noteBoil: t`Note the boil`,
  noteFirstDrop: t`Note the first drop`,
  twoReadings: t`Read the jar twice, ten minutes apart`,
  countDrips: t`Count drips`,
  readOil: t`Read how much oil there is`,
  changeJar: t`Change the jar before it runs over`,
  lookBeforePouring: t`Look at the jar before you change it`,
  mended: t`Put right what goes wrong`,
  stopInTime: t`Turn off within fifteen minutes of the best moment`,
  heatOff: t`Turn the heat off`,
  unhurt: t`Nobody is hurt, nothing is spoilt`,
};

/** Why an exercise cannot begin, and what helps. */
export const cannotBeginWords: Record<CannotBegin, string> = {
  tooMuchPlant: t`So much plant does not go into this still. Take less, or a bigger still.`,
  neverDrips: t`With this heat no drop would ever come. Take less plant, or more heat.`,
  notPlanned: t`This still cannot do this plant so. Choose another way, state or still.`,
};
