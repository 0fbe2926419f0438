import { useState } from "react";
import { View } from "react-native";
import { practiceSpeeds, type PracticeSpeed } from "@/core/practice/practiceSpeeds";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { Practising } from "./useExercise";

const fast = (speed: PracticeSpeed) => (speed === 1 ? t`In its own time` : t`${speed} times`);

/** Above the cockpit: that nothing here is real, how fast time goes, and the way out. */
export function PracticeBar({ work }: { work: Practising }) {
  const [open, setOpen] = useState(false);
  const { speed, goesAt, goOn, wait, end } = work;
  const waits = speed === 0;
  return (
    <View className="gap-2 rounded-card bg-leaf-wash px-3 py-2">
      <Txt variant="strong">
        {waits
          ? t`Practice: nothing here is real. Time waits.`
          : t`Practice: nothing here is real.`}
      </Txt>
      <View className="flex-row gap-2">
        <Button
          size="small"
          className="flex-1 px-1"
          label={waits ? t`Go on` : t`Wait`}
          onPress={() => (waits ? goOn() : wait())}
        />
        <Button
          size="small"
          look="quiet"
          className="flex-[2] px-1"
          label={fast(waits ? goesAt : speed)}
          opens
          onPress={() => setOpen(true)}
        />
        <Button
          size="small"
          look="quiet"
          className="flex-1 px-1"
          label={t`End`}
          hint={t`End and look back`}
          onPress={end}
        />
      </View>
      <Sheet title={t`How fast`} open={open} onClose={() => setOpen(false)}>
        <Choice
          label={t`How fast time goes`}
          options={practiceSpeeds
            .filter((each) => each > 0)
            .map((each) => ({ value: String(each), label: fast(each) }))}
          value={String(waits ? goesAt : speed)}
          onChange={(value) => {
            setOpen(false);
            goOn(Number(value) as PracticeSpeed);
          }}
        />
        <Txt variant="small">{t`When something is heard or an alarm of danger rings, time goes on as it is.`}</Txt>
      </Sheet>
    </View>
  );
}
