import type { DrinkNote } from "@/logbook/shelf/drinkNote";

/** Whether a water may be drunk, beside its cautions. */
export const drinkNoteWords: Record<DrinkNote, string> = {
  spoilt: "To drink? No. Its last check says: throw it away.",
  preserved: "To drink? No. A preservative is in it.",
  liquor: "To drink? No. It was boiled long with the plant, and what is in it is not known.",
  unknownPlant: "To drink? No. Not every plant in it is known here.",
  old: "To drink? No. Its best-by is past.",
  untested:
    "To drink? It is not known to hold more than is usual in drinks, but that is not a test. Take a spoonful in food at most, and ask someone qualified for more.",
};
