import { useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { readNumber, toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { takenAwayKinds, type Harvest, type TakenAway } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { takenAwayAmount, takenAwayWords } from "@/words/harvestWords";

/** What is picked out and not distilled, weighed out of what lies here. */
export function PickedOver({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const choices = unitsFor("plantMass", units);
  const empty = toInput(undefined, choices[0] ?? "g");
  const [{ mass, what }, change] = useKept(`pick/${harvest.id}`, {
    mass: empty,
    what: "stems" as TakenAway["what"],
  });
  const [tried, setTried] = useState(false);
  const read = readNumber(mass, { name: t`The weight`, ...limits.positive });
  const shown = (massG: number) => words(showMass(massG, units));
  const take = () => {
    setTried(!read.ok);
    if (!read.ok) return;
    const taken = { at: new Date().toISOString(), what, massG: read.value };
    const kept = dispatch(
      changeRecord(
        harvest,
        (now) => ({ ...now, takenAway: [...(now.takenAway ?? []), taken] }),
        t`${takenAwayAmount[what](shown(read.value))} taken out.`,
      ),
    );
    if (kept.ok) change({ mass: empty });
  };
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Picked over`}</Txt>
      <Choice
        label={t`What is taken out`}
        options={takenAwayKinds.map((value) => ({ value, label: takenAwayWords[value] }))}
        value={what}
        onChange={(next) => change({ what: next })}
      />
      <NumberField
        label={t`It weighs`}
        value={mass}
        choices={choices}
        problem={tried && !read.ok ? read.problem : undefined}
        onChange={(next) => change({ mass: next })}
      />
      <Button look="quiet" label={t`Take it out`} onPress={take} />
      {(harvest.takenAway ?? []).map((taken) => (
        <View key={taken.at} className="flex-row items-center justify-between gap-3">
          <Txt>{`${takenAwayWords[taken.what]}: ${shown(taken.massG)}`}</Txt>
          <Button
            look="plain"
            size="small"
            leaves
            label={t`Leave out`}
            hint={t`Leave out ${takenAwayAmount[taken.what](shown(taken.massG))}`}
            onPress={() =>
              dispatch(
                changeRecord(
                  harvest,
                  (now) => ({
                    ...now,
                    takenAway: (now.takenAway ?? []).filter(({ at }) => at !== taken.at),
                  }),
                  t`Removed.`,
                ),
              )
            }
          />
        </View>
      ))}
    </Card>
  );
}
