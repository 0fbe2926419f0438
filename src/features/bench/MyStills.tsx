import { useRouter } from "expo-router";
import { useCallback } from "react";
import { View } from "react-native";
import { showMass, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { newRecord } from "@/records/base";
import type { BareStill, Still } from "@/records/still";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectStills } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Fold } from "@/ui/primitives/Fold";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { ReadyMadeStills } from "./ReadyMadeStills";
import { heatInList } from "@/words/heatWords";
import { constructionInList, inMetal } from "@/words/stillWords";

/** The person's stills, and ready-made ones to begin with. */
export function MyStills({ units }: { units: UnitSystem }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const stills = useAppSelector(selectStills);
  const anyRun = useAppSelector((state) => state.run.ids.length > 0);
  const missing = readyMadeStills.filter(
    ({ name }) => !stills.some((still) => still.name === name),
  );

  const add = useCallback(
    (figures: BareStill) => {
      const still: Still = { ...newRecord("still", new Date()), ...figures };
      dispatch(addNew([still]));
    },
    [dispatch],
  );
  const toAdd = (
    <View className="gap-3">
      <ReadyMadeStills stills={missing} onAdd={add} />
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Describe a still`}
          onPress={() => router.push("/bench/stills/new")}
        />
      </View>
    </View>
  );
  return (
    <View className="gap-2">
      <Txt variant="heading">{t`My stills`}</Txt>
      {stills.length === 0 ? (
        <Card>
          <Txt>{t`Tap the one that looks like yours, and change its measures. Or describe your own from nothing.`}</Txt>
        </Card>
      ) : null}
      {stills.map((still) => (
        <Row
          key={still.id}
          href={`/bench/stills/${still.id}`}
          title={still.name}
          detail={t`${constructionInList[still.construction]} · ${words(showVolume(still.potVolumeMl, units))} · ${still.heat.powerW} W ${heatInList[still.heat.kind]}`}
          more={t`Empty ${words(showMass(still.emptyMassG, units))} of ${inMetal[still.metal]}; dry line at ${words(showVolume(still.dryLineMl, units))}`}
        />
      ))}
      {stills.length > 0 && !anyRun ? (
        <Card wash="leaf" className="gap-2">
          <Txt variant="strong">{t`Next: plant and weight`}</Txt>
          <View className="flex-row">
            <Button size="small" label={t`Choose the plant`} onPress={() => router.push("/plan")} />
          </View>
        </Card>
      ) : null}
      {stills.length > 0 ? (
        <Fold title={t`Add a still`} inside={t`One that is ready-made, or your own described`}>
          {toAdd}
        </Fold>
      ) : (
        toAdd
      )}
    </View>
  );
}
