import { lazy, Suspense, useEffect, useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { usePartsMissing } from "@/ui/partsLoading";
import { Txt } from "@/ui/primitives/Txt";
import { useLitElsewhere } from "./useLitElsewhere";

/* It knows the whole forecast of a run: sent for with the first still on the heat, and fetched ahead of all else. */
const StillWatch = lazy(() => import("./StillWatch"));

/* A network that hangs says nothing: after so long nobody is to think that a still is watched. */
const patienceMs = 3000;

/** Watches the stills on the heat. Where what watches them does not come, it says so instead. */
export function LitStills() {
  if (useLitElsewhere().length === 0) return null;
  return (
    <Suspense fallback={<NotWatchedYet />}>
      <StillWatch />
    </Suspense>
  );
}

function NotWatchedYet() {
  const missing = usePartsMissing();
  const [isLate, setIsLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsLate(true), patienceMs);
    return () => clearTimeout(timer);
  }, []);
  if (!missing && !isLate) return null;
  return (
    <View role="alert" className="bg-ember-wash px-4 py-2">
      <Txt className="text-ember-ink">{t`The stills are not watched from here yet: the network is away or slow. Watch them with your own eyes.`}</Txt>
    </View>
  );
}
