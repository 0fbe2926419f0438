import { useRouter } from "expo-router";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { View } from "react-native";
import { showMass, showOil, showVolume, words } from "@/core/units/format";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import type { PlanInput } from "@/core/plan/planInput";
import { type Warning, isCraftStop } from "@/core/plan/warning";
import { parseNumber } from "@/core/units/parseNumber";
import { beginPlan } from "@/store/beginPlan";
import { makeChargeReady } from "@/store/acts/makeChargeReady";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import type { Change } from "./BeforeAfter";
import { GoalFields } from "./GoalFields";
import { harvestLeftG, scaleTolerance } from "@/logbook/harvest/harvestLeft";
import { chargeDrafted } from "@/logbook/trial/sidesBeside";
import { placeIn } from "@/logbook/trial/trialPlace";
import { besideWords, placeWords } from "@/words/trialWords";
import { measureOf } from "@/logbook/plan/measureOf";
import { PlanAside } from "./PlanAside";
import { becauseField, type PlanDraft } from "@/records/planDraft";
import { StillFields } from "./StillFields";
import { useForecastRanges } from "./useForecastRanges";
import { usePlanDraft, type PlanWork } from "./usePlanDraft";
import { useWhenReady } from "./useWhenReady";
import { Ways } from "./Ways";
import { wishProblem } from "./wishProblem";
import { schoolsFollowed, waysOfWorking } from "@/logbook/plan/waysOfWorking";

/** From what is on the scale, or what is wished for, to a charge that is ready to load. */
export function PlanScreen() {
  const work = usePlanDraft();
  const wide = useWide();
  const { draft, read, units, change } = work;
  /* What is typed is answered first; the result follows when the page has a moment. Until it has,
     it stands dimmed and nothing can be made ready from it. */
  const shown = useDeferredValue(work);
  const behind = shown !== work;
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { input, still } = shown.read;
  const { plan, refused } = useMemo(() => planned(input), [input]);
  const state = useForecastRanges(plan?.request);
  const { ranges } = state;
  const ways = useMemo(() => waysOfWorking(shown.draft, shown.read), [shown]);
  const [changed, setChanged] = useState<Change>();
  const choose = useCallback(
    (part: Partial<PlanDraft>, label: string) => {
      setChanged({ label, before: shown.draft });
      change(part);
    },
    [shown, change],
  );
  const done = useCallback(() => setChanged(undefined), []);
  const waysOf = useMemo(
    () => <Ways plan={shown} ways={ways} onChoose={choose} />,
    [shown, ways, choose],
  );

  /* A run's number, and what own yields say, are known once every run has been read. */
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);
  const replaces = work.runs.find(({ id, entries }) => id === draft.runId && entries.length === 0);

  const overHarvest = work.harvest
    ? (read.massG ?? 0) -
      harvestLeftG(
        work.harvest,
        work.runs.filter(({ id }) => id !== draft.runId),
      )
    : 0;
  const place =
    work.trial &&
    placeIn(
      work.trial,
      { side: draft.trialSide, pair: Number(draft.trialPair) || undefined },
      work.runs,
      plan &&
        still &&
        chargeDrafted(plan, {
          plantId: read.plant.id,
          state: read.state,
          preparation: read.preparation.id,
          stillId: still.id,
        }),
      draft.runId,
    );
  const toMend = place && besideWords(place);
  const wishNotFulfilled = wishProblem(draft, read, units);

  function ready(made: ChargePlan) {
    if (!ranges || !still || behind) return;
    const { runId } = dispatch(
      makeChargeReady({
        plan: made,
        ranges,
        plantId: read.plant.id,
        state: read.state,
        stillId: still.id,
        preparation: read.preparation.id,
        agedMonths: read.agedMonths,
        schools: schoolsFollowed(ways),
        reasons: reasonsOf(made.warnings, draft),
        guessed: read.guessed,
        counted: countedIn(work),
        draft,
      }),
    );
    if (!runId) return;
    dispatch(beginPlan({ plantId: draft.plantId, state: draft.state }));
    router.push(`/runs/${runId}/ready`);
  }

  const noAnswer = !ranges && (state.problem !== undefined || state.stopped === true);
  const blocked = plan?.warnings.some((warning) => stands(warning, draft));
  const waits = behind || (plan !== undefined && !ranges && !noAnswer) || !allRead;
  const askReady = useWhenReady(waits, () => plan && !blocked && ready(plan));
  const makeItReady = () => {
    setChanged(undefined);
    askReady();
  };

  if (!read.still) return <NoStill onAdd={() => router.push("/bench")} />;

  return (
    <Screen
      title={plan ? read.plant.name : "Plan"}
      pageTitle={plan ? `Plan, ${read.plant.name}` : "Plan"}
      over={
        plan
          ? `Plan · ${plan.charges === 1 ? "one charge" : `charge 1 of ${plan.charges}`} · ${read.state} ${read.plant.part}`
          : undefined
      }
      onSubmit={makeItReady}
      footer={
        <View className="gap-2">
          {plan ? (
            <Txt
              variant="label"
              role="status"
              className={`text-center ${behind ? "opacity-40" : ""}`}
            >
              {[
                words(showMass(plan.chargeG, units)),
                `${words(showVolume(plan.waterMl, units))} water`,
                ranges ? `${words(showOil(ranges.oil.visibleMl.p50))} oil to see` : "…",
              ].join(" · ")}
            </Txt>
          ) : null}
          <Button
            label={
              blocked
                ? "Mend the plan first"
                : replaces
                  ? `Change run ${replaces.number}`
                  : "Make this charge ready"
            }
            disabled={!plan || blocked || noAnswer || !allRead}
            onPress={makeItReady}
          />
        </View>
      }
      aside={
        <View
          aria-busy={behind}
          className={`gap-4 transition-opacity duration-200 ${behind ? "opacity-40" : ""}`}
        >
          {plan && still ? (
            <PlanAside
              plan={plan}
              state={state}
              work={shown}
              still={still}
              changed={changed}
              onChoose={choose}
              onDone={done}
              ways={wide ? undefined : waysOf}
            />
          ) : (
            <Card className="gap-2">
              <Txt variant="heading">
                {!shown.read.chosen
                  ? "Choose the plant"
                  : shown.draft.goal === "want"
                    ? "Say what you want"
                    : "Put it on the scale"}
              </Txt>
              <Txt>
                {shown.draft.goal === "want"
                  ? "Type how much oil or hydrosol you would like, and the plan says how much to cut."
                  : "Type what the plant weighs as it goes in, and the still fills itself here: charges, water, first drop, oil and hydrosol."}
              </Txt>
            </Card>
          )}
        </View>
      }
    >
      {refused ? (
        <Notice
          severity="error"
          message={`This cannot be reckoned: ${refused}`}
          remedy="Change what you typed last."
        />
      ) : null}
      {replaces ? (
        <Notice
          severity="note"
          message={`This is the plan of run ${replaces.number}, which is ready and not lit. What you change here changes that run.`}
          action={{
            label: "Plan another run instead",
            onPress: () => change({ runId: "", harvestId: "", massText: "", moistureText: "" }),
          }}
        />
      ) : null}
      {place ? (
        <Notice
          severity="note"
          {...placeWords(place)}
          action={{ label: "Not for the trial", onPress: () => change({ trialId: "" }) }}
        />
      ) : null}
      {toMend ? <Notice severity="caution" {...toMend} /> : null}
      {overHarvest > (read.massG ?? 0) * scaleTolerance ? (
        <Notice
          severity="caution"
          message={`That is ${words(showMass(overHarvest, units))} more than the harvest has left.`}
          remedy="Weigh the harvest again, or take less: what is shared out twice is not there."
        />
      ) : null}
      {wishNotFulfilled ? <Notice severity="error" message={wishNotFulfilled} /> : null}
      <GoalFields plan={work} />
      <StillFields plan={work} />
      {wide ? waysOf : null}
    </Screen>
  );
}

/** A stop stands unless it is one of craft, and the person has said why they go on. */
function stands({ severity, code }: Warning, draft: PlanDraft): boolean {
  return severity === "error" && !(isCraftStop(code) && draft[becauseField(code)].trim() !== "");
}

/** Why the stops that a plan has were gone past, by their codes. */
function reasonsOf(warnings: readonly Warning[], draft: PlanDraft): Record<string, string> {
  return Object.fromEntries(
    warnings.flatMap(({ severity, code }) =>
      severity === "error" && isCraftStop(code) ? [[code, draft[becauseField(code)].trim()]] : [],
    ),
  );
}

/* What the core refuses is said, not thrown at the screen. */
function planned(input: PlanInput | undefined): { plan?: ChargePlan; refused?: string } {
  if (!input) return {};
  try {
    return { plan: planCharges(input) };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { refused: error.message };
  }
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

function countedIn({ draft, measures, read }: PlanWork) {
  if (draft.goal === "want") return undefined;
  if (read.counted?.measure)
    return { measure: read.counted.measure.name, count: read.counted.count };
  const measure = measureOf(draft, measures, read.plant.id);
  if (!measure) return undefined;
  const count = parseNumber(draft.countText);
  return count.ok && count.value > 0 ? { measure: measure.name, count: count.value } : undefined;
}
