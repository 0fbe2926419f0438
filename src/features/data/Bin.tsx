import { showDayOfYear } from "@/core/units/dates";
import { View } from "react-native";
import { t } from "@/language/t";
import { bringBack } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectBin } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { nameOf } from "@/words/nameOf";

/** What was binned, each with its way back. */
export function Bin() {
  const dispatch = useAppDispatch();
  const plantBook = usePlantBook();
  const binned = useAppSelector(selectBin);
  return (
    <View className="gap-2">
      <Txt variant="heading">{t`Bin`}</Txt>
      {binned.length === 0 ? (
        <Card>
          <Txt>{t`Empty. What you delete can be brought back for 30 days.`}</Txt>
        </Card>
      ) : null}
      {binned.slice(0, 50).map((record) => (
        <Row
          key={record.id}
          title={nameOf(record, plantBook)}
          detail={t`deleted ${showDayOfYear(new Date(record.deletedAt ?? 0))}`}
          end={
            <Button
              look="plain"
              size="small"
              label={t`Bring back`}
              hint={t`Bring back ${nameOf(record, plantBook)}`}
              onPress={() => dispatch(bringBack([record]))}
            />
          }
        />
      ))}
    </View>
  );
}
