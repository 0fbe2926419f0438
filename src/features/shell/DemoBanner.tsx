import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { renewDemo, switchLogbook } from "@/storage/logbookChoice";
import { useAppSelector } from "@/store/hooks";
import { selectRuns } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { isDemo } from "./isDemo";

const dayMs = 86400000;

/** Says that this is the demonstration, with the one tap that leaves it, or begins it afresh when it is old. */
export function DemoBanner() {
  return isDemo() ? <Banner /> : null;
}

function Banner() {
  const now = useNow(60000);
  /* Its last run is lit on the day that it is made. */
  const made = useAppSelector((state) =>
    Math.max(0, ...selectRuns(state).map(({ createdAt }) => Date.parse(createdAt))),
  );
  const [problem, setProblem] = useState<string>();
  return (
    <View
      role="region"
      aria-label={t`Demonstration`}
      className="flex-row flex-wrap items-center justify-between gap-x-3 bg-leaf-wash px-4"
    >
      <Txt variant="small" className="flex-1 text-leaf-ink">
        {problem ? t`Not begun afresh: ${problem}.` : t`Demonstration: Vesper Croft`}
      </Txt>
      {made > 0 && now - made > dayMs ? (
        <Button
          label={t`Start again`}
          hint={t`Begin the demonstration afresh, with a season that ends today`}
          look="plain"
          size="small"
          onPress={() => {
            renewDemo().catch((error: unknown) =>
              setProblem(error instanceof Error ? error.message : String(error)),
            );
          }}
        />
      ) : null}
      <Button
        label={t`Leave`}
        hint={t`Leave the demonstration`}
        look="plain"
        size="small"
        onPress={() => switchLogbook("sereno")}
      />
    </View>
  );
}
