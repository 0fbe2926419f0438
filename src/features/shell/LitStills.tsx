import { lazy, Suspense } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectLitRuns } from "@/store/runsOnTheHeat";
import { usePartsMissing } from "@/ui/partsLoading";
import { Txt } from "@/ui/primitives/Txt";

/* It knows the whole forecast of a run: sent for with the first still on the heat, and fetched ahead of all else. */
const StillWatch = lazy(() => import("./StillWatch"));

/** Watches the stills on the heat. Where what watches them does not come, it says so instead. */
export function LitStills() {
  const any = useAppSelector((state) => selectLitRuns(state).length > 0);
  return any ? (
    <Suspense fallback={<NotWatchedYet />}>
      <StillWatch />
    </Suspense>
  ) : null;
}

function NotWatchedYet() {
  if (!usePartsMissing()) return null;
  return (
    <View role="alert" className="bg-ember-wash px-4 py-2">
      <Txt className="text-ember-ink">{t`The stills cannot be watched from here until the network is back. Watch them with your own eyes.`}</Txt>
    </View>
  );
}
