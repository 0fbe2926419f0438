import { useState } from "react";
import { View } from "react-native";
import type { Parting } from "@/core/separation/parting";
import { type Branch, type StepCode, branchesOf, stepsFor } from "@/core/separation/steps";
import type { VesselKind } from "@/core/separation/vesselKinds";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { branchWords, stepWords } from "@/words/stepWords";

interface Props {
  vessel: VesselKind;
  parting: Pick<Parting, "layer" | "layerMm">;
  /** Which step, by its code, so that another vessel finds it among its own; any other text is the first. */
  at: string;
  onAt: (at: StepCode) => void;
}

/** One step of parting at a time, large, with the ways on when it is not as it should be. */
export function StepGuide({ vessel, parting, at, onAt }: Props) {
  const steps = stepsFor(vessel, parting);
  const place = Math.max(0, (steps as readonly string[]).indexOf(at));
  const step = steps[place]!;
  const [asked, setAsked] = useState<Branch>();
  const { say, how, caution } = stepWords[step];
  const go = (to: number) => {
    setAsked(undefined);
    onAt(steps[to]!);
  };
  return (
    <Card wash="dew" className="gap-3">
      <Txt variant="label" role="status">{t`Step ${place + 1} of ${steps.length}`}</Txt>
      <Txt variant="title" role="heading" aria-level={2}>
        {say}
      </Txt>
      <Txt className="text-[18px] leading-[26px]">{how}</Txt>
      {caution ? <Notice severity="caution" message={caution} /> : null}
      <View className="flex-row flex-wrap gap-2">
        {branchesOf(step).map((branch) => (
          <Button
            key={branch}
            look="plain"
            size="small"
            label={branchWords[branch].ask}
            onPress={() => setAsked(branch === asked ? undefined : branch)}
          />
        ))}
      </View>
      {asked ? <Notice severity="note" message={branchWords[asked].answer} /> : null}
      <View className="flex-row gap-3">
        <Button
          look="quiet"
          label={t`Back`}
          className="flex-1"
          disabled={place === 0}
          onPress={() => go(place - 1)}
        />
        <Button
          size="cockpit"
          label={place === steps.length - 1 ? t`From the start` : t`Done, next`}
          className="flex-1"
          onPress={() => go(place === steps.length - 1 ? 0 : place + 1)}
        />
      </View>
    </Card>
  );
}
