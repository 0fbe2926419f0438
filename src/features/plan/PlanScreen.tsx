import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import {
  planCharges,
  showMass,
  showOil,
  showVolume,
  words,
  type ChargePlan,
  type PlanChange,
  type Warning,
} from "@/core";
import { keep } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectRuns } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { makeReady } from "./makeReady";
import { PlanFields } from "./PlanFields";
import { PlanResult } from "./PlanResult";
import type { PlanDraft } from "./planDraft";
import { useForecastRanges } from "./useForecastRanges";
import { usePlanDraft } from "./usePlanDraft";

/** From what is on the scale to a charge that is ready to load. */
export function PlanScreen() {
  const draft = usePlanDraft();
  const { read, harvest, units, change } = draft;
  const dispatch = useAppDispatch();
  const router = useRouter();
  const runs = useAppSelector(selectRuns);
  const { input } = read;
  const plan = useMemo(() => (input ? planCharges(input) : undefined), [input]);
  const ranges = useForecastRanges(plan?.request);

  if (!read.still) {
    return (
      <Screen
        title="Plan"
        footer={<Button label="Add your still" onPress={() => router.push("/bench")} />}
      >
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
  const grave = plan?.warnings.filter(({ severity }) => severity !== "note") ?? [];
  const notes = plan?.warnings.filter(({ severity }) => severity === "note") ?? [];
  const blocked = plan?.warnings.some(({ severity }) => severity === "error");
  const still = read.still;

  function ready(made: ChargePlan) {
    if (!ranges) return;
    const counted = countedIn(draft);
    const { run, records } = makeReady({
      plan: made,
      ranges,
      plant: read.plant,
      still,
      harvest,
      counted,
      runs,
      now: new Date(),
    });
    dispatch(keep(...records));
    change({ massText: "", countText: "", chargesText: "", waterText: "", harvestId: "" });
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
                `${words(showMass(plan.chargeG, units))}`,
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
            <Warnings warnings={grave} onTake={(part) => change(asDraft(part))} />
            <PlanResult
              plan={plan}
              ranges={ranges}
              plant={read.plant}
              still={still}
              units={units}
            />
            <Warnings warnings={notes} onTake={(part) => change(asDraft(part))} />
          </>
        ) : (
          <Card className="gap-2">
            <Txt variant="heading">Put it on the scale</Txt>
            <Txt>
              Type what the plant weighs as it goes in, and the still fills itself here: charges,
              water, first drop, oil and hydrosol.
            </Txt>
          </Card>
        )
      }
    >
      <PlanFields plan={draft} />
    </Screen>
  );
}

function Warnings({
  warnings,
  onTake,
}: {
  warnings: readonly Warning[];
  onTake: (change: PlanChange) => void;
}) {
  return (
    <>
      {warnings.map((warning) => (
        <Notice
          key={warning.code + warning.message}
          severity={warning.severity}
          message={warning.message}
          remedy={warning.remedy}
          action={
            warning.change
              ? { label: "Do that", onPress: () => onTake(warning.change ?? {}) }
              : undefined
          }
        />
      ))}
    </>
  );
}

function countedIn({ draft, measures }: ReturnType<typeof usePlanDraft>) {
  if (draft.massBy !== "measure") return undefined;
  const measure = measures.find(({ id }) => id === draft.measureId) ?? measures[0];
  const count = Number(draft.countText.replace(",", "."));
  return measure && count > 0 ? { measure: measure.name, count } : undefined;
}

/** A warning's remedy as it would be typed. */
function asDraft({ massG, charges, waterMl, minutes, method }: PlanChange): Partial<PlanDraft> {
  return {
    ...(massG !== undefined
      ? { massBy: "scale" as const, massText: String(Math.round(massG)), massUnit: "g" }
      : {}),
    ...(charges !== undefined ? { chargesText: String(charges) } : {}),
    ...(waterMl !== undefined
      ? { waterText: waterMl === null ? "" : String(Math.round(waterMl)), waterUnit: "mL" }
      : {}),
    ...(minutes !== undefined ? { stopBy: "clock" as const, minutesText: String(minutes) } : {}),
    ...(method !== undefined ? { method } : {}),
  };
}
