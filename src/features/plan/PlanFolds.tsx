import { memo } from "react";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { notesOfRun } from "@/core/plan/notes";
import { plural, t } from "@/language/t";
import type { Way } from "@/words/waysOfWorking";
import type { PlanDraft } from "@/records/planDraft";
import { Fold } from "@/ui/primitives/Fold";
import { noteWords } from "@/words/noteWords";
import { NotesCard } from "./NotesCard";
import type { PlanWork } from "./usePlanDraft";
import { Ways } from "./Ways";

interface Props {
  plan: ChargePlan;
  work: PlanWork;
  ways: readonly Way[];
  onChoose: (part: Partial<PlanDraft>, label: string) => void;
}

/** What is more than the answer, a line each that says what is inside. */
export const PlanFolds = memo(function PlanFolds({ plan, work, ways, onChoose }: Props) {
  const scents = scentsOf(plan);
  return (
    <>
      {scents ? (
        <Fold
          title={t`Which notes come when`}
          inside={scents}
          filled={work.draft.hydrosol === "notes"}
        >
          <NotesCard plan={plan} draft={work.draft} units={work.units} onChange={work.change} />
        </Fold>
      ) : null}
      <Fold
        title={t`Ways of working`}
        inside={t`${plural(ways.length, { one: "# question", other: "# questions" })} on which distillers differ, each with your answer`}
      >
        <Ways plan={work} ways={ways} onChoose={onChoose} />
      </Fold>
    </>
  );
});

/** The run from its first note to its last; undefined where nothing is known of them. */
function scentsOf({ request }: ChargePlan): string | undefined {
  const { bands, jars } = notesOfRun(request);
  if (bands.length === 0) return undefined;
  const names = jars.flatMap(({ mostly }) => mostly.slice(0, 1)).map((note) => noteWords[note]);
  return names.length > 0 ? t`From ${[...new Set(names)].join(" to ")}` : undefined;
}
