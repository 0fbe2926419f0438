import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { noonOf, showDayOfYear, showWeekday } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { unitsFor } from "@/core/units/units";
import { plural, t } from "@/language/t";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { type AmountTyped, noAmount, statesOf } from "@/logbook/plant/readAmount";
import { limits } from "@/messages/limits";
import { useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectDays, selectHarvests, selectRuns, selectStills } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Check } from "@/ui/primitives/Check";
import { PlantAmount } from "@/ui/primitives/PlantAmount";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { DayLimits } from "./DayLimits";
import { inState, stateWords } from "@/words/stateWords";
import { emptyDay, formOf, type DayForm } from "./dayForm";
import { usePlantOptions } from "@/store/usePlantOptions";
import { useKept } from "@/store/useKept";
import { useLayOut } from "./useLayOut";
import { useToday } from "@/ui/useToday";

/** What is to be distilled on one day, on which stills, by whom: and the days that were planned before. */
export function DaysScreen() {
  const { again } = useLocalSearchParams<{ again?: string }>();
  const days = useAppSelector(selectDays);
  const from = days.find(({ id }) => id === again);
  const units = useUnits();
  return (
    <SetUp key={again ?? "new"} again={from?.id} from={from ? formOf(from, units) : undefined} />
  );
}

function SetUp({ again, from }: { again: string | undefined; from: DayForm | undefined }) {
  const router = useRouter();
  const units = useUnits();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const days = useAppSelector(selectDays);
  const [form, change, forget] = useKept(
    again ? `day/again/${again}` : "day/new",
    from ?? emptyDay(units, stills.slice(0, limits.dayStills.max)),
  );
  const [tried, setTried] = useState(false);
  const { layOut, busy, problem, read } = useLayOut(form, forget);
  const options = usePlantOptions();
  const lying = harvests
    .map((harvest) => ({ harvest, left: harvestLeftG(harvest, runs) }))
    .filter(({ left }) => left > 0);
  const putHeap = (at: number, part: Partial<AmountTyped>) =>
    change((now) => ({
      others: now.others.map((each, i) => (i === at ? { ...each, ...part } : each)),
    }));
  const toggled = (list: readonly string[], id: string, on: boolean) =>
    on ? [...list, id] : list.filter((each) => each !== id);
  const begin = () => {
    setTried(true);
    void layOut();
  };
  const today = useToday();
  return (
    <Screen
      title={t`A day at the stills`}
      back={{ href: "/plan", label: t`Plan` }}
      onSubmit={begin}
      footer={
        <View className="gap-2">
          {problem ? (
            <Txt role="alert" variant="strong" className="text-ember-ink">
              {problem}
            </Txt>
          ) : null}
          <Button
            label={busy ? t`Planning the day …` : t`Plan the day`}
            disabled={busy}
            onPress={begin}
          />
        </View>
      }
      aside={
        <>
          <DayLimits form={form} problems={tried ? read.problems : {}} onChange={change} />
          {days.length > 0 ? <Txt variant="heading">{t`Planned days`}</Txt> : null}
          {[...days]
            .sort((a, b) => b.on.localeCompare(a.on))
            .map((day) => (
              <Row
                key={day.id}
                href={`/plan/day/${day.id}`}
                title={day.on === today ? t`Today` : showWeekday(noonOf(day.on))}
                detail={t`${plural(day.charges.length, { one: "# charge", other: "# charges" })} on ${plural(day.stillIds.length, { one: "# still", other: "# stills" })}`}
              />
            ))}
        </>
      }
    >
      <Txt>{t`Choose the plants and the stills. Sereno shares the plants out in charges, and says when to load, heat and empty each still.`}</Txt>
      <Txt variant="heading">{t`What`}</Txt>
      {lying.map(({ harvest, left }) => (
        <Check
          key={harvest.id}
          label={t`${words(showMass(left, units))} of ${book.byId(harvest.plantId)?.name ?? t`plant`}`}
          reason={t`Harvest of ${showDayOfYear(noonOf(harvest.cutOn))}, ${inState[harvestNow(harvest, runs, book).state]}`}
          checked={form.harvestIds.includes(harvest.id)}
          onChange={(on) => change({ harvestIds: toggled(form.harvestIds, harvest.id, on) })}
        />
      ))}
      {form.others.map((heap, at) => (
        <PlantAmount
          key={at}
          number={at + 1}
          plants={options}
          states={statesOf(heap, book).map((value) => ({ value, label: stateWords[value] }))}
          units={unitsFor("plantMass", units)}
          value={heap}
          problems={tried ? read.heapProblems[at] : undefined}
          onChange={(part) => putHeap(at, part)}
          onRemove={() => change((now) => ({ others: now.others.filter((_, i) => i !== at) }))}
        />
      ))}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Add a plant that is not cut yet`}
          onPress={() =>
            change((now) => ({
              others: [...now.others, noAmount(units)],
            }))
          }
        />
      </View>
      <Txt variant="heading">{t`On which stills`}</Txt>
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
          <Button label={t`Add your still`} onPress={() => router.push("/bench")} />
        </View>
      ) : null}
    </Screen>
  );
}
