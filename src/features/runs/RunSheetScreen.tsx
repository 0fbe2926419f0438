import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import {
  showDuration,
  showMass,
  showOil,
  showRange,
  showVolume,
  significant,
  words,
  type UnitSystem,
  showDayLong,
  showTime,
  fixed,
} from "@/core";
import { costOfRun, costSum } from "@/logbook/shelf/costs";
import { moneyWords } from "@/words/costWords";
import { lotWords } from "@/words/lotWords";
import { doubtfulLog } from "@/logbook/run/doubtfulLog";
import { againLike } from "@/logbook/plan/draftOfRun";
import { logLine } from "@/words/logLine";
import { methodWords } from "@/words/methodWords";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { Run } from "@/records/run";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { beginPlan } from "@/store/beginPlan";
import { bin, changeRun } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectLots, selectPreferences, selectRuns } from "@/store/selectors";
import { RangeBar } from "@/ui/charts/RangeBar";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Tile } from "@/ui/primitives/Tile";
import { Txt } from "@/ui/primitives/Txt";
import { FitCard } from "./FitCard";
import { AsCharged } from "./AsCharged";
import { LaterDraw } from "./LaterDraw";
import { WhereItWent } from "./WhereItWent";
import { ProbeImport } from "./ProbeImport";
import { RunTraces } from "./RunTraces";

/** One run from plan to bottle. */
export function RunSheetScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const lots = useAppSelector(selectLots).filter(({ runIds }) => runIds.includes(run.id));
  const summary = summarise(run, plantBook);
  const { state, plantName, result } = summary;
  const next = nextStep(summary);
  const [edition, setEdition] = useState(0);
  const plant = plantBook.byId(run.plantId);
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const cost = costSum(costOfRun(run, still, preferences));
  const runs = useAppSelector(selectRuns);
  const others = useMemo(() => runs.map((each) => summarise(each, plantBook)), [runs, plantBook]);
  const doubt = doubtfulLog(summary, plantBook);
  function again() {
    dispatch(beginPlan(againLike(run, units)));
    router.push("/plan");
  }
  return (
    <Screen
      title={plantName}
      pageTitle={`${plantName}, run ${run.number}`}
      oneSheet
      over={`Run ${run.number} · ${showDayLong(summary.at)} · ${run.stillName}`}
      back={{ href: "/runs", label: "Runs" }}
      footer={
        next ? (
          <Button label={next.label} onPress={() => router.push(`/runs/${run.id}/${next.to}`)} />
        ) : undefined
      }
      aside={
        <>
          {still ? (
            <AsCharged run={run} still={still} plant={plant} result={state.result} units={units} />
          ) : null}
          <Card className="gap-1">
            <Txt variant="heading">Log</Txt>
            {state.entries.length === 0 ? (
              <Txt variant="small">Nothing is written down yet.</Txt>
            ) : null}
            {state.entries.map((entry) => {
              const { what, detail } = logLine(entry, units);
              return (
                <View key={entry.id} className="flex-row gap-3 border-b border-line py-2">
                  <Txt variant="label" className="w-[52px]">
                    {showTime(new Date(entry.at))}
                  </Txt>
                  <View className="min-w-0 flex-1">
                    <Txt variant="strong">{what}</Txt>
                    {detail ? <Txt variant="small">{detail}</Txt> : null}
                  </View>
                </View>
              );
            })}
          </Card>
          {result && plant ? <FitCard run={run} state={state} plant={plant} /> : null}
          <Card>
            <Facts
              facts={[
                ...planFacts(summary, units, plantBook),
                ["It cost", cost > 0 ? moneyWords(cost, preferences.prices?.currency) : undefined],
              ]}
            />
          </Card>
          <View className="no-print gap-4">
            {plant ? (
              <Row
                href={`/bench/plants/${plant.id}`}
                title={plant.name}
                detail={`The plant: ${plant.part}`}
              />
            ) : null}
            {still && !still.deletedAt ? (
              <Row href={`/bench/stills/${still.id}`} title={still.name} detail="The still" />
            ) : null}
          </View>
          <View className="flex-row flex-wrap gap-2">
            <Button
              look="quiet"
              size="small"
              label="Again"
              hint="Again: plan a run like this"
              onPress={again}
            />
            {state.result ? (
              <Button
                look="quiet"
                size="small"
                label="Correct the measures"
                onPress={() => router.push(`/runs/${run.id}/separate`)}
              />
            ) : null}
            {state.result && !state.result.pool ? <LaterDraw run={run} units={units} /> : null}
            {state.litAt !== undefined ? (
              <Button
                look="quiet"
                size="small"
                label="Correct the log"
                onPress={() => router.push(`/runs/${run.id}/watch`)}
              />
            ) : null}
            <Button
              look="quiet"
              size="small"
              label="Bin this run"
              onPress={() => {
                dispatch(bin(`Run ${run.number} is in the bin.`, [run]));
                router.replace("/runs");
              }}
            />
          </View>
        </>
      }
    >
      {doubt ? (
        <>
          <Notice
            severity="caution"
            message={`By this log ${words(showVolume(doubt.hydrosolMl, units))} came within ${showDuration(doubt.minutes)} of the first drop. Was the first drop noted too late?`}
            remedy="Until you have said so, this run teaches the plan nothing."
            action={{
              label: "Correct the log",
              onPress: () => router.push(`/runs/${run.id}/watch`),
            }}
          />
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label="The log is right"
              onPress={() =>
                dispatch(
                  changeRun(run.id, (now) => ({ ...now, confirmed: true }), "The log is right."),
                )
              }
            />
          </View>
        </>
      ) : null}
      {state.result && !result ? (
        <>
          <View className="flex-row flex-wrap gap-3">
            <Tile
              wash="oil"
              label="Oil"
              value={{ text: "open", unit: "" }}
              detail="not measured yet"
            />
            <HydrosolTile summary={summary} units={units} />
          </View>
          <Notice
            severity="note"
            message="The oil is not measured yet: this run has no yield, and teaches nothing until then."
            action={{
              label: "Measure the oil",
              onPress: () => router.push(`/runs/${run.id}/separate`),
            }}
          />
        </>
      ) : null}
      {result ? (
        <>
          <View className="flex-row flex-wrap gap-3">
            <Tile
              wash="oil"
              label="Oil"
              value={showOil(result.oilMl)}
              detail={`expected ${showRange(run.plan.forecast.visibleMl.p10, run.plan.forecast.visibleMl.p90)} mL`}
            />
            <HydrosolTile summary={summary} units={units} />
            <Tile
              label="Yield"
              value={{ text: significant(result.mlPerKg, 3), unit: "mL/kg" }}
              detail={`${significant(result.percentMass, 2)} % w/w`}
            />
          </View>
          <Card>
            <RangeBar
              expected={run.plan.forecast.visibleMl}
              measured={result.oilMl}
              unit="mL"
              inWords={`Measured ${words(showOil(result.oilMl))}; 8 in 10 were expected between ${showRange(run.plan.forecast.visibleMl.p10, run.plan.forecast.visibleMl.p90)} mL.`}
            />
          </Card>
          <Card>
            <Facts
              facts={[
                [
                  "On dry matter",
                  `${significant(result.mlPerKgDry, 3)} mL/kg · ${significant(result.percentMassDry, 2)} % w/w`,
                ],
                ["By volume", `${significant(result.percentVolume, 2)} % v/w`],
                [
                  "Oil by weight",
                  `${significant(result.oilG, 3)} g, ${Math.round(result.drops)} drops`,
                ],
                [
                  "Poured together",
                  state.result?.pool &&
                    `with ${state.result.pool.runIds.length - 1} more, shared by ${state.result.pool.by === "charge" ? "charge" : "forecast"}`,
                ],
                ["Look", state.result?.look],
                ["Smell", state.result?.smell],
                ["pH", state.result?.ph === undefined ? undefined : fixed(state.result.ph, 1)],
                ["Note", state.result?.note],
              ]}
            />
            <Explained terms={["v/w", "w/w", "dryMatter"]} />
          </Card>
          <WhereItWent summary={summary} others={others} units={units} />
        </>
      ) : null}
      <RunTraces runId={run.id} edition={edition} />
      {state.litAt === undefined ? null : (
        <ProbeImport run={run} state={state} onKept={() => setEdition((before) => before + 1)} />
      )}
      {lots.length > 0 ? (
        <View className="gap-2">
          <Txt variant="heading">On the shelf</Txt>
          {lots.map((lot) => (
            <Row
              key={lot.id}
              href={`/shelf/${lot.id}`}
              title={lot.code}
              detail={`${lotWords(lot)} · ${words(lot.product === "oil" ? showOil(lot.volumeMl) : showVolume(lot.volumeMl, units))}`}
            />
          ))}
        </View>
      ) : null}
    </Screen>
  );
}

/** The hydrosol that was kept; open while it is not measured. */
function HydrosolTile({ summary, units }: { summary: RunSummary; units: UnitSystem }) {
  const { run, state } = summary;
  const kept = state.result?.hydrosolMl;
  return (
    <Tile
      wash="dew"
      label="Hydrosol"
      value={kept === undefined ? { text: "open", unit: "" } : showVolume(kept, units)}
      detail={
        kept === undefined
          ? "not measured yet"
          : `${significant(kept / run.plan.chargeG, 2)} : 1 to plant`
      }
    />
  );
}

function nextStep({ state }: RunSummary): { label: string; to: string } | undefined {
  if (state.phase === "ready") return { label: "To the checklist", to: "ready" };
  if (state.phase === "settling") return { label: "Separate and measure", to: "separate" };
  if (state.phase === "done") return undefined;
  return { label: "Back to the still", to: "watch" };
}

function planFacts(
  { run, state, minutesFromFirstDrop }: RunSummary,
  units: UnitSystem,
  plantBook: PlantBook,
): [string, string | undefined][] {
  const { plan } = run;
  const sinceLit = (to?: number) =>
    state.litAt !== undefined && to !== undefined
      ? `${showDuration((to - state.litAt) / 60000)} after heat on`
      : "not yet";
  return [
    [
      "Charge",
      `${words(showMass(plan.chargeG, units))}, ${run.state} ${plantBook.byId(run.plantId)?.part ?? ""}, ${plan.charge} of ${plan.charges}`,
    ],
    ["Method", `${methodWords[plan.method]}, ${words(showVolume(plan.waterMl, units))} of water`],
    ["Forecast", plan.edition === 2 ? undefined : "by the model's first edition, as it was then"],
    [
      "Boiling",
      `${sinceLit(state.boilingAt)}; planned ${showDuration(plan.forecast.minutesToBoil)}`,
    ],
    [
      "First drop",
      `${sinceLit(state.firstDropAt)}; planned ${showDuration(plan.forecast.minutesToFirstDrop)}`,
    ],
    [
      "On the drip",
      `${minutesFromFirstDrop === undefined ? "not over yet" : showDuration(minutesFromFirstDrop)}; planned ${showDuration(plan.forecast.runMinutes)}`,
    ],
    ["Jars", String(state.jars)],
  ];
}
