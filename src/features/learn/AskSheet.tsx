import { useRouter } from "expo-router";
import { z } from "zod";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import { trialChanges, trialMeasures, type Trial, type TrialChange } from "@/records/trial";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectRuns } from "@/store/selectors";
import { useDraftedForm } from "@/store/useDraftedForm";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormSelect, FormText } from "@/ui/primitives/form";
import { Sheet } from "@/ui/primitives/Sheet";
import { changeWords, measureWords } from "@/words/trialWords";

const schema = z.object({
  question: z
    .string()
    .trim()
    .min(1, t`Say what you want to know.`)
    .max(200),
  a: z
    .string()
    .trim()
    .min(1, t`Name the one way.`)
    .max(200),
  b: z
    .string()
    .trim()
    .min(1, t`Name the other way.`)
    .max(200),
  plantId: z.string(),
  changes: z.enum(trialChanges),
  measure: z.enum(trialMeasures),
  design: z.enum(["pairs", "apart"]),
});

/** A question with its two ways, the one thing that is changed, and what counts. */
export function AskSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { form: asking, draft } = useDraftedForm(
    "trial",
    schema,
    {
      question: "",
      a: "",
      b: "",
      plantId: "",
      changes: "state" as TrialChange,
      measure: "mlPerKgDry" as Trial["measure"],
      design: "pairs" as Trial["design"],
    },
    { mode: "onSubmit" },
  );
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const own = new Set(runs.map(({ plantId }) => plantId));
  const plants = [...book.all].sort((x, y) => Number(own.has(y.id)) - Number(own.has(x.id)));
  const { control, handleSubmit } = asking;
  const save = handleSubmit((values) => {
    const { plantId, ...told } = values;
    const trial: Trial = {
      ...newRecord("trial", new Date()),
      ...told,
      ...(plantId ? { plantId } : {}),
      runs: [],
    };
    if (!dispatch(addNew([trial], t`The trial is open.`)).ok) return;
    draft.done();
    onClose();
    router.push(`/runs/learn?trial=${trial.id}`);
  });
  return (
    <Sheet
      title={t`What do you want to know?`}
      intro={t`One thing changed, everything else kept equal.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormText
        control={control}
        name="question"
        label={t`The question`}
        placeholder={t`Wilted overnight, or at once?`}
        required
      />
      <FormText control={control} name="a" label={t`One way`} placeholder={t`at once`} required />
      <FormText
        control={control}
        name="b"
        label={t`The other way`}
        placeholder={t`wilted overnight`}
        required
      />
      <FormSelect
        control={control}
        name="plantId"
        label={t`Of which plant`}
        options={[
          { value: "", label: t`Any` },
          ...plants.map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
      <FormSelect
        control={control}
        name="changes"
        label={t`What is changed`}
        options={trialChanges.map((value) => ({ value, label: changeWords[value] }))}
      />
      <FormChoice
        control={control}
        name="measure"
        label={t`What counts`}
        options={trialMeasures.map((value) => ({ value, label: measureWords[value] }))}
      />
      <FormChoice
        control={control}
        name="design"
        label={t`How`}
        options={[
          { value: "pairs", label: t`In pairs of one halved harvest` },
          { value: "apart", label: t`Apart, as it comes` },
        ]}
      />
      <Button label={t`Open the trial`} onPress={() => void save()} />
    </Sheet>
  );
}
