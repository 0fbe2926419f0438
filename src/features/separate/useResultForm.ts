import { useRouter } from "expo-router";
import { useState } from "react";
import { useWatch } from "react-hook-form";
import { toInput } from "@/core/units/numberInput";
import type { UnitSystem } from "@/core/units/units";
import type { PouredTogether } from "@/logbook/run/pouredTogether";
import { besideJars } from "@/logbook/run/besideJars";
import type { RunState } from "@/logbook/run/runState";
import { wholePool } from "@/logbook/run/wholePool";
import type { Run } from "@/records/run";
import { useAppDispatch } from "@/store/hooks";
import { measureRuns } from "@/store/measureRuns";
import { useDraftedForm } from "@/store/useDraftedForm";
import { useKept } from "@/store/useKept";
import type { FromPicture } from "./LayerPicture";
import { isNoted } from "./ResultFields";
import { asResult, separateDefaults, separateSchema, withItsJars } from "./separateForm";

/** What is typed of a run's oil and hydrosol, kept as a draft until it is saved with the run. */
export function useResultForm(
  run: Run,
  runs: readonly Run[],
  state: RunState,
  units: UnitSystem,
  { others, by, share }: PouredTogether,
) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [beginning] = useState(() =>
    separateDefaults(state.result && wholePool(state.result, runs), units, state.jars),
  );
  const [pictured, onPictured] = useKept(`oilFrom/${run.id}`, {
    oilMl: state.result?.oilMl ?? 0,
    ...(state.result?.oilFrom ?? { pictureId: "", lowMl: 0, highMl: 0 }),
  });
  const { form, draft, letGo } = useDraftedForm(`separate/${run.id}`, separateSchema, beginning, {
    start: (typed) => withItsJars(typed, beginning),
  });
  const [noted] = useState(() => isNoted(form.getValues()));
  const [problem, setProblem] = useState<string>();
  const read = separateSchema.safeParse(useWatch({ control: form.control }));
  const typed = read.success ? read.data : undefined;
  const laterMl = typed ? besideJars(state, asResult(typed)) : 0;
  const ofShare = (amount: number | undefined, beside = 0) =>
    amount === undefined ? undefined : share * amount + beside;

  const put = (field: "oil" | "density", value: number, unit: "mL" | "one") => {
    form.setValue(field, toInput(value, unit), { shouldValidate: true });
    draft.note(form.getValues());
  };
  const save = form.handleSubmit((values) => {
    const result = {
      ...asResult(values),
      ...(others.length === 0 ? fromPicture(pictured, values.oil) : {}),
    };
    const kept = dispatch(measureRuns(run.id, result, { others, by }));
    if (!kept.ok) return setProblem(kept.problem);
    draft.done();
    const first = kept.made.find(({ volumeMl }) => volumeMl > 0);
    router.replace(first ? `/shelf/${first.id}` : `/runs/${run.id}`);
  });

  return {
    control: form.control,
    jars: beginning.jars.length,
    noted,
    problem,
    save: () => void save(),
    typedBefore: draft.typedBefore,
    letGo,
    /** All that was poured together. */
    typed,
    /** This run's share of it, to stand beside its forecast. */
    mine: typed && {
      ...typed,
      oil: ofShare(typed.oil, laterMl),
      hydrosol: ofShare(typed.hydrosol),
    },
    /** Oil drawn off later that counts beside what is typed, mL. */
    laterMl,
    setOil: (oilMl: number, from?: FromPicture) => {
      const rounded = Number(oilMl.toPrecision(3));
      if (from) onPictured({ oilMl: rounded, ...from });
      put("oil", rounded, "mL");
    },
    setDensity: (density: number) => put("density", Number(density.toPrecision(3)), "one"),
  };
}

/* What a picture told of the oil stays with it as long as nobody has typed another. */
function fromPicture(
  { oilMl, ...from }: FromPicture & { oilMl: number },
  typed: number | undefined,
): { oilFrom?: FromPicture } {
  return from.pictureId !== "" && typed === oilMl ? { oilFrom: from } : {};
}
