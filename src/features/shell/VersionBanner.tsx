import { View } from "react-native";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectLitRuns } from "@/store/runsOnTheHeat";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { takeNewVersion, useNewVersion } from "./serviceWorker";

/** A newer Sereno is here. It is never changed under a still that is on the heat. */
export function VersionBanner() {
  const waiting = useNewVersion();
  const lit = useAppSelector((state) => selectLitRuns(state).length);
  if (!waiting) return null;
  return (
    <View role="status" className="flex-row items-center gap-3 bg-leaf-wash px-4 py-1">
      <Txt variant="small" className="min-w-0 flex-1 text-leaf-ink">
        {lit > 0
          ? t`A newer Sereno is here. It waits until no still is on the heat.`
          : t`A newer Sereno is here.`}
      </Txt>
      {lit > 0 ? null : (
        <Button label={t`Use it now`} look="quiet" size="small" onPress={takeNewVersion} />
      )}
    </View>
  );
}
