import { memo } from "react";
import { Pressable, ScrollView, Text, View } from "react-native";
import { t } from "@/language/t";
import { whatNow } from "@/words/whatNow";
import type { CockpitPart } from "./CockpitHead";
import { HeatOffButton, type EarlyBy } from "./HeatOffButton";
import type { Log } from "./useLog";

interface Props extends CockpitPart {
  early: () => EarlyBy | undefined;
  log: Log;
  onTrouble: () => void;
}

/** On a screen too low for the whole cockpit: what is wrong and Heat off, which never scroll away. */
export const AlarmBar = memo(function AlarmBar({
  state,
  live,
  units,
  early,
  log,
  onTrouble,
}: Props) {
  const [first] = whatNow(live, units);
  const urgent = first !== undefined && first.level !== "later";
  return (
    <View
      className={`min-h-[72px] flex-row items-center gap-2 border-t border-line px-2 py-1 ${urgent ? "bg-ember-wash" : "bg-ground"}`}
    >
      <View className="min-h-[64px] min-w-0 flex-1 justify-center">
        <ScrollView className="max-h-[96px] grow-0">
          <Text
            role={urgent ? "alert" : undefined}
            className={`font-bold text-[16px] leading-[19px] ${urgent ? "text-ember-ink" : "text-ink"}`}
          >
            {first?.say ?? t`Nothing is due`}
          </Text>
          {first ? (
            <Text className="font-body text-[14px] leading-[17px] text-ink">{first.because}</Text>
          ) : null}
        </ScrollView>
        <Pressable
          role="button"
          aria-label={first ? t`What to do: ${first.say}. ${first.because}` : t`What to do`}
          onPress={onTrouble}
          className="absolute inset-0 active:opacity-80"
        />
      </View>
      <HeatOffButton
        className="min-w-[104px] px-2"
        entries={state.entries.length}
        early={early}
        onOff={() => log.tap("heatOff", t`Heat off noted.`)}
      />
    </View>
  );
});
