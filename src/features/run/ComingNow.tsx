import { memo } from "react";
import { View } from "react-native";
import { showVolume, words } from "@/core/units/format";
import { notesAt } from "@/core/plan/notes";
import type { NoteFamily } from "@/core/plant/noteFamilies";
import { t } from "@/language/t";
import { cutsMlOf, notesOfPlan } from "@/logbook/run/notesOfPlan";
import { NoteBands, shownFamilies } from "@/ui/charts/NoteBands";
import { Txt } from "@/ui/primitives/Txt";
import { noteWords } from "@/words/noteWords";
import type { CockpitPart } from "./CockpitHead";

const named = (families: readonly NoteFamily[]) =>
  families.map((family) => noteWords[family]).join(", ");

/** What the drops smell of now by the plan, and what comes next; a strip of the run with a mark where it stands. */
export const ComingNow = memo(function ComingNow({ run, live, units }: CockpitPart) {
  const notes = notesOfPlan(run.plan);
  if (!notes || !live.live) return null;
  const nowMl = live.live.distillateMl;
  const now = notesAt(notes, nowMl);
  const later = nextNotes(notes, nowMl, now);
  const coming = t`Coming now: ${named(now)}`;
  return (
    <View className="gap-1 rounded-card bg-panel px-3 py-1">
      <Txt variant="small" className="text-ink">
        {later
          ? t`${coming} · from ${words(showVolume(later.ml, units))} ${named(later.notes)}`
          : coming}
      </Txt>
      <NoteBands
        bands={notes.bands}
        families={shownFamilies(notes.bands)}
        cutsMl={cutsMlOf(run.plan)}
        nowMl={nowMl}
        height={18}
        from=""
        to=""
        inWords={`${coming}.`}
      />
    </View>
  );
});

/** From when on something else leads. */
function nextNotes(
  { bands }: { bands: Parameters<typeof notesAt>[0]["bands"] },
  nowMl: number,
  now: readonly NoteFamily[],
): { ml: number; notes: NoteFamily[] } | undefined {
  for (const { fromMl } of bands) {
    if (fromMl <= nowMl) continue;
    const notes = notesAt({ bands }, fromMl);
    if (notes[0] !== now[0]) return { ml: fromMl, notes };
  }
  return undefined;
}
