import { useRouter } from "expo-router";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { backupDue } from "@/logbook/backupDue";
import { chosenLogbook } from "@/storage/logbookChoice";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

const weekMs = 7 * 86400000;

/** After ten runs or thirty days without one: a copy of the logbook is due, and can be put off with a tap. */
export function BackupRow({ now }: { now: number }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const runs = useAppSelector(selectRuns);
  const due = backupDue(runs, useAppSelector(selectPreferences), now);
  if (!due || chosenLogbook() === "sereno-demo") return null;
  return (
    <Card wash="oil" className="gap-2">
      <Txt variant="strong">{t`Save a backup of the logbook`}</Txt>
      <Txt variant="small" className="text-ink">
        {due.ever
          ? t`${plural(due.runs, { one: "# run", other: "# runs" })} since the last one, ${plural(due.days, { one: "# day", other: "# days" })} ago. It lives in this browser alone.`
          : t`${plural(due.runs, { one: "# run", other: "# runs" })}, and no backup yet. It lives in this browser alone.`}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button size="small" label={t`Save a backup`} onPress={() => router.push("/bench/data")} />
        <Button
          look="quiet"
          size="small"
          label={t`In a week`}
          hint={t`In a week: remind me of the backup`}
          onPress={() =>
            dispatch(
              changePreferences({ backupAskedAfter: new Date(Date.now() + weekMs).toISOString() }),
            )
          }
        />
      </View>
    </Card>
  );
}
