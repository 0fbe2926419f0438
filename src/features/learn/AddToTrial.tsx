import { useState } from "react";
import { showDay } from "@/core/units/dates";
import { t } from "@/language/t";
import { summarise } from "@/logbook/run/runSummary";
import type { Trial } from "@/records/trial";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectRuns } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { inState } from "@/words/stateWords";

/** Runs that were distilled already, put on a trial's sides. */
export function AddToTrial({
  trial,
  onClose,
  onAdd,
}: {
  trial: Trial;
  onClose: () => void;
  onAdd: (a: string, b: string) => void;
}) {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const used = new Set(trial.runs.map(({ runId }) => runId));
  const options = [
    { value: "", label: t`Choose a run` },
    ...runs
      .filter(({ id }) => !used.has(id))
      .map((run) => {
        const { plantName, at } = summarise(run, book);
        return {
          value: run.id,
          label: `${run.number}: ${plantName}, ${inState[run.state]}, ${showDay(at)}`,
        };
      }),
  ];
  const [a, setA] = useState("");
  const [b, setB] = useState("");
  const [tried, setTried] = useState(false);
  const problem =
    a === b && a !== ""
      ? t`One run cannot be on both sides.`
      : trial.design === "pairs" && (a === "" || b === "")
        ? t`A pair has a run on each side.`
        : a === "" && b === ""
          ? t`Choose a run.`
          : undefined;
  const add = () => {
    setTried(true);
    if (!problem) onAdd(a, b);
  };
  return (
    <Sheet title={t`Which runs?`} open onClose={onClose} onSubmit={add}>
      <Select label={trial.a} options={options} value={a} onChange={setA} />
      <Select label={trial.b} options={options} value={b} onChange={setB} />
      {tried && problem ? <Notice answersPress severity="caution" message={problem} /> : null}
      <Button label={t`Add them`} onPress={add} />
    </Sheet>
  );
}
