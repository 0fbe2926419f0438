import { useMemo, useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { usePlantOptions } from "@/store/usePlantOptions";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Combobox } from "@/ui/primitives/Combobox";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { practiceFaultWords } from "@/words/practiceWords";
import { stateWords } from "@/words/stateWords";
import { readForm, specOf, stillChoices, type ExerciseForm, type Wrong } from "./exerciseForm";
import { useOwnStills } from "./PracticeRoom";
import type { useBegin } from "./useBegin";

const beginning: ExerciseForm = {
  stillId: "",
  plantId: "lavender",
  wrong: "surprise",
  from: "firstDrop",
};

/** An exercise of one's own choice: still, plant, and what goes wrong. */
export function OwnExercise({ begin }: Pick<ReturnType<typeof useBegin>, "begin">) {
  const units = useUnits();
  const book = usePlantBook();
  const { site } = useAppSelector(selectPreferences);
  const own = useOwnStills();
  const choices = useMemo(() => stillChoices(own), [own]);
  const options = usePlantOptions();
  const [form, change] = useKept("practice/own", beginning);
  const read = useMemo(() => readForm(form, { choices, book, site }), [form, choices, book, site]);
  const [tried, setTried] = useState(false);
  const { plant, possible, massG, state, still } = read;
  const wrong: Wrong =
    form.wrong === "nothing" || form.wrong === "surprise" || possible.includes(form.wrong)
      ? form.wrong
      : "surprise";
  const fits = massG > 0;
  return (
    <Card className="gap-3">
      <Txt variant="heading">Your own exercise</Txt>
      <Select
        label="Still"
        options={choices.map(({ value, label }) => ({ value, label }))}
        value={still.value}
        onChange={(stillId) => change({ stillId })}
      />
      <Combobox
        label="Plant"
        options={options}
        value={form.plantId}
        problem={tried && !plant ? "Choose a plant." : undefined}
        onChange={(plantId) => change({ plantId })}
      />
      {plant ? (
        <Txt variant="small">
          {fits
            ? `${words(showMass(massG, units))}, ${stateWords[state]}: what this still takes.`
            : "This still cannot do this plant. Choose another one."}
        </Txt>
      ) : null}
      <Select
        label="What goes wrong"
        options={[
          { value: "surprise", label: "Surprise me" },
          { value: "nothing", label: "Nothing" },
          ...possible.map((value) => ({ value, label: practiceFaultWords[value].name })),
        ]}
        value={wrong}
        onChange={(next) => change({ wrong: next as Wrong })}
      />
      <Choice
        label="Begin"
        shown
        options={[
          { value: "firstDrop", label: "At the first drop" },
          { value: "lit", label: "At heat on" },
        ]}
        value={form.from}
        onChange={(from) => change({ from })}
      />
      <View className="flex-row">
        <Button
          label="Begin"
          hint="Begin your own exercise"
          disabled={!fits}
          onPress={() => {
            setTried(true);
            if (plant)
              begin(
                specOf({ ...form, wrong }, { ...read, plant }, [
                  Math.random(),
                  Math.random(),
                  Math.random(),
                ]),
              );
          }}
        />
      </View>
    </Card>
  );
}
