import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { planCharges, showMass, showOil, showVolume, words, type ChargePlan } from "@/core";
import { keep } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { BeforeAfter, type Change } from "./BeforeAfter";
import { CoolingCard } from "./CoolingCard";
import { GoalFields } from "./GoalFields";
import { makeReady } from "./makeReady";
import { PlanResult } from "./PlanResult";
import type { PlanDraft } from "./planDraft";
import { StillFields } from "./StillFields";
import { StopTable } from "./StopTable";
import { useForecastRanges } from "./useForecastRanges";
import { usePlanDraft, type PlanWork } from "./usePlanDraft";
import { Warnings } from "./Warnings";
import { Ways } from "./Ways";
import { schoolsFollowed, waysOfWorking } from "./waysOfWorking";

/** From what is on the scale, or what is wished for, to a charge that is ready to load. */
export function PlanScreen() {
  const work = usePlanDraft();
  const wide = useWide();
  const { draft, read, units, change } = work;
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { input } = read;
  const plan = useMemo(() => (input ? planCharges(input) : undefined), [input]);
  const state = useForecastRanges(plan?.request);
  const { ranges } = state;
  const ways = useMemo(() => waysOfWorking(draft, read), [draft, read]);
  const [changed, setChanged] = useState<Change>();
  const { still } = read;

  if (!still) return <NoStill onAdd={() => router.push("/bench")} />;
  const blocked = plan?.warnings.some(({ severity }) => severity === "error");

  const waysOf = <Ways plan={work} ways={ways} onChoose={choose} />;

  function choose(part: Partial<PlanDraft>, label: string) {
    setChanged({ label, before: draft });
    change(part);
  }

  function ready(made: ChargePlan) {
    if (!ranges || !still) return;
    const { run, records } = makeReady({
      plan: made,
      ranges,
      plantId: read.plant.id,
      state: read.state,
      still,
      preparation: read.preparation.id,
      agedMonths: read.agedMonths,
      schools: schoolsFollowed(ways),
      harvest: work.harvest,
      counted: countedIn(work),
      runs: work.runs,
      now: new Date(),
    });
    dispatch(keep(...records));
    setChanged(undefined);
    change({
      massText: "",
      countText: "",
      wishText: "",
      chargesText: "",
      waterText: "",
      harvestId: "",
    });
    router.push(`/runs/${run.id}/ready`);
  }

  return (
    <Screen
      title={plan ? read.plant.name : "Plan"}
      over={
        plan
          ? `Plan · ${plan.charges === 1 ? "one charge" : `charge 1 of ${plan.charges}`} · ${read.state} ${read.plant.part}`
          : undefined
      }
      footer={
        <View className="gap-2">
          {plan ? (
            <Txt variant="label" className="text-center">
              {[
                words(showMass(plan.chargeG, units)),
                `${words(showVolume(plan.waterMl, units))} water`,
                ranges ? `${words(showOil(ranges.oil.visibleMl.p50))} oil to see` : "…",
              ].join(" · ")}
            </Txt>
          ) : null}
          <Button
            label={blocked ? "Mend the plan first" : "Ready this charge"}
            disabled={!plan || !ranges || blocked}
            onPress={() => plan && ready(plan)}
          />
        </View>
      }
      aside={
        plan ? (
          <>
            {changed ? (
              <BeforeAfter
                change={changed}
                work={work}
                after={plan}
                ranges={ranges}
                onDone={() => setChanged(undefined)}
                onBack={() => {
                  change(changed.before);
                  setChanged(undefined);
                }}
              />
            ) : null}
            <Warnings plan={plan} grave work={work} onChoose={choose} />
            <PlanResult plan={plan} state={state} work={work} still={still} />
            <StopTable
              plan={plan}
              plant={read.plant}
              heat={still.heat.kind}
              units={units}
              money={work.preferences.prices}
              onTake={choose}
            />
            <CoolingCard plan={plan} work={work} />
            <Warnings plan={plan} work={work} onChoose={choose} />
            {wide ? null : waysOf}
          </>
        ) : (
          <Card className="gap-2">
            <Txt variant="heading">
              {draft.goal === "want" ? "Say what you want" : "Put it on the scale"}
            </Txt>
            <Txt>
              {draft.goal === "want"
                ? "Type how much oil or hydrosol you would like, and the plan says how much to cut."
                : "Type what the plant weighs as it goes in, and the still fills itself here: charges, water, first drop, oil and hydrosol."}
            </Txt>
          </Card>
        )
      }
    >
      {read.problems.wish && draft.wishText ? (
        <Notice severity="error" message={read.problems.wish} />
      ) : null}
      <GoalFields plan={work} />
      <StillFields plan={work} />
      {wide ? waysOf : null}
    </Screen>
  );
}

function NoStill({ onAdd }: { onAdd: () => void }) {
  return (
    <Screen title="Plan" footer={<Button label="Add your still" onPress={onAdd} />}>
      <Card className="gap-2">
        <Txt variant="heading">First, your still</Txt>
        <Txt>
          A plan is made for one still: its pot, basket and heat decide how much fits and when the
          first drop comes.
        </Txt>
      </Card>
    </Screen>
  );
}

function countedIn({ draft, measures }: PlanWork) {
  if (draft.massBy !== "measure" || draft.goal === "want") return undefined;
  const measure = measures.find(({ id }) => id === draft.measureId) ?? measures[0];
  const count = Number(draft.countText.replace(",", "."));
  return measure && count > 0 ? { measure: measure.name, count } : undefined;
}
