import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { mixPlants, type PartOfMix } from "@/core/plant/mixPlants";
import { plantStates } from "@/core/plant/plant";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { mixtureRecord } from "@/logbook/plant/mixture";
import { plantsToFind } from "@/logbook/plant/plantsToFind";
import { summarise } from "@/logbook/run/runSummary";
import { addNew } from "@/store/acts/addNew";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { selectRuns } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Combobox } from "@/ui/primitives/Combobox";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { stateWords } from "@/words/stateWords";
import { OilMix } from "./OilMix";
import { type PartTyped, readMix } from "./readMix";

const mostParts = 6;

function emptyPart(units: UnitSystem): PartTyped {
  return {
    plantId: "",
    state: "",
    mass: toInput(undefined, unitsFor("plantMass", units)[0] ?? "g"),
  };
}

/** Several plants in one charge, by weight: what the mixture is, and the way to its plan. */
export function MixScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const options = useMemo(
    () =>
      plantsToFind(
        book,
        runs.map((run) => summarise(run, book)),
      ),
    [book, runs],
  );
  const [{ parts }, change, forget] = useKept("plants/mix", {
    parts: [emptyPart(units), emptyPart(units)],
  });
  const [tried, setTried] = useState(false);
  const [problem, setProblem] = useState<string>();
  const read = readMix(parts, book);
  const put = (at: number, part: Partial<PartTyped>) =>
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
      title="A mixed charge"
      back={{ href: "/bench/plants", label: "Plants" }}
      onSubmit={planIt}
      footer={
        <View className="gap-2">
          {problem ? <Notice severity="error" message={`Not kept: ${problem}.`} /> : null}
          <Button label="Plan this charge" onPress={planIt} />
        </View>
      }
      aside={read.ok ? <WhatItIs parts={read.parts} units={units} /> : null}
    >
      <Txt>
        Plants that go into the still together. Sereno works out one oil and one hydrosol from them,
        with the cautions of each.
      </Txt>
      {parts.map((part, at) => {
        const plant = book.byId(part.plantId);
        const states = plantStates.filter((state) => plant?.states[state]);
        const wrong = !read.ok && tried ? read.problems[at] : undefined;
        return (
          <View key={at} role="group" aria-label={`Plant ${at + 1}`}>
            <Card className="gap-3">
              <Combobox
                label={`Plant ${at + 1}`}
                placeholder="e.g. lavender"
                options={options}
                value={part.plantId}
                problem={wrong?.plant}
                onChange={(plantId) => put(at, { plantId, state: "" })}
              />
              {states.length > 1 ? (
                <Choice
                  label={`Plant ${at + 1} is`}
                  options={states.map((value) => ({ value, label: stateWords[value] }))}
                  value={states.find((state) => state === part.state) ?? states[0]}
                  onChange={(state) => put(at, { state })}
                />
              ) : null}
              <View className="flex-row">
                <NumberField
                  label="Weight"
                  value={part.mass}
                  choices={unitsFor("plantMass", units)}
                  problem={wrong?.mass}
                  onChange={(mass) => put(at, { mass })}
                />
              </View>
              {parts.length > 2 ? (
                <View className="flex-row">
                  <Button
                    look="plain"
                    size="small"
                    label="Leave out"
                    hint={`Leave out plant ${at + 1}`}
                    onPress={() =>
                      change((now) => ({ parts: now.parts.filter((_, i) => i !== at) }))
                    }
                  />
                </View>
              ) : null}
            </Card>
          </View>
        );
      })}
      {parts.length < mostParts ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label="Add another plant"
            onPress={() => change((now) => ({ parts: [...now.parts, emptyPart(units)] }))}
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
      <Txt variant="heading">What comes of it</Txt>
      <Txt>{`${words(showMass(massG, units))} in all. Most of it is ${mixed.main.name.toLowerCase()}: method and time begin from there.`}</Txt>
      <Txt variant="small">
        The oil by what each plant brings. Which notes come when is rougher than of one plant.
      </Txt>
      <OilMix composition={mixed.composition} />
    </Card>
  );
}
