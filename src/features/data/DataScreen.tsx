import { useRef, useState } from "react";
import { View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { isoDay, showDayOfYear, fixed, counted } from "@/core";
import { bottlesCsv, runsCsv } from "@/exchange/csv";
import { handOver } from "@/exchange/download";
import { maxFileBytes, readLogbook, type ImportPreview } from "@/exchange/logbookFile";
import { saveLogbookFile } from "@/exchange/saveLogbookFile";
import { nameOf } from "@/words/nameOf";
import { summarise } from "@/logbook/run/runSummary";
import { chosenLogbook, switchLogbook } from "@/storage/logbookChoice";
import { bringBack, discardQuarantined, takeAside, takeIn } from "@/store/changes";
import { readable } from "@/store/openLogbook";
import { keepSamples, loadSamples } from "@/store/samples";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import {
  selectAllRecords,
  selectBin,
  selectBottles,
  selectLots,
  selectRuns,
  selectUses,
} from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";

/** Everything in and out: the whole logbook, tables, the bin, what would not open. */
export function DataScreen() {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const records = useAppSelector(selectAllRecords);
  const runs = useAppSelector(selectRuns);
  const lots = useAppSelector(selectLots);
  const bottles = useAppSelector(selectBottles);
  const uses = useAppSelector(selectUses);
  const binned = useAppSelector(selectBin);
  const quarantined = useAppSelector(({ keeping }) => keeping.quarantined);
  const [preview, setPreview] = useState<{ name: string; preview: ImportPreview }>();
  const [problem, setProblem] = useState<string>();
  const later = useAppSelector(({ keeping }) => keeping.later);
  const today = isoDay(new Date());
  const demo = chosenLogbook() === "sereno-demo";

  async function choose(file: File | undefined) {
    setProblem(undefined);
    if (!file || later > 0) return;
    if (file.size > maxFileBytes) {
      setProblem(
        `${file.name} is ${fixed(file.size / 1048576, 0)} MB. A logbook is far smaller (48 MB at most): is it the right file?`,
      );
      return;
    }
    const read = readLogbook(await file.text(), records);
    if (read.ok) setPreview({ name: file.name, preview: read.preview });
    else setProblem(`${file.name}: ${read.problem} Nothing was changed.`);
  }

  return (
    <Screen
      title="Data"
      back={{ href: "/bench", label: "Bench" }}
      aside={
        <>
          <Card className="gap-3">
            <Txt variant="heading">{demo ? "Your own logbook" : "Demonstration"}</Txt>
            <Txt>
              {demo
                ? "This is the demonstration. Your own logbook is untouched."
                : "A made-up season at Vesper Croft, kept apart from your own logbook."}
            </Txt>
            <View className="flex-row">
              <Button
                look="quiet"
                size="small"
                label={demo ? "Leave the demonstration" : "Open the demonstration"}
                onPress={() => switchLogbook(demo ? "sereno" : "sereno-demo")}
              />
            </View>
          </Card>
          <View className="gap-2">
            <Txt variant="heading">Bin</Txt>
            {binned.length === 0 ? (
              <Card>
                <Txt>Empty. What you bin can be brought back for 30 days.</Txt>
              </Card>
            ) : null}
            {binned.slice(0, 50).map((record) => (
              <Row
                key={record.id}
                title={nameOf(record, plantBook)}
                detail={`binned ${showDayOfYear(new Date(record.deletedAt ?? 0))}`}
                end={
                  <Button
                    look="plain"
                    size="small"
                    label="Bring back"
                    hint={`Bring back ${nameOf(record, plantBook)}`}
                    onPress={() => dispatch(bringBack([record]))}
                  />
                }
              />
            ))}
          </View>
        </>
      }
    >
      <Card className="gap-3">
        <Txt variant="heading">Save</Txt>
        <Txt>
          The logbook lives in this browser. Save a file now and then, and before you clear or
          change the browser.
        </Txt>
        <View className="flex-row flex-wrap gap-2">
          <Button
            size="small"
            disabled={later > 0}
            label="Whole logbook"
            onPress={() =>
              void Promise.all([
                dispatch(loadSamples()).catch(() => []),
                dispatch(readable()),
              ]).then(([samples, { records: stored, quarantined: setAside }]) =>
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
      <Card className="gap-3">
        <Txt variant="heading">Bring in</Txt>
        <Txt>
          A logbook file from here or another device. You see first what it would change; the newest
          state of each record wins.
        </Txt>
        {later > 0 ? (
          <Txt
            role="status"
            variant="label"
          >{`Reading the logbook: ${counted(later, "record")} to come.`}</Txt>
        ) : null}
        <FileChoice onChoose={(file) => void choose(file)} />
        {problem ? <Notice severity="error" message={problem} /> : null}
      </Card>
      {quarantined.length > 0 ? (
        <View className="gap-2">
          <Txt variant="heading">Set aside</Txt>
          <Notice
            severity="caution"
            message="These stored texts would not open, and were put here word for word."
            remedy="Save them before you let them go; someone may mend them."
            action={{
              label: "Save them all",
              onPress: () =>
                void handOver(
                  `sereno-set-aside-${today}.json`,
                  JSON.stringify(quarantined, null, 1),
                  "application/json",
                ),
            }}
          />
          {quarantined.map(({ key, problem: fault }) => (
            <Row
              key={key}
              title={key}
              detail={fault}
              end={
                <Button
                  look="plain"
                  size="small"
                  label="Let go"
                  hint={`Let go ${key}`}
                  onPress={() => void dispatch(discardQuarantined(key))}
                />
              }
            />
          ))}
        </View>
      ) : null}
      {preview ? (
        <PreviewSheet
          {...preview}
          onClose={() => setPreview(undefined)}
          onTake={({ added, changed, samples, setAside }) => {
            void dispatch(takeAside(setAside)).catch((error: unknown) =>
              setProblem(`The file's unreadable texts were not stored: ${String(error)}`),
            );
            void dispatch(keepSamples(samples)).catch((error: unknown) =>
              setProblem(`The instruments' samples were not stored: ${String(error)}`),
            );
            const taken = [...added, ...changed];
            if (taken.length > 0) dispatch(takeIn(`${count(taken.length)} brought in.`, taken));
            setPreview(undefined);
          }}
        />
      ) : null}
    </Screen>
  );
}

function FileChoice({ onChoose }: { onChoose: (file: File | undefined) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <View className="flex-row">
      {unstable_createElement("input", {
        ref: input,
        type: "file",
        accept: ".json,application/json",
        "aria-label": "Logbook file",
        style: { display: "none" },
        onChange: (event: { target: HTMLInputElement }) => {
          onChoose(event.target.files?.[0]);
          event.target.value = "";
        },
      })}
      <Button
        size="small"
        look="quiet"
        label="Choose a file"
        onPress={() => input.current?.click()}
      />
    </View>
  );
}

interface PreviewProps {
  name: string;
  preview: ImportPreview;
  onClose: () => void;
  onTake: (preview: ImportPreview) => void;
}

function PreviewSheet({ name, preview, onClose, onTake }: PreviewProps) {
  const { added, changed, skipped, broken, samples, setAside } = preview;
  const something = added.length + changed.length + samples.length + setAside.length > 0;
  return (
    <Sheet title="What this file would do" intro={name} open onClose={onClose}>
      <Card className="gap-2">
        <Txt variant="strong">{`${count(added.length)} added`}</Txt>
        <Txt variant="small">{naming(added)}</Txt>
        <Txt variant="strong">{`${count(changed.length)} changed`}</Txt>
        <Txt variant="small">{naming(changed)}</Txt>
        <Txt variant="strong">{`${count(skipped.length)} skipped: the same or newer here`}</Txt>
        {samples.length > 0 ? (
          <Txt variant="small">{`${samples.length} stretches of instruments' samples`}</Txt>
        ) : null}
        {setAside.length > 0 ? (
          <Txt variant="small">{`${setAside.length} unreadable texts, to be set aside here too`}</Txt>
        ) : null}
      </Card>
      {broken.length > 0 ? (
        <Notice
          severity="caution"
          message={`${count(broken.length)} would not open and will be left out.`}
          remedy={broken.slice(0, 3).join(" · ")}
        />
      ) : null}
      <Button
        label={something ? "Bring in" : "Nothing to bring in"}
        disabled={!something}
        onPress={() => onTake(preview)}
      />
    </Sheet>
  );
}

function count(records: number): string {
  return counted(records, "record");
}

function naming(records: ImportPreview["added"]): string {
  const names = records.slice(0, 6).map((record) => nameOf(record));
  return records.length > 6
    ? `${names.join(", ")} and ${records.length - 6} more`
    : names.join(", ");
}
