import { useRouter } from "expo-router";
import { showDay } from "@/core/units/dates";
import { showOil, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { binRuns, leaveRunsOut } from "@/store/acts/severalRuns";
import { useAppDispatch } from "@/store/hooks";
import { ActOnSeveral } from "@/ui/primitives/ActOnSeveral";
import { phaseInShort } from "@/words/runWords";

interface Props {
  /** What the search shows now. */
  runs: readonly RunSummary[];
  onClose: () => void;
}

/* More columns than this nobody compares. */
const mostBeside = 4;

/** Several runs in one step: compared, left out of learning, counted in again, or deleted. */
export function SeveralRuns({ runs, onClose }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return (
    <ActOnSeveral
      none={t`Tick at least one run.`}
      items={runs.map(({ run, plantName, at, result, state }) => ({
        id: run.id,
        label: `${run.number} · ${plantName}`,
        detail: [
          showDay(at),
          result ? words(showOil(result.oilMl)) : phaseInShort(state),
          run.notToLearn ? t`left out of learning` : undefined,
        ]
          .filter(Boolean)
          .join(" · "),
      }))}
      acts={[
        {
          label: t`Compare`,
          act: (ids) => {
            if (ids.length < 2 || ids.length > mostBeside)
              return { ok: false, problem: t`tick 2 to ${mostBeside} runs to compare` };
            router.push(`/runs/compare?ids=${ids.join(",")}`);
            return { ok: true };
          },
        },
        { label: t`Leave out of learning`, act: (ids) => dispatch(leaveRunsOut(ids, true)) },
        { label: t`Count in again`, act: (ids) => dispatch(leaveRunsOut(ids, false)) },
        {
          label: t`Delete`,
          hint: t`Delete: the ticked runs`,
          act: (ids) => dispatch(binRuns(ids)),
        },
      ]}
      onClose={onClose}
    />
  );
}
