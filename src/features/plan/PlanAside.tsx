import { memo, type ReactNode } from "react";
import type { ChargePlan } from "@/core/plan/chargePlan";
import type { Still } from "@/records/still";
import { BeforeAfter, type Change } from "./BeforeAfter";
import { CoolingCard } from "./CoolingCard";
import type { PlanDraft } from "@/records/planDraft";
import { PlanResult } from "./PlanResult";
import { NotesCard } from "./NotesCard";
import { StopTable } from "./StopTable";
import type { RangesState } from "./useForecastRanges";
import type { PlanWork } from "./usePlanDraft";
import { Warnings } from "./Warnings";

interface Props {
  plan: ChargePlan;
  state: RangesState;
  work: PlanWork;
  still: Still;
  /** The choice that was made last, held against what stood before it. */
  changed: Change | undefined;
  onChoose: (part: Partial<PlanDraft>, label: string) => void;
  onDone: () => void;
  /** The ways of working, where they have no room beside the fields. */
  ways?: ReactNode;
}

/** What comes of the plan, from what is wrong with it to what its schools would have it be. */
export const PlanAside = memo(function PlanAside({
  plan,
  state,
  work,
  still,
  changed,
  onChoose,
  onDone,
  ways,
}: Props) {
  return (
    <>
      {changed ? (
        <BeforeAfter
          change={changed}
          work={work}
          after={plan}
          ranges={state.ranges}
          onDone={onDone}
          onBack={() => {
            work.change(changed.before);
            onDone();
          }}
        />
      ) : null}
      <Warnings plan={plan} grave work={work} onChoose={onChoose} />
      <PlanResult plan={plan} state={state} work={work} still={still} />
      <StopTable
        plan={plan}
        plant={work.read.plant}
        state={work.read.state}
        heat={still.heat.kind}
        units={work.units}
        money={work.preferences.prices}
        onTake={onChoose}
      />
      <NotesCard plan={plan} draft={work.draft} units={work.units} onChange={work.change} />
      <CoolingCard plan={plan} work={work} />
      <Warnings plan={plan} work={work} onChoose={onChoose} />
      {ways}
    </>
  );
});
