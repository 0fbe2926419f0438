import { useState } from "react";
import { View } from "react-native";
import { counted } from "@/core/units/format";
import { Button } from "./Button";
import { Notice } from "./Notice";
import { Sheet } from "./Sheet";
import { TickList, type Tickable } from "./TickList";
import { Txt } from "./Txt";

interface Props {
  /** What one of them is called: "run". */
  one: string;
  /** What the search shows now. */
  items: readonly Tickable[];
  acts: {
    label: string;
    hint?: string;
    act: (ids: string[]) => { ok: true } | { ok: false; problem: string };
  }[];
  onClose: () => void;
}

/** Several things of a list in one step: tick them, then choose what to do with all of them. */
export function ActOnSeveral({ one, items, acts, onClose }: Props) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState("");
  const ids = [...ticked];
  return (
    <Sheet
      title="Several at once"
      intro={`Tick ${one}s, then choose what to do. Search the list first for fewer.`}
      open
      onClose={onClose}
    >
      {problem ? <Notice severity="caution" message={problem} /> : null}
      <Txt variant="strong" role="status">{`${counted(ids.length, one)} ticked`}</Txt>
      <View className="flex-row flex-wrap gap-2">
        {acts.map(({ label, hint, act }) => (
          <Button
            key={label}
            look="quiet"
            size="small"
            leaves
            label={label}
            hint={hint}
            onPress={() => {
              if (ids.length === 0) return setProblem(`Tick at least one ${one}.`);
              const done = act(ids);
              if (done.ok) onClose();
              else setProblem(`Nothing changed: ${done.problem}.`);
            }}
          />
        ))}
      </View>
      <TickList items={items} ticked={ticked} onTicked={setTicked} />
    </Sheet>
  );
}
