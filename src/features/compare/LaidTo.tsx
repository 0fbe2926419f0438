import { View } from "react-native";
import { compareRuns, type RunToCompare } from "@/core/learn/compareRuns";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { orNothing } from "./orNothing";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { aspectWords, ratioWords, remainderSentence } from "@/words/compareWords";

/** A run that is set beside others, as it is and as the model can take it. */
export interface Beside {
  summary: RunSummary;
  compared?: RunToCompare;
}

/** How much of the difference between two runs the model lays to what, and how much stays unexplained. */
export function LaidTo({ a, b }: { a: Beside; b: Beside }) {
  const title = t`Run ${b.summary.run.number} against run ${a.summary.run.number}`;
  const { compared: mine } = a;
  const { compared: other } = b;
  const compared = mine && other && orNothing(() => compareRuns(mine, other));
  if (!compared)
    return (
      <Card className="gap-2">
        <Txt variant="heading">{title}</Txt>
        <Txt>{t`These two cannot be reckoned one beside the other: the oil of one is not measured, or its plan does not say enough.`}</Txt>
      </Card>
    );
  const { seen, model, parts, unexplained } = compared;
  return (
    <Card className="gap-2">
      <Txt variant="heading">{title}</Txt>
      <Txt variant="strong">
        {seen === undefined
          ? t`One of them gave nothing.`
          : t`${capital(ratioWords(seen))} oil to the dry matter.`}
      </Txt>
      {[...parts]
        .sort((x, y) => Math.abs(Math.log(y.ratio)) - Math.abs(Math.log(x.ratio)))
        .map(({ aspect, ratio }) => (
          <Line key={aspect} name={aspectWords[aspect]} value={ratioWords(ratio)} />
        ))}
      {parts.length > 1 ? (
        <Line name={t`All of that by the model`} value={ratioWords(model)} />
      ) : null}
      {unexplained === undefined ? null : (
        <Line strong name={t`Not explained`} value={ratioWords(unexplained)} />
      )}
      <Txt variant="small">{remainderSentence(compared)}</Txt>
    </Card>
  );
}

function Line({ name, value, strong = false }: { name: string; value: string; strong?: boolean }) {
  return (
    <View className="flex-row items-baseline justify-between gap-3 border-t border-line pt-1">
      <Txt variant={strong ? "strong" : "body"} className="min-w-0 flex-1">
        {name}
      </Txt>
      <Txt variant="strong">{value}</Txt>
    </View>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
