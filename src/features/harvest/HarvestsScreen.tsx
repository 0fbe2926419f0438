import { noonOf, showDay } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { groupBy } from "@/logbook/shelf/shelf";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { findHarvests } from "@/logbook/harvest/findHarvests";
import { NewHarvestSheet } from "./NewHarvestSheet";

/* A season fits on a page; older ones are asked for. */
const pageSize = 60;
/* Fewer are seen at a glance. */
const manyHarvests = 6;

/** What was cut, year by year, and what of it still lies here. */
export function HarvestsScreen() {
  const router = useRouter();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const [adding, setAdding] = useState(false);
  const [most, setMost] = useKept("harvests/shown", pageSize);
  const [find, setFind] = useKept("harvests/find", "");
  const latestFirst = findHarvests(harvests, find, book).sort((a, b) =>
    b.cutOn.localeCompare(a.cutOn),
  );
  const years = groupBy(latestFirst.slice(0, most), ({ cutOn }) => cutOn.slice(0, 4));
  return (
    <Screen
      title="Harvests"
      back={{ href: "/", label: "Today" }}
      actions={
        <Button
          look="quiet"
          size="small"
          label="The plants’ year"
          onPress={() => router.push("/harvests/calendar")}
        />
      }
      footer={<Button label="Note a harvest" opens onPress={() => setAdding(true)} />}
    >
      {harvests.length === 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">Nothing cut yet</Txt>
          <Txt>
            What is cut, when, where and in which weather explains what came of it a year later.
            Note it here before the first charge, weigh it again as it wilts, and the plan takes it
            as it lies.
          </Txt>
        </Card>
      ) : null}
      {harvests.length > manyHarvests ? (
        <TextField
          label="Find"
          shortcut="/"
          value={find}
          onChange={setFind}
          placeholder="plant, place, whose, year"
        />
      ) : null}
      {harvests.length > 0 && latestFirst.length === 0 ? (
        <Txt role="status">{`No harvest matches “${find.trim()}”.`}</Txt>
      ) : null}
      {[...years].map(([year, those]) => (
        <View key={year} className="gap-2">
          <Txt variant="heading">{year}</Txt>
          {those.map((harvest) => {
            const left = harvestLeftG(harvest, runs);
            const { state } = harvestNow(harvest, runs, book);
            return (
              <Row
                key={harvest.id}
                href={`/harvests/${harvest.id}`}
                title={book.byId(harvest.plantId)?.name ?? harvest.plantId}
                detail={[
                  showDay(noonOf(harvest.cutOn)),
                  words(showMass(harvest.massG, units)),
                  state,
                  harvest.place,
                ]
                  .filter(Boolean)
                  .join(" · ")}
                end={
                  left > 0 ? (
                    <>
                      <Txt variant="strong">{words(showMass(left, units))}</Txt>
                      <Txt variant="small">waits</Txt>
                    </>
                  ) : undefined
                }
              />
            );
          })}
        </View>
      ))}
      {latestFirst.length > most ? (
        <Button
          look="quiet"
          label={`Show more of ${latestFirst.length}`}
          onPress={() => setMost(most + pageSize)}
        />
      ) : null}
      {adding ? <NewHarvestSheet onClose={() => setAdding(false)} /> : null}
    </Screen>
  );
}
