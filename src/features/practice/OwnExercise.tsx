import { useMemo, useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { saveExercise } from "@/exchange/exerciseFile";
import type { Fault } from "@/core/practice/faults";
import { t } from "@/language/t";
import type { ExerciseSpec } from "@/records/exercise";
import { useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { usePlantOptions } from "@/store/usePlantOptions";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Combobox } from "@/ui/primitives/Combobox";
import { Fold } from "@/ui/primitives/Fold";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { practiceFaultWords } from "@/words/practiceWords";
import { stateWords } from "@/words/stateWords";
import {
  followers,
  longestTitle,
  mostThen,
  readForm,
  specOf,
  stillChoices,
  type ExerciseForm,
  type Wrong,
} from "./exerciseForm";
import { useOwnStills } from "./PracticeRoom";
import type { useBegin } from "./useBegin";

const beginning: ExerciseForm = {
  stillId: "",
  plantId: "lavender",
  wrong: "surprise",
  then: [],
  from: "firstDrop",
  title: "",
  note: "",
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
  const later = followers(wrong, form.then, possible);
  const fits = massG > 0;
  const withSpec = (then: (spec: ExerciseSpec) => void) => {
    setTried(true);
    if (!plant) return;
    const chance = [Math.random(), Math.random(), Math.random()] as const;
    then(specOf({ ...form, wrong }, { ...read, plant }, chance));
  };
  /* Under a name of its own nobody reads from the title what goes wrong. */
  const handOn = (spec: ExerciseSpec) =>
    saveExercise({
      ...spec,
      ...(form.title.trim() ? { title: form.title.trim() } : {}),
      ...(form.note.trim() ? { note: form.note.trim() } : {}),
      ...(form.title.trim() ? { hidden: true as const } : {}),
    });
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Your own exercise`}</Txt>
      <Select
        label={t`Still`}
        options={choices.map(({ value, label }) => ({ value, label }))}
        value={still.value}
        onChange={(stillId) => change({ stillId })}
      />
      <Combobox
        label={t`Plant`}
        options={options}
        value={form.plantId}
        problem={tried && !plant ? t`Choose a plant.` : undefined}
        onChange={(plantId) => change({ plantId })}
      />
      {plant ? (
        <Txt variant="small">
          {fits
            ? t`${words(showMass(massG, units))}, ${stateWords[state]}: what this still takes.`
            : t`This still cannot do this plant. Choose another one.`}
        </Txt>
      ) : null}
      <Select
        label={t`What goes wrong`}
        options={[
          { value: "surprise", label: t`Surprise me` },
          { value: "nothing", label: t`Nothing` },
          ...possible.map((value) => ({ value, label: practiceFaultWords[value].name })),
        ]}
        value={wrong}
        onChange={(next) => change({ wrong: next as Wrong })}
      />
      {wrong === "nothing" || wrong === "surprise"
        ? null
        : [...later, ""].slice(0, mostThen).map((value, i) => (
            <Select
              key={i}
              label={i === 0 ? t`And after that` : t`And then`}
              options={[
                { value: "", label: t`Nothing more` },
                ...possible
                  .filter((each) => each === value || (each !== wrong && !later.includes(each)))
                  .map((each) => ({ value: each, label: practiceFaultWords[each].name })),
              ]}
              value={value}
              onChange={(next) =>
                change({
                  then: [
                    ...later.slice(0, i),
                    ...(next ? [next as Fault] : []),
                    ...later.slice(i + 1),
                  ],
                })
              }
            />
          ))}
      <Choice
        label={t`Begin`}
        shown
        options={[
          { value: "firstDrop", label: t`At the first drop` },
          { value: "lit", label: t`At heat on` },
        ]}
        value={form.from}
        onChange={(from) => change({ from })}
      />
      <View className="flex-row">
        <Button
          label={t`Begin`}
          hint={t`Begin your own exercise`}
          disabled={!fits}
          onPress={() => withSpec(begin)}
        />
      </View>
      <Fold title={t`For somebody else`} inside={t`Save it as a file that another device can open`}>
        <TextField
          label={t`Its name`}
          value={form.title}
          maxLength={longestTitle}
          onChange={(title) => change({ title })}
          placeholder={t`e.g. First trouble`}
        />
        <TextField
          label={t`What you tell them before`}
          value={form.note}
          lines={3}
          maxLength={5000}
          onChange={(note) => change({ note })}
        />
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Save as a file`}
            hint={t`Save your own exercise as a file`}
            disabled={!fits}
            onPress={() => withSpec(handOn)}
          />
        </View>
      </Fold>
    </Card>
  );
}
