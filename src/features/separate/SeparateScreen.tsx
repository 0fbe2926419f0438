import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { showDuration, yieldOf } from "@/core";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { runState, type RunState } from "@/logbook/run/runState";
import { settlingLeft } from "@/logbook/run/settlingLeft";
import { settlingColumnMm } from "@/logbook/run/settlingTime";
import { settlingWords } from "@/words/settlingWords";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectLots, selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { useNow } from "@/ui/useNow";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { asResult, separateDefaults, separateSchema, type SeparateValues } from "./separateForm";
import { AgainstExpected } from "./AgainstExpected";
import { ResultFields } from "./ResultFields";
import { YieldTable } from "./YieldTable";

/** After the heat: let it settle, draw off, measure; the yield appears as it is typed. */
export function SeparateScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units, site } = useAppSelector(selectPreferences);
  const lots = useAppSelector(selectLots);
  const now = useNow(10000);
  const state = runState(run.entries);
  const plant = plantBook.byId(run.plantId);
  const { visibleMl, oilDensityGPerMl } = run.plan.forecast;
  const [beginning] = useState(() => separateDefaults(state.result, units));
  const draft = useDraft(`separate/${run.id}`, beginning);
  const form = useForm({
    resolver: zodResolver(separateSchema),
    defaultValues: draft.start,
    mode: "onBlur",
  });
  const { control, handleSubmit, reset } = form;
  useFormDraft(form, draft);
  const [problem, setProblem] = useState<string>();
  const typed = separateSchema.safeParse(useWatch({ control }));
  const settling = settlingLeft(run, state, site, now);

  const save = handleSubmit((values) => {
    const result = asResult(values);
    let made: Lot[] = [];
    const kept = dispatch(
      appendEntry(
        run.id,
        ({ entries }) => {
          const before = runState(entries).result;
          return before
            ? { type: "amendment", of: before.id, change: result }
            : { type: "separated", ...result };
        },
        {
          label: `Run ${run.number} measured.`,
          along: (measured) => {
            const at = runState(measured.entries).result?.at ?? new Date().toISOString();
            made = lotsOfRun(measured, { ...result, at }, lots, new Date(), plant);
            return made;
          },
        },
      ),
    );
    if (!kept.ok) return setProblem(kept.problem);
    draft.done();
    const first = made.find(({ volumeMl }) => volumeMl > 0);
    router.replace(first ? `/shelf/${first.id}` : `/runs/${run.id}`);
  });

  return (
    <Screen
      over={`Run ${run.number} · ${plant?.name ?? "Plant"}`}
      title="Separate"
      back={{ href: `/runs/${run.id}`, label: `Run ${run.number}` }}
      pageTitle={`Separate, ${plant?.name ?? "plant"}, run ${run.number}`}
      onSubmit={() => void save()}
      footer={
        <View className="gap-2">
          {problem ? <Notice severity="error" message={`Not kept: ${problem}.`} /> : null}
          <Button label="Keep it" onPress={() => void save()} />
        </View>
      }
      aside={
        <>
          <AgainstExpected
            expected={visibleMl}
            oilMl={typed.success ? typed.data.oil : undefined}
          />
          <YieldSoFar run={run} read={typed.success ? typed.data : undefined} />
          <Txt variant="small">
            Oils are concentrated: not to be swallowed, not undiluted on skin, away from children
            and pets. In pregnancy ask someone qualified.
          </Txt>
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
      <SettlingNotice run={run} state={state} settling={settling} />
      <ResultFields
        control={control}
        plant={plant}
        densityGPerMl={oilDensityGPerMl}
        units={units}
      />
    </Screen>
  );
}

/** The yield on every basis, once what was measured can be read. */
function YieldSoFar({ run, read }: { run: Run; read: SeparateValues | undefined }) {
  const harvest = useAppSelector((root) =>
    run.harvestId ? root.harvest.entities[run.harvestId] : undefined,
  );
  if (!read)
    return (
      <Card>
        <Txt variant="small">Type oil and hydrosol, and the yield stands here on every basis.</Txt>
      </Card>
    );
  const { chargeG, moisture, forecast } = run.plan;
  return (
    <YieldTable
      result={yieldOf({
        chargeG,
        moisture,
        oilMl: read.oil,
        oilDensityGPerMl: read.density ?? forecast.oilDensityGPerMl,
        hydrosolMl: read.hydrosol,
        pieces: harvest?.counted ? (harvest.counted.count * chargeG) / harvest.massG : undefined,
      })}
    />
  );
}

/** What is still to be waited for before anything is drawn off. */
function SettlingNotice({
  run,
  state,
  settling,
}: {
  run: Run;
  state: RunState;
  settling: ReturnType<typeof settlingLeft>;
}) {
  if (state.heatOffAt === undefined)
    return (
      <Notice
        severity="caution"
        message="The heat is not noted as off yet."
        remedy="Turn it off and let the still cool before you open it."
      />
    );
  if (settling.leftMinutes <= 0 || state.result) return null;
  const salted = run.plan.schools?.settling === "salt" ? ", with 50 g of salt to the litre" : "";
  return (
    <Notice
      severity="note"
      message={
        Number.isFinite(settling.minutes)
          ? `In a vessel filled ${settlingColumnMm} mm high${salted}, ${settlingWords(settling)}: ${showDuration(settling.leftMinutes)} from now.`
          : "This oil is as heavy as water and hardly separates: salt or warmth helps."
      }
      remedy="Draw off sooner, and what still floats as fine drops goes with the hydrosol."
    />
  );
}
