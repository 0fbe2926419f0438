import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { toInput } from "@/core/units/numberInput";
import { shareOut } from "@/core/yield/shareOut";
import { t } from "@/language/t";
import { wholePool } from "@/logbook/run/wholePool";
import { jarSmells } from "@/words/jarSmells";
import { poolWeights } from "@/logbook/run/poolWeights";
import type { Run } from "@/records/run";
import { runState } from "@/logbook/run/runState";
import { settlingLeft } from "@/logbook/run/settlingLeft";
import { logLine } from "@/words/logLine";
import { measureRuns } from "@/store/measureRuns";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { runNow } from "@/logbook/run/runClock";
import { AskIfMeant } from "./AskIfMeant";
import type { FromPicture } from "./LayerPicture";
import { OilAnotherWay } from "./OilAnotherWay";
import { SettleCard } from "./SettleCard";
import { asUsual, useVesselsOfRun, type Settle } from "./useVesselsOfRun";
import { StepGuide } from "./StepGuide";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
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
import { asResult, separateDefaults, separateSchema, withItsJars } from "./separateForm";
import { AgainstExpected } from "./AgainstExpected";
import { SettlingNotice } from "./SettlingNotice";
import { YieldSoFar } from "./YieldSoFar";
import { ResultFields, isNoted } from "./ResultFields";

/** After the heat: let it settle, draw off, measure; the yield appears as it is typed. */
export function SeparateScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units, site } = useAppSelector(selectPreferences);
  const now = useNow(10000);
  const state = runState(run.entries);
  const plant = plantBook.byId(run.plantId);
  const { visibleMl, oilDensityGPerMl } = run.plan.forecast;
  const measured = state.entries.find((entry) => entry.type === "separated");
  const runs = useAppSelector(selectRuns);
  const [pool, onPool] = useKept(`pool/${run.id}`, { others: "", by: "forecast" });
  /* Once measured, who was poured together stands: an undo takes it apart. */
  const candidates = measured ? [] : poolable(run, runs);
  const pooled = measured
    ? (measured.pool?.runIds ?? []).filter((id) => id !== run.id)
    : pool.others.split(" ").filter((id) => candidates.some((each) => each.id === id));
  const sharedBy = measured?.pool?.by ?? (pool.by === "charge" ? "charge" : "forecast");
  const [beginning] = useState(() =>
    separateDefaults(state.result && wholePool(state.result, runs), units, state.jars),
  );
  const [knownMeasure] = useState(measured?.id);
  const [settle, onSettle] = useKept<Settle>(`settle/${run.id}`, asUsual);
  const [step, onStep] = useKept(`steps/${run.id}`, { at: "" });
  const [pictured, onPictured] = useKept(`oilFrom/${run.id}`, {
    oilMl: state.result?.oilMl ?? 0,
    ...(state.result?.oilFrom ?? { pictureId: "", lowMl: 0, highMl: 0 }),
  });
  const draft = useDraft(`separate/${run.id}`, beginning);
  const form = useForm({
    resolver: zodResolver(separateSchema),
    defaultValues: withItsJars(draft.start, beginning),
    mode: "onBlur",
  });
  const { control, handleSubmit, reset } = form;
  useFormDraft(form, draft);
  const [noted] = useState(() => isNoted(form.getValues()));
  const [problem, setProblem] = useState<string>();
  const typed = separateSchema.safeParse(useWatch({ control }));
  const vessels = useVesselsOfRun(run, state, settle, site);
  const settling = settlingLeft(run, state, site, now, plantBook);

  /* What is typed is of all that were poured together; beside this run's forecast stands its share. */
  const members = [run, ...runs.filter(({ id }) => pooled.includes(id))];
  const [share = 1] = shareOut(1, poolWeights(members, sharedBy));
  const mine = typed.success
    ? {
        ...typed.data,
        oil: typed.data.oil === undefined ? undefined : share * typed.data.oil,
        hydrosol: typed.data.hydrosol === undefined ? undefined : share * typed.data.hydrosol,
      }
    : undefined;

  const setOil = (oilMl: number, from?: FromPicture) => {
    if (from) onPictured({ oilMl: Number(oilMl.toPrecision(3)), ...from });
    form.setValue("oil", toInput(Number(oilMl.toPrecision(3)), "mL"), { shouldValidate: true });
    draft.note(form.getValues());
  };

  const save = handleSubmit((values) => {
    const result = {
      ...asResult(values),
      ...(pooled.length === 0 ? fromPicture(pictured, values.oil) : {}),
    };
    const kept = dispatch(measureRuns(run.id, result, { others: pooled, by: sharedBy }));
    if (!kept.ok) return setProblem(kept.problem);
    draft.done();
    const first = kept.made.find(({ volumeMl }) => volumeMl > 0);
    router.replace(first ? `/shelf/${first.id}` : `/runs/${run.id}`);
  });

  return (
    <Screen
      over={t`Run ${run.number} · ${plant?.name ?? t`Plant`}`}
      title={t`Separate`}
      back={{ href: `/runs/${run.id}`, label: t`Run ${run.number}` }}
      pageTitle={t`Separate, ${plant?.name ?? "plant"}, run ${run.number}`}
      onSubmit={() => void save()}
      words={
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
      }
      footer={
        <View className="gap-2">
          {problem ? <Notice severity="error" message={t`Not kept: ${problem}.`} /> : null}
          <Button label={t`Save result`} onPress={() => void save()} />
        </View>
      }
      aside={
        <>
          <AgainstExpected expected={visibleMl} oilMl={mine?.oil} />
          <YieldSoFar run={run} read={mine} />
          <Txt variant="small">{t`Oils are concentrated: not to be swallowed, not undiluted on skin, away from children and pets. In pregnancy ask someone qualified.`}</Txt>
        </>
      }
    >
      <TypedBefore
        shown={draft.typedBefore}
        onLetGo={() => {
          draft.done();
          reset(beginning);
        }}
      />
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
        candidates={candidates}
        chosen={pooled}
        by={pool.by}
        units={units}
        onChange={onPool}
      />
      <ResultFields
        control={control}
        plant={plant}
        densityGPerMl={oilDensityGPerMl}
        units={units}
        jars={jarSmells(run, beginning.jars.length)}
        liquorKept={state.spent?.liquorKept === true || state.result?.liquorMl !== undefined}
        noted={noted}
      />
      <OilAnotherWay
        runId={run.id}
        vessels={vessels}
        densityGPerMl={(typed.success ? typed.data.density : undefined) ?? oilDensityGPerMl}
        units={units}
        onMeasured={setOil}
        onDensity={(density) => {
          form.setValue("density", toInput(Number(density.toPrecision(3)), "one"), {
            shouldValidate: true,
          });
          draft.note(form.getValues());
        }}
      />
      {typed.success ? (
        <AskIfMeant
          oilMl={typed.data.oil ?? 0}
          hydrosolMl={typed.data.hydrosol ?? 0}
          {...(typed.data.density === undefined ? {} : { densityGPerMl: typed.data.density })}
          expectedDensityGPerMl={oilDensityGPerMl}
          chargeG={members.reduce((sum, { plan }) => sum + plan.chargeG, 0)}
          waterMl={members.reduce(
            (sum, { plan, entries }) => sum + plan.waterMl + runState(entries).waterAddedMl,
            0,
          )}
          units={units}
          onOil={setOil}
        />
      ) : null}
    </Screen>
  );
}

/* What a picture told of the oil stays with it as long as nobody has typed another. */
function fromPicture(
  { oilMl, ...from }: FromPicture & { oilMl: number },
  typed: number | undefined,
): { oilFrom?: FromPicture } {
  return from.pictureId !== "" && typed === oilMl ? { oilFrom: from } : {};
}

/** Runs that can be poured together with this one: of its plant, and parting too. */
function poolable(run: Run, runs: readonly Run[]): Run[] {
  return runs.filter((other) => {
    if (other.id === run.id || other.plantId !== run.plantId) return false;
    return runState(other.entries).phase === "settling";
  });
}
