import { View } from "react-native";
import { isoDay } from "@/core";
import { bottlesCsv, runsCsv } from "@/exchange/csv";
import { handOver } from "@/exchange/download";
import { saveLogbookFile } from "@/exchange/saveLogbookFile";
import { summarise } from "@/logbook/run/runSummary";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { readable } from "@/store/openLogbook";
import { loadSamples } from "@/store/samples";
import {
  selectAllRecords,
  selectBottles,
  selectLots,
  selectRuns,
  selectUses,
} from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** Everything out: the whole logbook as a file, runs and bottles as tables. */
export function SaveCard() {
  const dispatch = useAppDispatch();
  const plantBook = usePlantBook();
  const records = useAppSelector(selectAllRecords);
  const runs = useAppSelector(selectRuns);
  const lots = useAppSelector(selectLots);
  const bottles = useAppSelector(selectBottles);
  const uses = useAppSelector(selectUses);
  const later = useAppSelector(({ keeping }) => keeping.later);
  const today = isoDay(new Date());
  return (
    <Card className="gap-3">
      <Txt variant="heading">Save</Txt>
      <Txt>
        The logbook lives in this browser. Save a file now and then, and before you clear or change
        the browser.
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          size="small"
          disabled={later > 0}
          label="Whole logbook"
          onPress={() =>
            void Promise.all([dispatch(loadSamples()).catch(() => []), dispatch(readable())]).then(
              ([samples, { records: stored, quarantined: setAside }]) =>
                saveLogbookFile({ records: [...stored, ...records], samples, setAside }),
            )
          }
        />
        <Button
          size="small"
          look="quiet"
          label="Runs as CSV"
          onPress={() =>
            void handOver(
              `sereno-runs-${today}.csv`,
              runsCsv(
                runs.map((run) => summarise(run, plantBook)),
                plantBook,
              ),
              "text/csv",
            )
          }
        />
        <Button
          size="small"
          look="quiet"
          label="Bottles as CSV"
          onPress={() =>
            void handOver(
              `sereno-bottles-${today}.csv`,
              bottlesCsv(bottles, lots, uses, plantBook),
              "text/csv",
            )
          }
        />
      </View>
      <Txt variant="small">
        The logbook file is JSON; what may stand in it is written in schema/sereno-logbook-1.json,
        which comes with the app.
      </Txt>
    </Card>
  );
}
