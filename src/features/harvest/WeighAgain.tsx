import { useState } from "react";
import { showMass, words } from "@/core/units/format";
import { readNumber, toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Harvest } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

/** What lies, on the scale once more. */
export function WeighAgain({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const choices = unitsFor("plantMass", units);
  const empty = toInput(undefined, choices[0] ?? "g");
  const [{ mass }, change] = useKept(`weigh/${harvest.id}`, { mass: empty });
  const [tried, setTried] = useState(false);
  const read = readNumber(mass, { name: t`The weight`, ...limits.positive });
  const weigh = () => {
    setTried(!read.ok);
    if (!read.ok) return;
    const weighing = { at: new Date().toISOString(), massG: read.value };
    const kept = dispatch(
      changeRecord(
        harvest,
        (now) => ({ ...now, weighings: [...(now.weighings ?? []), weighing] }),
        t`${words(showMass(read.value, units))} now.`,
      ),
    );
    if (kept.ok) change({ mass: empty });
  };
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Weigh it again`}</Txt>
      <NumberField
        label={t`All that lies here weighs`}
        value={mass}
        onChange={(next) => change({ mass: next })}
        choices={choices}
        problem={tried && !read.ok ? read.problem : undefined}
      />
      <Button look="quiet" label={t`Note the weight`} onPress={weigh} />
    </Card>
  );
}
