import { View } from "react-native";
import { showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { cutsMlOf, notesOfPlan } from "@/logbook/run/notesOfPlan";
import type { RunSummary } from "@/logbook/run/runSummary";
import { NoteBands, NoteLegend, shownFamilies } from "@/ui/charts/NoteBands";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { noteWords } from "@/words/noteWords";

/** Which notes came when, run under run. */
export function NotesBeside({ runs, units }: { runs: readonly RunSummary[]; units: UnitSystem }) {
  const told = runs.flatMap(({ run }) => {
    const notes = notesOfPlan(run.plan);
    return notes ? [{ run, notes }] : [];
  });
  if (told.length === 0) return null;
  const families = shownFamilies(told.flatMap(({ notes }) => notes.bands));
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`Notes over the run`}</Txt>
      {told.map(({ run, notes }) => (
        <View key={run.id} className="gap-1">
          <Txt variant="label">{t`Run ${run.number}`}</Txt>
          <NoteBands
            bands={notes.bands}
            families={families}
            cutsMl={cutsMlOf(run.plan)}
            from={t`first drop`}
            to={words(showVolume(notes.distillateMl, units))}
            height={34}
            inWords={t`Run ${run.number}: mostly ${notes
              .mostly(0, notes.distillateMl)
              .map((family) => noteWords[family])
              .join(", ")}.`}
          />
        </View>
      ))}
      <NoteLegend families={families} names={noteWords} />
      <Txt variant="small">{t`By each plan, as the plant usually is.`}</Txt>
    </Card>
  );
}
