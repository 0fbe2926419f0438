import Bell from "lucide-react-native/icons/bell";
import BellOff from "lucide-react-native/icons/bell-off";
import { memo } from "react";
import { Pressable } from "react-native";
import { t } from "@/language/t";
import { soundOn } from "@/logbook/run/soundOn";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { playTone } from "@/ui/playTone";
import { Txt } from "@/ui/primitives/Txt";
import { timeOf } from "@/words/runWords";

const hourMs = 3600e3;

interface Props {
  /** The minute of the wall clock, ms: when the quiet hour ends, the bell says so. */
  minute: number;
}

/** Quiet for an hour with one tap, and sound again with the next. Not there before sound was asked for. */
export const QuietBell = memo(function QuietBell({ minute }: Props) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  if (preferences.cueSound === undefined) return null;
  const on = soundOn(preferences, minute);
  const until =
    preferences.cueSound && preferences.quietUntil
      ? timeOf(Date.parse(preferences.quietUntil), minute)
      : undefined;
  const press = () => {
    if (on) {
      dispatch(changePreferences({ quietUntil: new Date(Date.now() + hourMs).toISOString() }));
      return;
    }
    playTone(false);
    dispatch(changePreferences({ cueSound: true, quietUntil: undefined }));
  };
  const Icon = on ? Bell : BellOff;
  return (
    <Pressable
      role="button"
      aria-label={
        on
          ? t`Sound is on: quiet for an hour`
          : until
            ? t`Quiet until ${until}: sound again now`
            : t`Silent: turn the sound on`
      }
      onPress={press}
      className="min-h-[48px] min-w-[48px] items-center justify-end rounded-[14px] active:opacity-80"
    >
      <Icon size={22} color={on ? "var(--leaf)" : "var(--soft)"} />
      <Txt variant="label">{on ? t`sound` : until ? t`until ${until}` : t`silent`}</Txt>
    </Pressable>
  );
});
