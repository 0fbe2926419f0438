import { yieldRange, yieldUnit } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { methodInList } from "@/words/methodWords";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useSearches } from "@/store/useSearches";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { MoreActions } from "@/ui/primitives/MoreActions";
import { Row } from "@/ui/primitives/Row";
import { pick } from "@/ui/primitives/options";
import { SavedSearches } from "@/ui/primitives/SavedSearches";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { useRowsSoon } from "@/ui/useRowsSoon";
import { SeveralPlants } from "./SeveralPlants";
import { lastRunOfPlants, plantSorts, type PlantSort } from "./sortPlants";
import { plantGroups } from "./plantGroups";
import { plantsShown, type Which } from "./plantsShown";

/* As many as a phone's screen has room for. */
const firstRows = 10;

/** Every plant the person can distil: the catalogue's and their own. */
export function PlantsScreen() {
  const router = useRouter();
  const wide = useWide();
  const book = usePlantBook();
  const [find, setFind] = useKept("plants/find", "");
  const [group, setGroup] = useKept<Which>("plants/group", "all");
  const [sort, setSort] = useKept<PlantSort>("plants/sort", "name");
  const [several, setSeveral] = useState(false);
  const { favourites = [] } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const searches = useSearches("plants");
  const lastRun = useMemo(() => lastRunOfPlants(runs), [runs]);
  const shown = plantsShown(book.all, { find, group, sort, favourites, lastRun });
  const rows = useRowsSoon(shown, wide ? 2 * firstRows : firstRows);
  const groups = whichWords
    .filter(({ value }) => value !== "favourites" || favourites.length > 0 || group === value)
    .map(({ value, label }) => ({
      value,
      label: value === "all" ? t`All ${book.all.length}` : label,
    }));
  return (
    <Screen
      title={t`Plants`}
      back={{ href: "/bench", label: t`Bench` }}
      actions={
        <>
          <Button
            label={t`Add a plant`}
            look="quiet"
            size="small"
            onPress={() => router.push("/bench/plants/new/figures")}
          />
          <MoreActions
            title={t`More of the plants`}
            actions={[
              { label: t`Mix plants`, act: () => router.push("/bench/plants/mix") },
              { label: t`Several at once`, opens: true, act: () => setSeveral(true) },
            ]}
          />
        </>
      }
    >
      <View className="flex-row flex-wrap items-end gap-3">
        <View className={wide ? "min-w-0 flex-[3]" : "w-full"}>
          <TextField
            label={t`Find`}
            shortcut="/"
            value={find}
            onChange={setFind}
            placeholder={t`name, botanical name or part`}
          />
        </View>
        {wide ? null : (
          <View className="min-w-0 flex-1">
            <Select label={t`Which plants`} options={groups} value={group} onChange={setGroup} />
          </View>
        )}
        <View className={wide ? "min-w-0 flex-[2]" : "min-w-0 flex-1"}>
          <Select label={t`Sort by`} options={plantSorts} value={sort} onChange={setSort} />
        </View>
      </View>
      {several ? (
        <SeveralPlants plants={shown} favourites={favourites} onClose={() => setSeveral(false)} />
      ) : null}
      {wide ? (
        <Choice label={t`Which plants`} options={groups} value={group} onChange={setGroup} />
      ) : null}
      <SavedSearches
        {...searches}
        now={{ text: find, filter: group, sort, down: false }}
        first={{ text: "", filter: "all", sort: "name", down: false }}
        filters={whichWords}
        sorts={plantSorts}
        onApply={(search) => {
          setFind(search.text);
          setGroup(pick(search.filter, whichWords));
          setSort(pick(search.sort, plantSorts));
        }}
      />
      {shown.length === 0 ? (
        <Card>
          <Txt>
            {find.trim()
              ? t`No plant matches “${find.trim()}”. Add it: it begins with the figures of one that is like it.`
              : t`None yet. Open a plant and change a figure, or add one of your own.`}
          </Txt>
        </Card>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {rows.map((plant) => (
          <View key={plant.id} style={{ width: wide ? "49.2%" : "100%" }}>
            <PlantRow plant={plant} liked={favourites.includes(plant.id)} />
          </View>
        ))}
      </View>
    </Screen>
  );
}

/** One plant, with the oil that it has. */
function PlantRow({ plant, liked }: { plant: KnownPlant; liked: boolean }) {
  const units = useUnits();
  return (
    <Row
      href={`/bench/plants/${plant.id}`}
      title={liked ? `${plant.name} ★` : plant.name}
      detail={`${plant.part} · ${methodInList[plant.preferredMethod]}`}
      end={
        <View className="items-end">
          <Txt variant="strong" className="text-oil-ink">
            {contents(plant, units)}
          </Txt>
          <Txt variant="small">
            {plant.ownFigures.length > 0 ? t`${yieldUnit(units)}, yours` : yieldUnit(units)}
          </Txt>
        </View>
      }
    />
  );
}

const whichWords: { value: Which; label: string }[] = [
  { value: "all", label: t`All` },
  ...plantGroups.map(({ id, label }) => ({ value: id, label })),
  { value: "own", label: t`With own figures` },
  { value: "favourites", label: t`Favourites` },
];

function contents({ states }: KnownPlant, units: UnitSystem): string {
  const figures = states.fresh ?? states.wilted ?? states.dried;
  return figures ? yieldRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high, units) : "–";
}
