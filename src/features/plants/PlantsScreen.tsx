import { yieldRange, yieldUnit } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { useRouter } from "expo-router";
import { View } from "react-native";
import { methodWords } from "@/words/methodWords";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { usePlantBook, useUnits } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Row } from "@/ui/primitives/Row";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { beginningFirst } from "@/ui/beginningFirst";
import { useKept } from "@/ui/useKept";
import { groupOf, plantGroups, type PlantGroup } from "./plantGroups";

/** Every plant the person can distil: the catalogue's and their own. */
export function PlantsScreen() {
  const router = useRouter();
  const wide = useWide();
  const units = useUnits();
  const book = usePlantBook();
  const [find, setFind] = useKept("plants/find", "");
  const [group, setGroup] = useKept<PlantGroup | "all" | "own">("plants/group", "all");
  const wanted = find.trim().toLowerCase();
  const found = book.all.filter(
    (plant) =>
      (group === "all" ||
        (group === "own" ? plant.ownFigures.length > 0 : groupOf(plant) === group)) &&
      [plant.name, plant.botanicalName, plant.part].some((text) =>
        text.toLowerCase().includes(wanted),
      ),
  );
  const shown = beginningFirst(found, find, ({ name }) => name);
  return (
    <Screen
      title="Plants"
      back={{ href: "/bench", label: "Bench" }}
      actions={
        <>
          <Button
            label="Mix plants"
            look="quiet"
            size="small"
            onPress={() => router.push("/bench/plants/mix")}
          />
          <Button
            label="Add a plant"
            look="quiet"
            size="small"
            onPress={() => router.push("/bench/plants/new/figures")}
          />
        </>
      }
    >
      <TextField
        label="Find"
        shortcut="/"
        value={find}
        onChange={setFind}
        placeholder="name, botanical name or part"
      />
      <Choice
        label="Which plants"
        options={[
          { value: "all", label: `All ${book.all.length}` },
          ...plantGroups.map(({ id, label }) => ({ value: id, label })),
          { value: "own", label: "With own figures" },
        ]}
        value={group}
        onChange={setGroup}
      />
      {shown.length === 0 ? (
        <Card>
          <Txt>
            {wanted
              ? `No plant matches “${find.trim()}”. Add it: it begins with the figures of one that is like it.`
              : "None yet. Open a plant and change a figure, or add one of your own."}
          </Txt>
        </Card>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {shown.map((plant) => (
          <View key={plant.id} style={{ width: wide ? "49.2%" : "100%" }}>
            <Row
              href={`/bench/plants/${plant.id}`}
              title={plant.name}
              detail={`${plant.part} · ${methodWords[plant.preferredMethod].toLowerCase()}`}
              end={
                <View className="items-end">
                  <Txt variant="strong" className="text-oil-ink">
                    {contents(plant, units)}
                  </Txt>
                  <Txt variant="small">
                    {plant.ownFigures.length > 0 ? `${yieldUnit(units)}, yours` : yieldUnit(units)}
                  </Txt>
                </View>
              }
            />
          </View>
        ))}
      </View>
    </Screen>
  );
}

function contents({ states }: KnownPlant, units: UnitSystem): string {
  const figures = states.fresh ?? states.wilted ?? states.dried;
  return figures ? yieldRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high, units) : "–";
}
