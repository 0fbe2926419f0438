import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { View } from "react-native";
import { z } from "zod";
import { trialSoFar } from "@/logbook/trial/trialSoFar";
import { newRecord } from "@/records/base";
import { trialMeasures, type Trial } from "@/records/trial";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectRuns, selectTrials } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormText } from "@/ui/primitives/form";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { measureWords, verdictSentence } from "@/words/trialWords";

/** Questions put to the still, and where each stands. */
export function TrialsScreen() {
  const book = usePlantBook();
  const trials = useAppSelector(selectTrials);
  const runs = useAppSelector(selectRuns);
  const [asking, setAsking] = useState(false);
  return (
    <Screen
      title="Trials"
      back={{ href: "/runs", label: "Runs" }}
      footer={<Button label="Ask a question" onPress={() => setAsking(true)} />}
    >
      {trials.length === 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">No question yet</Txt>
          <Txt>
            One run against one run is chance. Change one thing, halve the harvest, distil both
            halves, and do it again: the verdict here is a range and a word, and says how many more
            pairs would decide it.
          </Txt>
        </Card>
      ) : null}
      <View className="gap-2">
        {[...trials].reverse().map((trial) => {
          const { outcome } = trialSoFar(trial, runs, book);
          return (
            <Row
              key={trial.id}
              href={`/runs/trials/${trial.id}` as never}
              title={trial.question}
              detail={outcome ? verdictSentence(outcome, trial) : "Nothing to count yet."}
              end={<Txt variant="label">{trial.closedAt ? "closed" : "open"}</Txt>}
            />
          );
        })}
      </View>
      {asking ? <AskSheet onClose={() => setAsking(false)} /> : null}
    </Screen>
  );
}

const schema = z.object({
  question: z.string().trim().min(1, "Say what you want to know.").max(200),
  a: z.string().trim().min(1, "Name the one way.").max(200),
  b: z.string().trim().min(1, "Name the other way.").max(200),
  measure: z.enum(trialMeasures),
  design: z.enum(["pairs", "apart"]),
});

function AskSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const draft = useDraft("trial", {
    question: "",
    a: "",
    b: "",
    measure: "mlPerKgDry" as Trial["measure"],
    design: "pairs" as Trial["design"],
  });
  const asking = useForm({ resolver: zodResolver(schema), defaultValues: draft.start });
  const { control, handleSubmit } = asking;
  useFormDraft(asking, draft);
  const save = handleSubmit((values) => {
    const trial: Trial = { ...newRecord("trial", new Date()), ...values, runs: [] };
    if (!dispatch(keepUndoable("The trial is open.", [trial])).ok) return;
    draft.done();
    onClose();
    router.push(`/runs/trials/${trial.id}` as never);
  });
  return (
    <Sheet
      title="What do you want to know?"
      intro="One thing changed, everything else kept equal."
      open
      onClose={onClose}
      onSubmit={() => void save()}
    >
      <FormText
        control={control}
        name="question"
        label="The question"
        placeholder="Wilted overnight, or at once?"
        required
      />
      <FormText control={control} name="a" label="One way" placeholder="at once" required />
      <FormText
        control={control}
        name="b"
        label="The other way"
        placeholder="wilted overnight"
        required
      />
      <FormChoice
        control={control}
        name="measure"
        label="What counts"
        options={trialMeasures.map((value) => ({ value, label: measureWords[value] }))}
      />
      <FormChoice
        control={control}
        name="design"
        label="How"
        options={[
          { value: "pairs", label: "In pairs of one halved harvest" },
          { value: "apart", label: "Apart, as it comes" },
        ]}
      />
      <Button label="Open the trial" onPress={() => void save()} />
    </Sheet>
  );
}
