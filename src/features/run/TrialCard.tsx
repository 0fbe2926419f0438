import { memo } from "react";
import { showDuration, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { usePlantBook } from "@/store/plants";
import { useTrialPlace } from "@/store/useTrialPlace";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { placeWords } from "@/words/trialWords";

/** What this run is to a trial, what must stay equal, and how the other half went. */
export const TrialCard = memo(function TrialCard({
  runId,
  units,
}: {
  runId: string;
  units: UnitSystem;
}) {
  const book = usePlantBook();
  const place = useTrialPlace(runId);
  if (!place) return null;
  const { message, remedy } = placeWords(place);
  const other = place.others.map((run) => summarise(run, book)).find(({ state }) => state.litAt);
  return (
    <Card className="gap-1 py-3">
      <Txt variant="strong">{message}</Txt>
      <Txt variant="small" className="text-ink">
        {remedy}
      </Txt>
      {other ? (
        <Txt variant="small" className="text-ink">
          {otherWords(other, units)}
        </Txt>
      ) : null}
    </Card>
  );
});

function otherWords(
  { run, state, minutesFromFirstDrop: minutes }: RunSummary,
  units: UnitSystem,
): string {
  const hydrosolMl = state.result?.hydrosolMl;
  const time =
    minutes === undefined ? t`not over yet` : t`${showDuration(minutes)} from the first drop`;
  return hydrosolMl === undefined
    ? t`Run ${run.number} on the other side: ${time}.`
    : t`Run ${run.number} on the other side: ${time}, ${words(showVolume(hydrosolMl, units))} of hydrosol.`;
}
