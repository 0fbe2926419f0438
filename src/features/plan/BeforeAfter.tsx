import { useMemo } from "react";
import { View } from "react-native";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import { t } from "@/language/t";
import type { ForecastRanges } from "@/messages/forecastMessages";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Table } from "@/ui/primitives/Table";
import { Txt } from "@/ui/primitives/Txt";
import { planFigures } from "@/logbook/plan/planFigures";
import type { PlanDraft } from "@/records/planDraft";
import { readDraft } from "@/logbook/plan/readDraft";
import { oilRange } from "./planRanges";
import { useForecastRanges } from "./useForecastRanges";
import type { PlanWork } from "./usePlanDraft";

/** A change that was made, and the draft as it was before. */
export interface Change {
  label: string;
  before: PlanDraft;
}

interface Props {
  change: Change;
  work: PlanWork;
  after: ChargePlan;
  ranges: ForecastRanges | undefined;
  onBack: () => void;
  onDone: () => void;
}

/** The plan before a choice and after it, side by side, with the way back. */
export function BeforeAfter({ change, work, after, ranges, onBack, onDone }: Props) {
  const { context, units, preferences, read } = work;
  const before = useMemo(() => {
    const { input, still } = readDraft(change.before, context);
    return input && still ? { plan: planCharges(input), still } : undefined;
  }, [change.before, context]);
  const { ranges: rangesBefore } = useForecastRanges(before?.plan.request);
  if (!before || !read.still) return null;
  const money = preferences.prices;
  const now = planFigures(after, read.still.heat.kind, units, money);
  const was = new Map(
    planFigures(before.plan, before.still.heat.kind, units, money).map((figure) => [
      figure.name,
      figure,
    ]),
  );
  const rows = [
    [t`Oil, likely`, likely(rangesBefore, before.plan), likely(ranges, after), 0] as const,
    ...now.map(
      ({ name, value, amount }) =>
        [name, was.get(name)?.value ?? "–", value, amount - (was.get(name)?.amount ?? 0)] as const,
    ),
  ];
  return (
    <Card className="gap-2">
      <Txt variant="heading">{change.label}</Txt>
      <Table
        label={t`Before and after`}
        head={["", t`before`, t`now`]}
        rows={rows.map(([name, from, to, difference]) => [
          name,
          from,
          from === to ? t`the same` : `${difference > 0 ? "▲ " : difference < 0 ? "▼ " : ""}${to}`,
        ])}
      />
      <View className="flex-row gap-2">
        <Button label={t`Undo`} look="quiet" size="small" onPress={onBack} />
        <Button label={t`Keep`} look="plain" size="small" onPress={onDone} />
      </View>
    </Card>
  );
}

function likely(ranges: ForecastRanges | undefined, { charges }: ChargePlan): string {
  if (!ranges) return "…";
  return oilRange(ranges.oil.visibleMl, charges);
}
