import { useState } from "react";
import { View } from "react-native";
import { fixed, roundTemperature } from "@/core/units/format";
import { dryingWays, moistureByDrying, type WayToDry } from "@/core/plant/dryOut";
import { readNumber, toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Harvest } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Fold } from "@/ui/primitives/Fold";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

const ovenC = 105;

const wayWords: Record<WayToDry, { label: string; how: string }> = {
  oven: { label: t`Oven`, how: t`Bake it gently until two weighings are alike.` },
  microwave: {
    label: t`Microwave`,
    how: t`Half a minute at a time, a glass of water beside it, until two weighings are alike.`,
  },
  air: { label: t`In air`, how: t`Until it crackles. A tenth of it is then still water.` },
};

/** A handful weighed, dried and weighed again: the water of this harvest instead of the book's. */
export function DryAHandful({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const units = useUnits();
  const choices = unitsFor("plantMass", units);
  const empty = toInput(undefined, choices[0] ?? "g");
  const [now, change, forget] = useKept(`dry/${harvest.id}`, {
    before: empty,
    after: empty,
    way: "oven" as WayToDry,
  });
  const [tried, setTried] = useState(false);
  const before = readNumber(now.before, { name: t`The handful`, ...limits.positive });
  const after = readNumber(now.after, {
    name: t`What is left`,
    min: 0,
    max: before.ok ? before.value : limits.positive.max,
    above: true,
    remedy: t`It cannot weigh more than before.`,
  });
  const keep = () => {
    setTried(true);
    if (!before.ok || !after.ok) return;
    const moisture = moistureByDrying(before.value, after.value, now.way);
    const kept = dispatch(
      changeRecord(
        harvest,
        (then) => ({ ...then, moisture }),
        t`${fixed(100 * moisture, 0)} % of it was water.`,
      ),
    );
    if (!kept.ok) return;
    setTried(false);
    change({ before: empty, after: empty });
    forget();
  };
  return (
    <Fold
      title={t`Dry a handful`}
      inside={
        harvest.moisture === undefined
          ? t`How much water this harvest really holds`
          : t`Measured: ${fixed(100 * harvest.moisture, 0)} % water when it was cut`
      }
    >
      <Choice
        label={t`Dried in`}
        options={dryingWays.map((value) => ({ value, label: wayWords[value].label }))}
        value={now.way}
        onChange={(way) => change({ way })}
      />
      <Txt variant="small">
        {now.way === "oven"
          ? t`Take it as it is cut. ${wayWords[now.way].how} Set the oven to ${roundTemperature(ovenC, units)}.`
          : t`Take it as it is cut. ${wayWords[now.way].how}`}
      </Txt>
      <View className="flex-row gap-3">
        <NumberField
          label={t`Handful before`}
          value={now.before}
          onChange={(next) => change({ before: next })}
          choices={choices}
          problem={tried && !before.ok ? before.problem : undefined}
        />
        <NumberField
          label={t`And dried`}
          value={now.after}
          onChange={(next) => change({ after: next })}
          choices={choices}
          problem={tried && !after.ok ? after.problem : undefined}
        />
      </View>
      <Button look="quiet" label={t`Take this water`} onPress={keep} />
    </Fold>
  );
}
