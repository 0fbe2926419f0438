import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { nanoid } from "nanoid";
import { showDuration, showOil, showRange, unitsFor, words, yieldOf, fixed } from "@/core";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { runState } from "@/logbook/run/runState";
import { runNow } from "@/logbook/run/runClock";
import { settlingColumnMm, settlingTime } from "@/logbook/run/settlingTime";
import { settlingWords } from "@/words/settlingWords";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectLots, selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { RangeBar } from "@/ui/charts/RangeBar";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { useNow } from "@/ui/useNow";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { asResult, separateDefaults, separateSchema } from "./separateForm";
import { YieldTable } from "./YieldTable";

/** After the heat: let it settle, draw off, measure; the yield appears as it is typed. */
export function SeparateScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units, site } = useAppSelector(selectPreferences);
  const lots = useAppSelector(selectLots);
  const harvest = useAppSelector((root) =>
    run.harvestId ? root.harvest.entities[run.harvestId] : undefined,
  );
  const now = useNow(10000);
  const state = runState(run.entries);
  const plant = plantBook.byId(run.plantId);
  const { visibleMl, oilDensityGPerMl } = run.plan.forecast;
  const volumes = unitsFor("volume", units);
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
  const school = run.plan.schools?.settling;
  const settling = settlingTime(oilDensityGPerMl, site.airC, school);
  const settle = settling.minutes;
  const settledFor =
    state.heatOffAt === undefined ? 0 : (runNow(run, now) - state.heatOffAt) / 60000;

  const save = handleSubmit((values) => {
    const at = new Date();
    const result = asResult(values);
    const entry: Entry = state.result
      ? {
          id: nanoid(),
          type: "amendment",
          at: at.toISOString(),
          of: state.result.id,
          change: result,
        }
      : { id: nanoid(), type: "separated", at: at.toISOString(), ...result };
    const made = lotsOfRun(
      run,
      { ...result, at: state.result?.at ?? at.toISOString() },
      lots,
      at,
      plant,
    );
    const kept = dispatch(
      keepUndoable(`Run ${run.number} measured.`, [
        { ...run, entries: [...run.entries, entry] },
        ...made,
      ]),
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
          <Card className="gap-2">
            <Txt variant="heading">Against what was expected</Txt>
            <RangeBar
              expected={visibleMl}
              measured={typed.success ? typed.data.oil : undefined}
              unit="mL"
              inWords={`Expected ${showRange(visibleMl.p10, visibleMl.p90)} mL of oil to see${typed.success ? `, measured ${words(showOil(typed.data.oil))}` : ""}.`}
            />
            <Txt variant="small" role="status">
              {visibleMl.p90 < 0.005
                ? "By the plan no oil shows: the hydrosol takes it up."
                : `8 in 10: ${showRange(visibleMl.p10, visibleMl.p90)} mL of oil to see. ${typed.success ? verdict(typed.data.oil, visibleMl) : ""}`}
            </Txt>
          </Card>
          {typed.success ? (
            <YieldTable
              result={yieldOf({
                chargeG: run.plan.chargeG,
                moisture: run.plan.moisture,
                oilMl: typed.data.oil,
                oilDensityGPerMl: typed.data.density ?? oilDensityGPerMl,
                hydrosolMl: typed.data.hydrosol,
                pieces: harvest?.counted
                  ? (harvest.counted.count * run.plan.chargeG) / harvest.massG
                  : undefined,
              })}
            />
          ) : (
            <Card>
              <Txt variant="small">
                Type oil and hydrosol, and the yield stands here on every basis.
              </Txt>
            </Card>
          )}
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
      {state.heatOffAt === undefined ? (
        <Notice
          severity="caution"
          message="The heat is not noted as off yet."
          remedy="Turn it off and let the still cool before you open it."
        />
      ) : settledFor < settle && !state.result ? (
        <Notice
          severity="note"
          message={
            Number.isFinite(settle)
              ? `In a vessel filled ${settlingColumnMm} mm high${school === "salt" ? ", with 50 g of salt to the litre" : ""}, ${settlingWords(settling)}: ${showDuration(settle - settledFor)} from now.`
              : "This oil is as heavy as water and hardly separates: salt or warmth helps."
          }
          remedy="Draw off sooner, and what still floats as fine drops goes with the hydrosol."
        />
      ) : null}
      <Card className="gap-3">
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="oil"
            label="Oil"
            required
            choices={unitsFor("oilVolume", units)}
          />
          <FormNumber
            control={control}
            name="hydrosol"
            label="Hydrosol, all of it"
            required
            choices={volumes}
          />
        </View>
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="firstCut"
            label="First cut, if kept apart"
            choices={volumes}
            placeholder="none"
          />
          <FormNumber
            control={control}
            name="density"
            label="Oil density, if weighed"
            choices={[]}
            suffix="g/mL"
            placeholder={fixed(oilDensityGPerMl, 3)}
          />
        </View>
      </Card>
      <Card className="gap-3">
        <FormText control={control} name="look" label="Look" placeholder={plant?.oilLook} />
        <FormText control={control} name="smell" label="Smell" placeholder={plant?.hydrosolLook} />
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="ph"
            label="pH of the hydrosol"
            choices={[]}
            placeholder="if measured"
          />
          <View className="flex-1" />
        </View>
        <FormText
          control={control}
          name="note"
          label="Note"
          lines={3}
          maxLength={5000}
          placeholder="spent plant, weather, what to change"
        />
      </Card>
    </Screen>
  );
}

function verdict(oilMl: number, { p10, p90 }: { p10: number; p90: number }): string {
  if (oilMl < p10)
    return "Less than expected: wet or old plant, a leak, channelling, or settling cut short.";
  if (oilMl > p90) return "More than expected: a rich harvest, or water left in the measure.";
  return "As expected.";
}
