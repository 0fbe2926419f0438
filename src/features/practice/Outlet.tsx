import { View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { Txt } from "@/ui/primitives/Txt";

/* Faster than this nobody counts, and drops run together. */
const stream = 400;

/** The outlet of a practice still: a drop falls as often as it drips, in its own time. */
export function Outlet({ perMinute }: { perMinute: number }) {
  if (perMinute < 1) return <Txt variant="strong">{t`Nothing drips.`}</Txt>;
  if (perMinute > stream) return <Txt variant="strong">{t`It runs in a thin stream.`}</Txt>;
  if (window.matchMedia?.("(prefers-reduced-motion: reduce)").matches)
    return <Txt variant="strong">{t`It drips ${perMinute} times a minute.`}</Txt>;
  return (
    <View className="h-[72px] items-center overflow-hidden rounded-card bg-panel">
      {unstable_createElement("div", {
        className: "practice-drop",
        style: { animationDuration: `${(60 / perMinute).toFixed(3)}s` },
        "aria-hidden": true,
      })}
      <Txt
        variant="small"
        className="absolute bottom-1 left-3"
      >{t`At the outlet, in its own time`}</Txt>
    </View>
  );
}
