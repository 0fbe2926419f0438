import { isoDay } from "@/core/units/dates";
import { significant } from "@/core/units/format";
import { useEffect, useState } from "react";
import { View } from "react-native";
import { bottlesCsv, harvestsCsv, runsCsv, usesCsv } from "@/exchange/csv";
import { maxFileBytes } from "@/exchange/logbookFile";
import { handOver } from "@/exchange/download";
import { saveLogbookFile } from "@/exchange/saveLogbookFile";
import { plural, t } from "@/language/t";
import { summarise } from "@/logbook/run/runSummary";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { readable } from "@/store/openLogbook";
import { changePreferences } from "@/store/changes";
import { loadAttachments, sizeOfAttachments } from "@/store/attachments";
import { loadSamples } from "@/store/samples";
import {
  selectAllRecords,
  selectBottles,
  selectHarvests,
  selectLots,
  selectRuns,
  selectUses,
} from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Check } from "@/ui/primitives/Check";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/* The rest of a logbook has its place in the file too. */
const roomForRest = 0.8;

/** Everything out: the whole logbook as a file, runs, bottles, harvests and uses as tables. */
export function SaveCard() {
  const dispatch = useAppDispatch();
  const plantBook = usePlantBook();
  const records = useAppSelector(selectAllRecords);
  const runs = useAppSelector(selectRuns);
  const lots = useAppSelector(selectLots);
  const bottles = useAppSelector(selectBottles);
  const uses = useAppSelector(selectUses);
  const harvests = useAppSelector(selectHarvests);
  const later = useAppSelector(({ keeping }) => keeping.later);
  const [pictures, setPictures] = useState({ count: 0, bytes: 0 });
  const [withPictures, setWithPictures] = useState(true);
  useEffect(() => {
    void dispatch(sizeOfAttachments()).then(setPictures, () => undefined);
  }, [dispatch]);
  const tables = [
    {
      name: "runs",
      label: t`Runs as CSV`,
      text: () =>
        runsCsv(
          runs.map((run) => summarise(run, plantBook)),
          plantBook,
        ),
    },
    {
      name: "bottles",
      label: t`Bottles as CSV`,
      text: () => bottlesCsv(bottles, lots, uses, plantBook),
    },
    {
      name: "harvests",
      label: t`Harvests as CSV`,
      text: () => harvestsCsv(harvests, plantBook),
    },
    { name: "uses", label: t`Uses as CSV`, text: () => usesCsv(uses, bottles, lots, plantBook) },
  ];
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Save`}</Txt>
      <Txt>{t`The logbook lives in this browser. Save a file now and then, and before you clear or change the browser.`}</Txt>
      {pictures.count > 0 ? (
        <Check
          label={t`With ${plural(pictures.count, { one: "# picture or spoken note", other: "# pictures and spoken notes" })}`}
          reason={
            pictures.bytes > maxFileBytes * roomForRest
              ? t`They make the file ${significant(pictures.bytes / 1e6, 2)} MB larger: too large to be brought in again. Save without them, and keep them another way.`
              : t`They make the file ${significant(pictures.bytes / 1e6, 2)} MB larger.`
          }
          checked={withPictures}
          onChange={setWithPictures}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          size="small"
          disabled={later > 0}
          label={t`Whole logbook`}
          onPress={() =>
            void Promise.all([
              dispatch(loadSamples()).catch(() => []),
              withPictures ? dispatch(loadAttachments()).catch(() => []) : [],
              dispatch(readable()),
            ])
              .then(([samples, attachments, { records: stored, quarantined: setAside }]) =>
                saveLogbookFile({
                  records: [...stored, ...records],
                  samples,
                  attachments,
                  setAside,
                }),
              )
              .then(() => dispatch(changePreferences({ backedUpAt: new Date().toISOString() })))
          }
        />
        {tables.map(({ name, label, text }) => (
          <Button
            key={name}
            size="small"
            look="quiet"
            label={label}
            onPress={() =>
              void handOver(`sereno-${name}-${isoDay(new Date())}.csv`, text(), "text/csv")
            }
          />
        ))}
      </View>
      <Txt variant="small">{t`The logbook file is JSON. Its format is written in schema/sereno-logbook-1.json, which comes with the app.`}</Txt>
    </Card>
  );
}
