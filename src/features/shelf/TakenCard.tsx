import { showDay } from "@/core/units/dates";
import { View } from "react-native";
import { t } from "@/language/t";
import type { Use } from "@/records/bottle";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { useWayInSentence, wayOf } from "@/words/bottleWords";

/** What was taken out of a lot: when, what for, what became of it, and how to strike one out. */
export function TakenCard({
  taken,
  amount,
}: {
  taken: readonly Use[];
  amount: (volumeMl: number) => string;
}) {
  const dispatch = useAppDispatch();
  if (taken.length === 0) return null;
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`Taken out`}</Txt>
      {taken.map((use) => (
        <View key={use.id}>
          <Txt>{use.purpose}</Txt>
          {becameOf(use) ? <Txt variant="small">{becameOf(use)}</Txt> : null}
          <View className="flex-row flex-wrap items-center gap-x-3">
            <Txt variant="label">{showDay(new Date(use.at))}</Txt>
            <Txt variant="strong" className="flex-1">
              {amount(use.amountMl)}
            </Txt>
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Delete`}
              hint={t`Delete the use for ${use.purpose}`}
              onPress={() => dispatch(bin(t`Use deleted.`, [use]))}
            />
          </View>
        </View>
      ))}
    </Card>
  );
}

/** What became of it and to whom, where that is more than that it was used. */
function becameOf(use: Use): string {
  const isTold = use.way !== undefined && use.way !== "used" && wayOf(use) !== undefined;
  return [isTold ? useWayInSentence[use.way!] : undefined, use.to].filter(Boolean).join(" · ");
}
