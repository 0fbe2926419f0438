import { t } from "@/language/t";
import { lessons, teaches } from "@/logbook/past/teaches";
import type { PastTold } from "@/logbook/past/readPastForm";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { lessonWords, missingWords } from "@/words/pastWords";

/** What the next forecast learns from this run, and what it would need for more. */
export function TeachesCard({ told }: { told: PastTold | undefined }) {
  if (!told)
    return (
      <Card className="gap-2">
        <Txt variant="heading">{t`Day and plant are enough`}</Txt>
        <Txt>{t`Everything else may stay empty. The run, its harvest and its bottles get that day. The next forecast learns from it what it can.`}</Txt>
      </Card>
    );
  const all = teaches(told);
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`What this run teaches`}</Txt>
      {lessons.map((lesson) => {
        const missing = all[lesson];
        return (
          <Txt key={lesson} variant={missing.length === 0 ? "strong" : "small"}>
            {missing.length === 0
              ? `✓ ${lessonWords[lesson]}`
              : t`– ${lessonWords[lesson]}: needs ${missing.map((part) => missingWords[part]).join(" and ")}`}
          </Txt>
        );
      })}
    </Card>
  );
}
