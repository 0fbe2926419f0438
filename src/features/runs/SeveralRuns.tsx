import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { showDay } from "@/core/units/dates";
import { counted, showOil, words } from "@/core/units/format";
import type { RunSummary } from "@/logbook/run/runSummary";
import { binRuns, leaveRunsOut } from "@/store/acts/severalRuns";
import type { Kept } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { TickList } from "@/ui/primitives/TickList";
import { Txt } from "@/ui/primitives/Txt";
import { phaseInShort } from "@/words/runWords";

interface Props {
  /** What the search shows now. */
  runs: readonly RunSummary[];
  onClose: () => void;
}

/* More columns than this nobody compares. */
const mostBeside = 4;

/** Several runs in one step: set side by side, left out of learning, counted in again, or deleted. */
export function SeveralRuns({ runs, onClose }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState("");
  const ids = [...ticked];
  const act = (kept: () => Kept) => {
    if (ids.length === 0) return setProblem("Tick at least one run.");
    const done = kept();
    if (done.ok) onClose();
    else setProblem(`Nothing changed: ${done.problem}.`);
  };
  const beside = () => {
    if (ids.length < 2 || ids.length > mostBeside)
      return setProblem(`Tick 2 to ${mostBeside} runs to set side by side.`);
    onClose();
    router.push(`/runs/compare?ids=${ids.join(",")}`);
  };
  return (
    <Sheet
      title="Several at once"
      intro="Tick runs, then choose what to do. Search the list first for fewer."
      open
      onClose={onClose}
    >
      {problem ? <Notice severity="caution" message={problem} /> : null}
      <Txt variant="strong" role="status">{`${counted(ids.length, "run")} ticked`}</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button look="quiet" size="small" leaves label="Side by side" onPress={beside} />
        <Button
          look="quiet"
          size="small"
          leaves
          label="Leave out of learning"
          onPress={() => act(() => dispatch(leaveRunsOut(ids, true)))}
        />
        <Button
          look="quiet"
          size="small"
          leaves
          label="Count in again"
          onPress={() => act(() => dispatch(leaveRunsOut(ids, false)))}
        />
        <Button
          look="quiet"
          size="small"
          leaves
          label="Delete"
          hint="Delete: the ticked runs"
          onPress={() => act(() => dispatch(binRuns(ids)))}
        />
      </View>
      <TickList
        items={runs.map(({ run, plantName, at, result, state }) => ({
          id: run.id,
          label: `${run.number} · ${plantName}`,
          detail: [
            showDay(at),
            result ? words(showOil(result.oilMl)) : phaseInShort(state),
            run.notToLearn ? "left out of learning" : undefined,
          ]
            .filter(Boolean)
            .join(" · "),
        }))}
        ticked={ticked}
        onTicked={setTicked}
      />
    </Sheet>
  );
}
