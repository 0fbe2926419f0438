import { lessonIds } from "@/core/practice/lessons";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { faultOf } from "@/records/migrate";
import { defaultPreferences } from "@/records/setting";
import { beginExercise } from "./beginExercise";
import { lessonSpec } from "./lessonSpec";

test.each(lessonIds)("lesson %s can be begun, and what it keeps can be opened again", (id) => {
  const spec = lessonSpec(id, "Lesson");
  const begun = beginExercise(spec, catalogueBook.byId(spec.plantId)!, {
    site: defaultPreferences().site,
    number: 1,
    now: new Date("2026-07-14T08:00:00Z"),
  });
  if ("cannot" in begun) throw new Error(begun.cannot);
  for (const record of [begun.still, begun.run, begun.record])
    expect(faultOf(record)).toBeUndefined();
});
