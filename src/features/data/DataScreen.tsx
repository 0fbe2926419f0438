import { fixed } from "@/core/units/format";
import { useState } from "react";
import { View } from "react-native";
import { maxFileBytes, readLogbook, type ImportPreview } from "@/exchange/logbookFile";
import { plural, t } from "@/language/t";
import { chosenLogbook } from "@/storage/logbookChoice";
import { takeAside, takeIn } from "@/store/changes";
import { keepAttachments } from "@/store/attachments";
import { keepSamples } from "@/store/samples";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectAllRecords } from "@/store/selectors";
import { useDropped } from "@/exchange/useDropped";
import { Bin } from "./Bin";
import { Demonstration } from "./Demonstration";
import { OtherDevices } from "./OtherDevices";
import { PreviewSheet } from "./PreviewSheet";
import { SaveCard } from "./SaveCard";
import { SetAside } from "./SetAside";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";

/** Everything in and out: the whole logbook, tables, the bin, what would not open. */
export function DataScreen() {
  const dispatch = useAppDispatch();
  const records = useAppSelector(selectAllRecords);
  const [preview, setPreview] = useState<{ name: string; preview: ImportPreview }>();
  const [problem, setProblem] = useState<string>();
  const later = useAppSelector(({ keeping }) => keeping.later);

  async function choose(file: File) {
    setProblem(undefined);
    if (later > 0) return;
    if (file.size > maxFileBytes) {
      setProblem(
        t`${file.name} is ${fixed(file.size / 1048576, 0)} MB. A logbook is far smaller (${fixed(maxFileBytes / 1048576, 0)} MB at most): is it the right file?`,
      );
      return;
    }
    const read = readLogbook(await file.text(), records);
    if (read.ok) setPreview({ name: file.name, preview: read.preview });
    else setProblem(t`${file.name}: ${read.problem} Nothing was changed.`);
  }

  useDropped("/bench/data", (file) => void choose(file), later === 0);

  return (
    <Screen
      title={t`Data`}
      back={{ href: "/bench", label: t`Bench` }}
      aside={
        <>
          <Demonstration />
          <Bin />
        </>
      }
    >
      <SaveCard />
      <Card className="gap-3">
        <Txt variant="heading">{t`Bring in`}</Txt>
        <Txt>{t`A logbook file from here or another device. You see first what it would change. What either side noted is kept, whichever way round files are brought in.`}</Txt>
        {later > 0 ? (
          <Txt
            role="status"
            variant="label"
          >{t`Reading the logbook: ${plural(later, { one: "# record", other: "# records" })} to come.`}</Txt>
        ) : null}
        <View className="flex-row">
          <FileChoice
            label={t`Logbook file`}
            button={t`Choose a file`}
            accept=".json,application/json"
            size="small"
            onChoose={(file) => void choose(file)}
          />
        </View>
        {problem ? <Notice severity="error" message={problem} /> : null}
      </Card>
      {chosenLogbook() === "sereno" ? <OtherDevices /> : null}
      <SetAside />
      {preview ? (
        <PreviewSheet
          {...preview}
          onClose={() => setPreview(undefined)}
          onTake={({ added, changed, samples, attachments, setAside }) => {
            void dispatch(takeAside(setAside)).catch((error: unknown) =>
              setProblem(t`The file's unreadable texts were not stored: ${String(error)}`),
            );
            void dispatch(keepSamples(samples)).catch((error: unknown) =>
              setProblem(t`The instruments' samples were not stored: ${String(error)}`),
            );
            void dispatch(keepAttachments(attachments)).catch((error: unknown) =>
              setProblem(t`The pictures and spoken notes were not stored: ${String(error)}`),
            );
            const taken = [...added, ...changed];
            if (taken.length > 0)
              dispatch(
                takeIn(
                  t`${plural(taken.length, { one: "# record", other: "# records" })} brought in.`,
                  taken,
                ),
              );
            setPreview(undefined);
          }}
        />
      ) : null}
    </Screen>
  );
}
