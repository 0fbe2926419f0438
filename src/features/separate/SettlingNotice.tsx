import { showDuration } from "@/core/units/format";
import type { RunState } from "@/logbook/run/runState";
import type { settlingLeft } from "@/logbook/run/settlingLeft";
import { settlingColumnMm } from "@/logbook/run/settlingTime";
import type { Run } from "@/records/run";
import { Notice } from "@/ui/primitives/Notice";
import { settlingWords } from "@/words/settlingWords";

/** What is still to be waited for before anything is drawn off. */
export function SettlingNotice({
  run,
  state,
  settling,
}: {
  run: Run;
  state: RunState;
  settling: ReturnType<typeof settlingLeft>;
}) {
  if (state.heatOffAt === undefined)
    return (
      <Notice
        severity="caution"
        message="The heat is not noted as off yet."
        remedy="Turn it off and let the still cool before you open it."
      />
    );
  /* Set in a vessel of its own, its card tells how far it is. */
  if (state.settling || settling.leftMinutes <= 0 || state.result) return null;
  const salted = run.plan.schools?.settling === "salt" ? ", with 50 g of salt to the litre" : "";
  return (
    <Notice
      severity="note"
      message={
        Number.isFinite(settling.minutes)
          ? `In a vessel filled ${settlingColumnMm} mm high${salted}, ${settlingWords(settling)}: ${showDuration(settling.leftMinutes)} from now.`
          : "This oil is as heavy as water and hardly separates: salt or warmth helps."
      }
      remedy="Draw off sooner, and what still floats as fine drops goes with the hydrosol."
    />
  );
}
