import { t } from "@/language/t";
import type { DrinkNote } from "@/logbook/shelf/drinkNote";

/** Whether a water may be drunk, beside its cautions. */
export const drinkNoteWords: Record<DrinkNote, string> = {
  spoilt: t`To drink? No. Its last check says: throw it away.`,
  preserved: t`To drink? No. A preservative is in it.`,
  liquor: t`To drink? No. It was boiled long with the plant, and what is in it is not known.`,
  unknownPlant: t`To drink? No. Not every plant in it is known here.`,
  old: t`To drink? No. Its best-by is past.`,
  untested: t`To drink? It is not known to hold more than is usual in drinks, but that is not a test. Take a spoonful in food at most, and ask someone qualified for more.`,
};
