import { useRouter } from "expo-router";
import { z } from "zod";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import type { Sniff } from "@/records/sniff";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch } from "@/store/hooks";
import { useDraftedForm } from "@/store/useDraftedForm";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormText } from "@/ui/primitives/form";
import { Sheet } from "@/ui/primitives/Sheet";

const schema = z.object({
  a: z
    .string()
    .trim()
    .min(1, t`Say what the one is.`)
    .max(200),
  b: z
    .string()
    .trim()
    .min(1, t`Say what the other is.`)
    .max(200),
  who: z.enum(["helper", "alone"]),
});

/** What is to be told apart by nose, and whether somebody helps. */
export function SniffSheet({
  trial,
  onClose,
}: {
  trial?: { id: string; a: string; b: string };
  onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { form, draft } = useDraftedForm(
    `sniff/${trial?.id ?? "new"}`,
    schema,
    {
      a: trial?.a ?? "",
      b: trial?.b ?? "",
      who: "helper" as "helper" | "alone",
    },
    { mode: "onSubmit" },
  );
  const { control, handleSubmit } = form;
  const save = handleSubmit(({ a, b, who }) => {
    const sniff: Sniff = {
      ...newRecord("sniff", new Date()),
      a,
      b,
      withHelper: who === "helper",
      ...(trial ? { trialId: trial.id } : {}),
      rounds: [],
    };
    if (!dispatch(addNew([sniff], t`The blind sniff is open.`)).ok) return;
    draft.done();
    onClose();
    router.push(`/runs/learn?sniff=${sniff.id}`);
  });
  return (
    <Sheet
      title={t`Can you smell the difference?`}
      intro={t`One drop of each on strips of paper, or a little of each hydrosol in like glasses.`}
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormText
        control={control}
        name="a"
        label={t`The one`}
        placeholder={t`run 12, at once`}
        required
      />
      <FormText
        control={control}
        name="b"
        label={t`The other`}
        placeholder={t`run 13, wilted`}
        required
      />
      <FormChoice
        control={control}
        name="who"
        label={t`Who lays them out`}
        options={[
          { value: "helper", label: t`Somebody helps` },
          { value: "alone", label: t`I am alone` },
        ]}
      />
      <Button label={t`Begin`} onPress={() => void save()} />
    </Sheet>
  );
}
