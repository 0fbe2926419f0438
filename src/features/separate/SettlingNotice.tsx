import { showDuration, showLength, showSalt, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
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
  units,
}: {
  run: Run;
  state: RunState;
  settling: ReturnType<typeof settlingLeft>;
  units: UnitSystem;
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
  const salted =
    run.plan.schools?.settling === "salt"
      ? `, with ${words(showSalt(50, units))} of salt to the ${units === "metric" ? "litre" : "quart"}`
      : "";
  return (
    <Notice
      severity="note"
      message={
        Number.isFinite(settling.minutes)
          ? `${settlingWords(settling)}: ${showDuration(settling.leftMinutes)} from now. This holds for a vessel filled ${words(showLength(settlingColumnMm, units))} high${salted}.`
          : "This oil is as heavy as water and hardly separates. Salt or warmth helps."
      }
      remedy="If you draw it off sooner, the fine drops stay in the hydrosol."
    />
  );
}
