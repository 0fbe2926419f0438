import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { mixPlants, type PartOfMix } from "@/core/plant/mixPlants";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { type AmountTyped, noAmount, statesOf } from "@/logbook/plant/readAmount";
import { mixtureRecord } from "@/logbook/plant/mixture";
import { addNew } from "@/store/acts/addNew";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { usePlantOptions } from "@/store/usePlantOptions";
import { useKept } from "@/store/useKept";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { PlantAmount } from "@/ui/primitives/PlantAmount";
import { Txt } from "@/ui/primitives/Txt";
import { stateWords } from "@/words/stateWords";
import { OilMix } from "./OilMix";
import { readMix } from "./readMix";
import { plantInSentence } from "@/words/plantInSentence";

const mostParts = 6;

/** Several plants in one charge, by weight: what the mixture is, and the way to its plan. */
export function MixScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const options = usePlantOptions();
  const [{ parts }, change, forget] = useKept("plants/mix", {
    parts: [noAmount(units), noAmount(units)],
  });
  const [tried, setTried] = useState(false);
  const [problem, setProblem] = useState<string>();
  const read = readMix(parts, book);
  const put = (at: number, part: Partial<AmountTyped>) =>
    change((now) => ({
      parts: now.parts.map((each, i) => (i === at ? { ...each, ...part } : each)),
    }));
  function planIt() {
    setTried(true);
    if (!read.ok) return;
    const record = mixtureRecord(read.parts, new Date());
    const kept = dispatch(addNew([record]));
    if (!kept.ok) return setProblem(kept.problem);
    forget();
    const massG = read.parts.reduce((sum, { share }) => sum + share, 0);
    const [unit = "g"] = unitsFor("plantMass", units);
    const typed = toInput(massG, unit);
    dispatch(beginPlan({ plantId: record.plantId, massText: typed.text, massUnit: typed.unit }));
    router.push("/plan");
  }
  return (
    <Screen
      title={t`A mixed charge`}
      back={{ href: "/bench/plants", label: t`Plants` }}
      onSubmit={planIt}
      footer={
        <View className="gap-2">
          {problem ? (
            <Notice answersPress severity="error" message={t`Not kept: ${problem}.`} />
          ) : null}
          <Button label={t`Plan this charge`} once onPress={planIt} />
        </View>
      }
      aside={read.ok ? <WhatItIs parts={read.parts} units={units} /> : null}
    >
      <Txt>{t`Plants that go into the still together. Sereno works out one oil and one hydrosol from them, with the cautions of each.`}</Txt>
      {parts.map((part, at) => (
        <PlantAmount
          key={at}
          number={at + 1}
          plants={options}
          states={statesOf(part, book).map((value) => ({ value, label: stateWords[value] }))}
          units={unitsFor("plantMass", units)}
          value={part}
          problems={!read.ok && tried ? read.problems[at] : undefined}
          onChange={(next) => put(at, next)}
          onRemove={
            parts.length > 2
              ? () => change((now) => ({ parts: now.parts.filter((_, i) => i !== at) }))
              : undefined
          }
        />
      ))}
      {parts.length < mostParts ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Add another plant`}
            onPress={() => change((now) => ({ parts: [...now.parts, noAmount(units)] }))}
          />
        </View>
      ) : null}
    </Screen>
  );
}

function WhatItIs({ parts, units }: { parts: readonly PartOfMix[]; units: UnitSystem }) {
  const mixed = mixPlants(parts);
  const massG = parts.reduce((sum, { share }) => sum + share, 0);
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`What comes of it`}</Txt>
      <Txt>{t`${words(showMass(massG, units))} in all. Most of it is ${plantInSentence(mixed.main.name)}: method and time begin from there.`}</Txt>
      <Txt variant="small">{t`The oil by what each plant brings. Which notes come when is rougher than of one plant.`}</Txt>
      <OilMix composition={mixed.composition} />
    </Card>
  );
}
