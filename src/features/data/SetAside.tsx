import { isoDay } from "@/core/units/dates";
import { View } from "react-native";
import { handOver } from "@/exchange/download";
import { t } from "@/language/t";
import { discardQuarantined } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";

/** Stored texts that would not open, to be saved or let go. */
export function SetAside() {
  const dispatch = useAppDispatch();
  const quarantined = useAppSelector(({ keeping }) => keeping.quarantined);
  if (quarantined.length === 0) return null;
  return (
    <View className="gap-2">
      <Txt variant="heading">{t`Set aside`}</Txt>
      <Notice
        severity="caution"
        message={t`These stored texts would not open, and were put here word for word.`}
        remedy={t`Save them before you let them go; someone may mend them.`}
        action={{
          label: t`Save them all`,
          onPress: () =>
            void handOver(
              `sereno-set-aside-${isoDay(new Date())}.json`,
              JSON.stringify(quarantined, null, 1),
              "application/json",
            ),
        }}
      />
      {quarantined.map(({ key, problem: fault, newer }) => (
        <Row
          key={`${key} ${newer ?? ""}`}
          title={key}
          detail={fault}
          end={
            newer ? undefined : (
              <Button
                look="plain"
                size="small"
                label={t`Discard`}
                hint={t`Discard ${key}`}
                onPress={() => void dispatch(discardQuarantined(key))}
              />
            )
          }
        />
      ))}
    </View>
  );
}
