import { useRouter } from "expo-router";
import { useState } from "react";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { t } from "@/language/t";
import { measuresFor } from "@/logbook/plan/measureOf";
import { day } from "@/messages/moment";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectMeasures, selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { usePlantOptions } from "@/store/usePlantOptions";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { MomentField } from "@/ui/primitives/MomentField";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { MassFields } from "./MassFields";
import { noMass, readMass } from "./massOf";
import { WherePicked } from "./WherePicked";
import { PlacesBefore } from "./PlacesBefore";
import { stateWords } from "@/words/stateWords";
import { useToday } from "@/ui/useToday";

/** Something was cut: what, when, where, how much. What grew and how the sky was is told on its own page. */
export function NewHarvestSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const harvests = useAppSelector(selectHarvests);
  const measures = useAppSelector(selectMeasures);
  const { units } = useAppSelector(selectPreferences);
  const [now, change, forget] = useKept("harvest/new", {
    plantId: "",
    state: "fresh" as PlantState,
    cutOn: useToday(),
    place: "",
    from: "",
    ...noMass(units),
  });
  const [tried, setTried] = useState(false);
  const plants = usePlantOptions();
  const options = [{ value: "", label: t`Choose a plant` }, ...plants];
  const plant = book.byId(now.plantId);
  const states = plantStates.filter((state) => plant?.states[state]);
  const state = states.includes(now.state) ? now.state : (states[0] ?? "fresh");
  /* A measure that was weighed with another plant is none for this one. */
  const fits = measuresFor(measures, now.plantId);
  const read = readMass(now, fits);
  const cutOn = day.safeParse(now.cutOn).data;
  const save = () => {
    setTried(true);
    if (!plant || !read.ok || !cutOn) return;
    const harvest: Harvest = {
      ...newRecord("harvest", new Date()),
      plantId: plant.id,
      state,
      massG: read.massG,
      cutOn,
      ...(now.place.trim() ? { place: now.place.trim() } : {}),
      ...(now.from.trim() ? { from: now.from.trim() } : {}),
      ...(read.counted ? { counted: read.counted } : {}),
    };
    const measure = read.newMeasure
      ? [{ ...newRecord("measure", new Date()), ...read.newMeasure, plantId: plant.id }]
      : [];
    if (!dispatch(addNew([harvest, ...measure], t`The harvest is noted.`)).ok) return;
    forget();
    onClose();
    router.push(`/harvests/${harvest.id}`);
  };
  return (
    <Sheet
      title={t`A harvest`}
      intro={t`What lies here, before the first charge of it is planned.`}
      open
      onClose={onClose}
      onSubmit={save}
    >
      <Select
        label={t`Plant`}
        options={options}
        value={now.plantId}
        problem={tried && !plant ? t`Say which plant was cut.` : undefined}
        onChange={(plantId) => change({ plantId })}
      />
      {states.length > 1 ? (
        <Choice
          label={t`State`}
          options={states.map((value) => ({ value, label: stateWords[value] }))}
          value={state}
          onChange={(next) => change({ state: next })}
        />
      ) : null}
      <MassFields
        told={now}
        read={read}
        tried={tried}
        measures={fits}
        units={units}
        onChange={change}
      />
      <MomentField
        kind="day"
        label={t`Cut on`}
        value={now.cutOn}
        problem={cutOn ? undefined : t`Say the day.`}
        onChange={(next) => change({ cutOn: next })}
        required
      />
      <TextField
        label={t`Where`}
        value={now.place}
        maxLength={200}
        onChange={(place) => change({ place })}
      />
      <PlacesBefore harvests={harvests} now={now.place} onChoose={(place) => change({ place })} />
      <TextField
        label={t`From which plants, and how many`}
        value={now.from}
        placeholder={t`six bushes by the wall`}
        maxLength={200}
        onChange={(from) => change({ from })}
      />
      {plant ? <WherePicked plant={plant} /> : null}
      <Button label={t`Note it`} onPress={save} />
    </Sheet>
  );
}
