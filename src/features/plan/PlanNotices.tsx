import type { ChargePlan } from "@/core/plan/chargePlan";
import { noonOf, showDayOfYear } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import { harvestLeftG, scaleTolerance } from "@/logbook/harvest/harvestLeft";
import { chargeDrafted } from "@/logbook/trial/sidesBeside";
import { placeIn } from "@/logbook/trial/trialPlace";
import type { Run } from "@/records/run";
import { Notice } from "@/ui/primitives/Notice";
import { besideWords, placeWords } from "@/words/trialWords";
import { type Door, doorTitles, hiddenProblems } from "./doors";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  work: PlanWork;
  plan: ChargePlan | undefined;
  refused: string | undefined;
  /** The run that this plan changes, where it was made ready before and is not lit. */
  replaces: Run | undefined;
  onOpen: (door: Door) => void;
}

/** What is to be known before the answer is read: whose plan it is, and what in it cannot be. */
export function PlanNotices({ work, plan, refused, replaces, onOpen }: Props) {
  const { read, units, change } = work;
  const place = placeOf(work, plan);
  const toMend = place && besideWords(place);
  const over = overHarvestG(work);
  return (
    <>
      {refused ? (
        <Notice
          severity="error"
          message={t`This cannot be calculated: ${refused}`}
          remedy={t`Change what you typed last.`}
        />
      ) : null}
      {hiddenProblems(read.problems).map(({ door, problem }) => (
        <Notice
          key={problem}
          severity="error"
          message={problem}
          action={{ label: t`Open ${doorTitles[door]}`, onPress: () => onOpen(door) }}
        />
      ))}
      {replaces ? (
        <Notice
          severity="note"
          message={t`This is the plan of run ${replaces.number}, which is ready but not heating yet. What you change here changes that run.`}
          action={{
            label: t`Plan another run`,
            onPress: () => change({ runId: "", harvestId: "", massText: "", moistureText: "" }),
          }}
        />
      ) : null}
      {place ? (
        <Notice
          severity="note"
          {...placeWords(place)}
          action={{ label: t`Not for the trial`, onPress: () => change({ trialId: "" }) }}
        />
      ) : null}
      {work.day ? (
        <Notice
          severity="note"
          message={t`This charge is part of the day at the stills on ${showDayOfYear(noonOf(work.day.on))}.`}
          action={{
            label: t`Not for that day`,
            onPress: () => change({ dayId: "", dayCharge: "" }),
          }}
        />
      ) : null}
      {toMend ? <Notice severity="caution" {...toMend} /> : null}
      {over > (read.massG ?? 0) * scaleTolerance ? (
        <Notice
          severity="caution"
          message={t`That is ${words(showMass(over, units))} more than the harvest has left.`}
          remedy={t`Weigh the harvest again, or take less.`}
        />
      ) : null}
    </>
  );
}

/** How much more is planned than the harvest has left, g; 0 or less where it has enough. */
function overHarvestG({ harvest, read, runs, draft }: PlanWork): number {
  if (!harvest) return 0;
  const others = runs.filter(({ id }) => id !== draft.runId);
  return (read.massG ?? 0) - harvestLeftG(harvest, others);
}

/** The place of this charge in its trial; undefined where it is for none. */
function placeOf({ trial, draft, read, runs }: PlanWork, plan: ChargePlan | undefined) {
  if (!trial) return undefined;
  const drafted =
    plan && read.still
      ? chargeDrafted(plan, {
          plantId: read.plant.id,
          state: read.state,
          preparation: read.preparation.id,
          stillId: read.still.id,
        })
      : undefined;
  const side = { side: draft.trialSide, pair: Number(draft.trialPair) || undefined };
  return placeIn(trial, side, runs, drafted, draft.runId);
}
