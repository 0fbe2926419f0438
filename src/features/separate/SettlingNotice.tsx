import { showDuration, showLength, showSalt, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
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
        message={t`The heat is not noted as off yet.`}
        remedy={t`Turn it off and let the still cool before you open it.`}
      />
    );
  /* Set in a vessel of its own, its card tells how far it is. */
  if (state.settling || settling.leftMinutes <= 0 || state.result) return null;
  const height = words(showLength(settlingColumnMm, units));
  const salt = words(showSalt(50, units));
  const holds =
    run.plan.schools?.settling !== "salt"
      ? t`This holds for a vessel filled ${height} high.`
      : units === "metric"
        ? t`This holds for a vessel filled ${height} high, with ${salt} of salt to the litre.`
        : t`This holds for a vessel filled ${height} high, with ${salt} of salt to the quart.`;
  return (
    <Notice
      severity="note"
      message={
        Number.isFinite(settling.minutes)
          ? t`${settlingWords(settling)}: ${showDuration(settling.leftMinutes)} from now. ${holds}`
          : t`This oil is as heavy as water and hardly separates. Salt or warmth helps.`
      }
      remedy={t`If you draw it off sooner, the fine drops stay in the hydrosol.`}
    />
  );
}
