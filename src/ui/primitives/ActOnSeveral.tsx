import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "./Button";
import { Notice } from "./Notice";
import { Sheet } from "./Sheet";
import { TickList, type Tickable } from "./TickList";
import { Txt } from "./Txt";

interface Props {
  /** What the search shows now. */
  /** Said where nothing is ticked: "Tick at least one run." */
  none: string;
  items: readonly Tickable[];
  acts: {
    label: string;
    hint?: string;
    act: (ids: string[]) => { ok: true } | { ok: false; problem: string };
  }[];
  onClose: () => void;
}

/** Several things of a list in one step: tick them, then choose what to do with all of them. */
export function ActOnSeveral({ none, items, acts, onClose }: Props) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState("");
  const ids = [...ticked];
  return (
    <Sheet
      title={t`Several at once`}
      intro={t`Tick what is meant, then choose what to do. Search the list first for fewer.`}
      open
      onClose={onClose}
    >
      {problem ? <Notice severity="caution" message={problem} /> : null}
      <Txt variant="strong" role="status">{t`${ids.length} ticked`}</Txt>
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
              if (ids.length === 0) return setProblem(none);
              const done = act(ids);
              if (done.ok) onClose();
              else setProblem(t`Nothing changed: ${done.problem}.`);
            }}
          />
        ))}
      </View>
      <TickList items={items} ticked={ticked} onTicked={setTicked} />
    </Sheet>
  );
}
