import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { jarSmells } from "@/words/jarSmells";
import type { Run } from "@/records/run";
import { runState } from "@/logbook/run/runState";
import { pouredTogether } from "@/logbook/run/pouredTogether";
import { settlingLeft } from "@/logbook/run/settlingLeft";
import { logLine } from "@/words/logLine";
import { useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { runNow } from "@/logbook/run/runClock";
import { AskIfMeant } from "./AskIfMeant";
import { OilAnotherWay } from "./OilAnotherWay";
import { SettleCard } from "./SettleCard";
import { asUsual, useVesselsOfRun, type Settle } from "./useVesselsOfRun";
import { StepGuide } from "./StepGuide";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { useNow } from "@/ui/useNow";
import { PoolCard } from "./PoolCard";
import { AgainstExpected } from "./AgainstExpected";
import { SettlingNotice } from "./SettlingNotice";
import { YieldSoFar } from "./YieldSoFar";
import { useResultForm } from "./useResultForm";
import { ResultFields } from "./ResultFields";

/** After the heat: let it settle, draw off, measure; the yield appears as it is typed. */
export function SeparateScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const { units, site } = useAppSelector(selectPreferences);
  const now = useNow(10000);
  const state = runState(run.entries);
  const plant = plantBook.byId(run.plantId);
  const runs = useAppSelector(selectRuns);
  const [pool, onPool] = useKept(`pool/${run.id}`, { others: "", by: "forecast" });
  const poured = pouredTogether(run, runs, pool);
  const form = useResultForm(run, runs, state, units, poured);
  const { typed } = form;
  const { visibleMl, oilDensityGPerMl } = run.plan.forecast;
  const measured = state.entries.find((entry) => entry.type === "separated");
  const [knownMeasure] = useState(measured?.id);
  const [settle, onSettle] = useKept<Settle>(`settle/${run.id}`, asUsual);
  const [step, onStep] = useKept(`steps/${run.id}`, { at: "" });
  const vessels = useVesselsOfRun(run, state, settle, site);
  const settling = settlingLeft(run, state, site, now, plantBook);

  return (
    <Screen
      over={t`Run ${run.number} · ${plant?.name ?? t`Plant`}`}
      title={t`Separate`}
      back={{ href: `/runs/${run.id}`, label: t`Run ${run.number}` }}
      pageTitle={t`Separate, ${plant?.name ?? t`Plant`}, run ${run.number}`}
      onSubmit={form.save}
      words={<SeparatingWords />}
      footer={
        <View className="gap-2">
          {form.problem ? (
            <Notice severity="error" message={t`Not kept: ${form.problem}.`} />
          ) : null}
          <Button label={t`Save result`} onPress={form.save} />
        </View>
      }
      aside={
        <>
          <AgainstExpected expected={visibleMl} oilMl={form.mine?.oil} />
          <YieldSoFar run={run} read={form.mine} />
          <Txt variant="small">{t`Oils are concentrated: not to be swallowed, not undiluted on skin, away from children and pets. In pregnancy ask someone qualified.`}</Txt>
        </>
      }
    >
      <TypedBefore shown={form.typedBefore} onLetGo={form.letGo} />
      {measured && measured.id !== knownMeasure ? (
        <Notice
          severity="caution"
          message={t`This run was measured elsewhere meanwhile: ${logLine(measured, units).detail}.`}
          remedy={t`What you save here replaces it. The log shows both, and you can undo it.`}
        />
      ) : null}
      <SettlingNotice run={run} state={state} settling={settling} units={units} />
      {state.heatOffAt !== undefined ? (
        <>
          <SettleCard
            run={run}
            state={state}
            settle={settle}
            onSettle={onSettle}
            vessels={vessels}
            site={site}
            units={units}
            now={runNow(run, now)}
          />
          <StepGuide
            vessel={vessels.chosen.vessel.vessel}
            parting={vessels.chosen.parting}
            at={step.at}
            onAt={(at) => onStep({ at })}
          />
        </>
      ) : null}
      <PoolCard
        candidates={poured.candidates}
        chosen={poured.others}
        by={pool.by}
        units={units}
        onChange={onPool}
      />
      <ResultFields
        control={form.control}
        plant={plant}
        densityGPerMl={oilDensityGPerMl}
        units={units}
        jars={jarSmells(run, form.jars)}
        laterMl={form.laterMl}
        liquorKept={state.spent?.liquorKept === true || state.result?.liquorMl !== undefined}
        noted={form.noted}
      />
      <OilAnotherWay
        runId={run.id}
        vessels={vessels}
        densityGPerMl={typed?.density ?? oilDensityGPerMl}
        units={units}
        onMeasured={form.setOil}
        onDensity={form.setDensity}
      />
      <AskOfPool form={form} members={poured.members} densityGPerMl={oilDensityGPerMl} />
    </Screen>
  );
}

/** Asks where what was typed is unlikely for all that was poured together. */
function AskOfPool({
  form: { typed, setOil },
  members,
  densityGPerMl,
}: {
  form: ReturnType<typeof useResultForm>;
  members: readonly Run[];
  densityGPerMl: number;
}) {
  const units = useUnits();
  if (!typed) return null;
  const sum = (amount: (run: Run) => number) =>
    members.reduce((so, member) => so + amount(member), 0);
  return (
    <AskIfMeant
      oilMl={typed.oil ?? 0}
      hydrosolMl={typed.hydrosol ?? 0}
      {...(typed.density === undefined ? {} : { densityGPerMl: typed.density })}
      expectedDensityGPerMl={densityGPerMl}
      chargeG={sum(({ plan }) => plan.chargeG)}
      waterMl={sum(({ plan, entries }) => plan.waterMl + runState(entries).waterAddedMl)}
      units={units}
      onOil={setOil}
    />
  );
}

function SeparatingWords() {
  return (
    <WordsHere
      all="/bench/words"
      guide="/bench/guide?about=Separate"
      figures={figuresOf(["settlingTime", "layerHeight", "expectedOil", "yieldOf"])}
      words={wordsOf([
        "settling",
        "fineDrops",
        "layer",
        "receiver",
        "separating",
        "twoArms",
        "salting",
        "firstCut",
        "haze",
        "density",
        "dropper",
        "visibleOil",
        "yield",
        "asCharged",
        "dryMatter",
      ])}
    />
  );
}
