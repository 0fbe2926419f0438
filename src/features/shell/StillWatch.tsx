import { usePathname, useRouter } from "expo-router";
import { Pressable, View } from "react-native";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { dueSound, soundOn } from "@/logbook/run/soundOn";
import { whatNow } from "@/words/whatNow";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useLiveRun } from "@/store/useLiveRun";
import { useRingsHere } from "@/store/useRingsHere";
import { useRunNow } from "@/store/useRunNow";
import { Txt } from "@/ui/primitives/Txt";
import { useCueSound } from "@/ui/useCueSound";
import { useNow } from "@/ui/useNow";
import { isCockpit } from "./isCockpit";
import { useLitElsewhere } from "./useLitElsewhere";

/**
 * The stills on the heat, watched from every other screen: what is due or wrong sounds, and stands
 * on top of a screen that does not show the still.
 */
export default function StillWatch() {
  const path = usePathname();
  const lit = useLitElsewhere();
  const shown = path !== "/" && !isCockpit(path);
  return lit.map((each) => <StillBar key={each.run.id} {...each} shown={shown} />);
}

function StillBar({ run, state, shown }: { run: Run; state: RunState; shown: boolean }) {
  const router = useRouter();
  const preferences = useAppSelector(selectPreferences);
  const { wallNow, now } = useRunNow(run, useNow(run.clock && run.clock.speed > 1 ? 1000 : 5000));
  const [first] = whatNow(useLiveRun(run, state, now), preferences.units);
  const due = dueSound(first);
  const danger = first?.level === "danger";
  const ringing = useRingsHere(run, danger);
  useCueSound(run.id, {
    due,
    danger,
    now,
    on: soundOn(preferences, wallNow) && ringing,
  });
  if (!shown || !first || !due) return null;
  return (
    <View role="alert">
      <Pressable
        role="link"
        onPress={() => router.push(`/runs/${run.id}/watch`)}
        className="min-h-[52px] flex-row items-center justify-between gap-3 bg-ember-wash px-4 py-1"
      >
        <Txt variant="strong" className="min-w-0 flex-1 text-ember-ink">
          {first.say}
        </Txt>
        <Txt variant="label" className="shrink text-ember-ink">
          {run.stillName}
        </Txt>
      </Pressable>
    </View>
  );
}
