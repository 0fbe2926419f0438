import { useLocalSearchParams, useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { isoDay, noonOf, showDayOfYear, showWeekday } from "@/core/units/dates";
import { counted, showMass, words } from "@/core/units/format";
import { toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { plantsToFind } from "@/logbook/plant/plantsToFind";
import { summarise } from "@/logbook/run/runSummary";
import { limits } from "@/messages/limits";
import { useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { selectDays, selectHarvests, selectRuns, selectStills } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Combobox } from "@/ui/primitives/Combobox";
import { NumberField } from "@/ui/primitives/NumberField";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { DayLimits } from "./DayLimits";
import { emptyDay, formOf, type DayForm, type HeapTyped } from "./dayForm";
import { useKept } from "@/store/useKept";
import { useLayOut } from "./useLayOut";

/** What is to be distilled on one day, on which stills, by whom: and the days that were laid out before. */
export function DaysScreen() {
  const { again } = useLocalSearchParams<{ again?: string }>();
  const days = useAppSelector(selectDays);
  const from = days.find(({ id }) => id === again);
  const units = useUnits();
  return <SetUp key={again ?? "new"} from={from ? formOf(from, units) : undefined} />;
}

function SetUp({ from }: { from: DayForm | undefined }) {
  const router = useRouter();
  const units = useUnits();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const days = useAppSelector(selectDays);
  const [form, change, forget] = useKept(
    from ? "day/again" : "day/new",
    from ?? emptyDay(units, stills.slice(0, limits.dayStills.max)),
  );
  const [tried, setTried] = useState(false);
  const { layOut, busy, problem, read } = useLayOut(form, forget);
  const options = useMemo(
    () =>
      plantsToFind(
        book,
        runs.map((run) => summarise(run, book)),
      ),
    [book, runs],
  );
  const lying = harvests
    .map((harvest) => ({ harvest, left: harvestLeftG(harvest, runs) }))
    .filter(({ left }) => left > 0);
  const putHeap = (at: number, part: Partial<HeapTyped>) =>
    change((now) => ({
      others: now.others.map((each, i) => (i === at ? { ...each, ...part } : each)),
    }));
  const toggled = (list: readonly string[], id: string, on: boolean) =>
    on ? [...list, id] : list.filter((each) => each !== id);
  const begin = () => {
    setTried(true);
    void layOut();
  };
  const today = isoDay(new Date());
  return (
    <Screen
      title="A day at the stills"
      back={{ href: "/plan", label: "Plan" }}
      onSubmit={begin}
      footer={
        <View className="gap-2">
          {problem ? (
            <Txt role="alert" variant="strong" className="text-ember-ink">
              {problem}
            </Txt>
          ) : null}
          <Button
            label={busy ? "Laying it out …" : "Lay out the day"}
            disabled={busy}
            onPress={begin}
          />
        </View>
      }
      aside={
        <>
          <DayLimits form={form} problems={tried ? read.problems : {}} onChange={change} />
          {days.length > 0 ? <Txt variant="heading">Days laid out</Txt> : null}
          {[...days]
            .sort((a, b) => b.on.localeCompare(a.on))
            .map((day) => (
              <Row
                key={day.id}
                href={`/plan/day/${day.id}`}
                title={day.on === today ? "Today" : showWeekday(noonOf(day.on))}
                detail={`${counted(day.charges.length, "charge")} on ${counted(day.stillIds.length, "still")}`}
              />
            ))}
        </>
      }
    >
      <Txt>
        Say what is to be distilled and on which stills. Sereno shares it out, and says when to
        load, light and close each.
      </Txt>
      <Txt variant="heading">What</Txt>
      {lying.map(({ harvest, left }) => (
        <Check
          key={harvest.id}
          label={`${words(showMass(left, units))} of ${book.byId(harvest.plantId)?.name ?? "plant"}`}
          reason={`Harvest of ${showDayOfYear(noonOf(harvest.cutOn))}, ${harvestNow(harvest, runs, book).state}`}
          checked={form.harvestIds.includes(harvest.id)}
          onChange={(on) => change({ harvestIds: toggled(form.harvestIds, harvest.id, on) })}
        />
      ))}
      {form.others.map((heap, at) => (
        <View key={at} role="group" aria-label={`Plant ${at + 1}`}>
          <Card className="gap-3">
            <Combobox
              label={`Plant ${at + 1}`}
              placeholder="e.g. lavender"
              options={options}
              value={heap.plantId}
              problem={tried ? read.heapProblems[at]?.plant : undefined}
              onChange={(plantId) => putHeap(at, { plantId })}
            />
            <View className="flex-row">
              <NumberField
                label="Weight"
                value={heap.mass}
                choices={unitsFor("plantMass", units)}
                problem={tried ? read.heapProblems[at]?.mass : undefined}
                onChange={(mass) => putHeap(at, { mass })}
              />
            </View>
            <View className="flex-row">
              <Button
                look="plain"
                size="small"
                label="Leave out"
                hint={`Leave out plant ${at + 1}`}
                onPress={() => change((now) => ({ others: now.others.filter((_, i) => i !== at) }))}
              />
            </View>
          </Card>
        </View>
      ))}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label="Add a plant that is not cut yet"
          onPress={() =>
            change((now) => ({
              others: [
                ...now.others,
                { plantId: "", mass: toInput(undefined, unitsFor("plantMass", units)[0] ?? "g") },
              ],
            }))
          }
        />
      </View>
      <Txt variant="heading">On which stills</Txt>
      {stills.map(({ id, name }) => (
        <Check
          key={id}
          label={name}
          checked={form.stillIds.includes(id)}
          onChange={(on) => change({ stillIds: toggled(form.stillIds, id, on) })}
        />
      ))}
      {stills.length === 0 ? (
        <View className="flex-row">
          <Button label="Add your still" onPress={() => router.push("/bench")} />
        </View>
      ) : null}
    </Screen>
  );
}
