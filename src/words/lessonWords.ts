import type { LessonId, TaskCode } from "@/core/practice/lessons";
import type { CannotBegin } from "@/logbook/practice/beginExercise";

interface LessonWords {
  title: string;
  /** What it is about, before it begins. */
  intro: string;
}

/** The lessons, as they are called and begun. */
export const lessonWords: Record<LessonId, LessonWords> = {
  waterRun: {
    title: "A run with water",
    intro:
      "Only a leaf lies in the basket. See how long a still takes to boil, and how fast it drips.",
  },
  firstLavender: {
    title: "The first lavender",
    intro: "A whole run from heat on to heat off. Follow the cues, and note what you see.",
  },
  drips: {
    title: "Reading the drips",
    intro: "Count drips and read the jar. Do they fit the plan? If not, the heat is wrong.",
  },
  whenToStop: {
    title: "When to stop",
    intro: "Read the oil a few times. Stop when ten more minutes are no longer worth the heat.",
  },
  hidingOil: {
    title: "An oil that hides",
    intro: "Clove oil is heavier than water. Find it before you pour a jar away.",
  },
  roseCohobation: {
    title: "Rose, with the water running back",
    intro: "The water returns to the pot, and the oil gathers slowly. Keep the cooling cold.",
  },
  fieldDay: {
    title: "A day in the field",
    intro: "A big charge, jars that fill, a seal that ages, and a helper who is curious.",
  },
  coolingFails: {
    title: "The cooling fails",
    intro: "Something goes wrong with the cooling. Be quick, and in the right order.",
  },
  flameGoesOut: {
    title: "The flame goes out",
    intro: "A gust of wind. What comes first?",
  },
  pathStops: {
    title: "Pressure",
    intro: "The way out closes. Know the signs before the lid does.",
  },
};

/** What a lesson asks for. */
export const taskWords: Record<TaskCode, string> = {
  noteBoil: "Note the boil",
  noteFirstDrop: "Note the first drop",
  twoReadings: "Read the jar twice, ten minutes apart",
  countDrips: "Count drips",
  readOil: "Read how much oil there is",
  changeJar: "Change the jar before it runs over",
  lookBeforePouring: "Look at the jar before you change it",
  mended: "Put right what goes wrong",
  stopInTime: "Turn off within fifteen minutes of the best moment",
  heatOff: "Turn the heat off",
  unhurt: "Nobody is hurt, nothing is spoilt",
};

/** Why an exercise cannot begin, and what helps. */
export const cannotBeginWords: Record<CannotBegin, string> = {
  tooMuchPlant: "So much plant does not go into this still. Take less, or a bigger still.",
  neverDrips: "With this heat no drop would ever come. Take less plant, or more heat.",
  notPlanned: "This still cannot do this plant so. Choose another way, state or still.",
};
