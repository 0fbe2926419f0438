import { View } from "react-native";
import { t } from "@/language/t";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { playTone } from "@/ui/playTone";

/** Asks once whether cues may sound. */
export function AskSound({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  if (preferences.cueSound !== undefined) return null;
  const answer = (cueSound: boolean) => {
    if (cueSound) playTone(false);
    dispatch(changePreferences({ cueSound }));
  };
  return (
    <Card className="flex-row items-center gap-2 py-1">
      <Txt
        variant="small"
        className="flex-1 text-ink"
      >{t`Sound and a buzz when something is due?`}</Txt>
      <View className="flex-row gap-1">
        <Button label={t`Yes`} size="small" onPress={() => answer(true)} />
        <Button
          label={t`No`}
          look="plain"
          size="cockpit"
          className="min-w-[64px]"
          onPress={() => answer(false)}
        />
      </View>
    </Card>
  );
}
