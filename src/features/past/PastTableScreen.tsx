import { useRouter } from "expo-router";
import { useMemo, useRef, useState } from "react";
import { View } from "react-native";
import { noonOf, showDay } from "@/core/units/dates";
import { showMass, showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { guessPastColumns, pastFormOf, type PastMatch } from "@/exchange/pastTable";
import { useDropped } from "@/exchange/useDropped";
import { plural, t } from "@/language/t";
import { emptyPastForm, pastColumns, type PastColumn } from "@/logbook/past/pastForm";
import { readPastForm, type PastTold } from "@/logbook/past/readPastForm";
import type { ProbeTable } from "@/messages/probeTable";
import { enterPastRuns } from "@/store/acts/enterPastRuns";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectMeasures, selectPreferences, selectStills } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { pastColumnWords } from "@/words/pastWords";
import { parseCsv } from "@/workers/csvClient";
import { usualUnits } from "./usualUnits";
import { useToday } from "@/ui/useToday";

const mostBytes = 5 * 1024 * 1024;
const mostRows = 2000;
const shownRows = 12;

/** Many past runs from a table: its columns matched once, shown before they are taken in, undone in one step. */
export function PastTableScreen() {
  const [table, setTable] = useState<ProbeTable>();
  const [problem, setProblem] = useState<string>();

  async function choose(file: File) {
    setProblem(undefined);
    if (file.size > mostBytes)
      return setProblem(t`${file.name} is larger than 5 MB. Split it by years.`);
    try {
      const parsed = await parseCsv(await file.text());
      if (parsed.header.length < 2 || parsed.rows.length === 0)
        setProblem(t`${file.name} has no table: a header row and columns are needed.`);
      else if (parsed.rows.length > mostRows)
        setProblem(t`${file.name} has more than ${mostRows} rows. Split it by years.`);
      else setTable(parsed);
    } catch {
      setProblem(t`${file.name} could not be read as a table. Nothing was changed.`);
    }
  }

  useDropped("/runs/table", (file) => void choose(file));

  return (
    <Screen
      title={t`Past runs from a table`}
      back={{ href: "/runs/past", label: t`Enter a past run` }}
    >
      <Card className="gap-3">
        <Txt>{t`A CSV file with one run a row and the names of the columns in its first row. Day and plant are enough; a spreadsheet saves it as “CSV”.`}</Txt>
        {problem ? <Notice answersPress severity="error" message={problem} /> : null}
        <View className="flex-row">
          <FileChoice
            label={t`Table of past runs`}
            button={table ? t`Choose another file` : t`Choose a file`}
            accept=".csv,.tsv,.txt,text/csv"
            size="small"
            onChoose={(file) => void choose(file)}
          />
        </View>
      </Card>
      {table ? <Matched key={table.header.join("|")} table={table} /> : null}
    </Screen>
  );
}

/** The columns as they are matched, and what each row then says. */
function Matched({ table }: { table: ProbeTable }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const book = usePlantBook();
  const signature = table.header.join("|").slice(0, 2000);
  const [match, setMatch] = useState<PastMatch>(
    () => remembered(preferences.pastColumns?.[signature], table) ?? guessPastColumns(table),
  );
  const [refused, setRefused] = useState<string>();
  const entered = useRef(false);
  const today = useToday();
  const rows = useMemo(() => {
    const blank = emptyPastForm(today, usualUnits(preferences.units));
    return table.rows.map((row) => {
      const form = pastFormOf(table, row, match, { blank, book, stills });
      return readPastForm(form, { book, stills, measures, today });
    });
  }, [table, match, book, stills, measures, preferences.units, today]);
  const good = rows.flatMap(({ told }) => told ?? []);
  const bad = rows.flatMap(({ told, problems }, i) =>
    told ? [] : [{ row: i + 2, problem: Object.values(problems)[0] ?? t`It cannot be read.` }],
  );
  const columns = [
    { value: "", label: t`not in this table` },
    ...table.header.map((name) => ({ value: name, label: name })),
  ];

  function take() {
    if (entered.current) return;
    const kept = dispatch(enterPastRuns(good));
    if (!kept.ok) return setRefused(kept.problem);
    entered.current = true;
    dispatch(
      changePreferences({
        pastColumns: { ...preferences.pastColumns, [signature]: asTexts(match) },
      }),
    );
    router.replace("/runs");
  }

  return (
    <>
      <Card className="gap-3">
        <Txt variant="heading">{t`Match the columns`}</Txt>
        <View className="flex-row flex-wrap gap-3">
          {pastColumns.map((column) => (
            <View key={column} className="min-w-[150px] flex-1">
              <Select
                label={pastColumnWords[column]}
                options={columns}
                value={match.columns[column] ?? ""}
                onChange={(name) =>
                  setMatch({ ...match, columns: { ...match.columns, [column]: name || undefined } })
                }
              />
            </View>
          ))}
        </View>
        <Choice
          label={t`Days are written`}
          shown
          options={[
            { value: "day", label: t`Day first, 31/5/2026` },
            { value: "month", label: t`Month first, 5/31/2026` },
          ]}
          value={match.dayFirst ? "day" : "month"}
          onChange={(order) => setMatch({ ...match, dayFirst: order === "day" })}
        />
      </Card>
      {bad.length > 0 ? (
        <Notice
          severity="caution"
          message={t`${plural(bad.length, { one: "# row", other: "# rows" })} cannot be read. Row ${bad[0]!.row}: ${bad[0]!.problem}`}
          remedy={t`These are left out. Match the columns, or mend the file and choose it again.`}
        />
      ) : null}
      <View className="gap-2">
        <Txt variant="heading">{t`${plural(good.length, { one: "# run", other: "# runs" })} to take in`}</Txt>
        {good.slice(0, shownRows).map((told, i) => (
          <Row key={i} title={told.plant.name} detail={detailOf(told, preferences.units)} />
        ))}
        {good.length > shownRows ? (
          <Txt variant="small">{t`and ${good.length - shownRows} more`}</Txt>
        ) : null}
      </View>
      {refused ? (
        <Notice answersPress severity="error" message={t`Not saved: ${refused}.`} />
      ) : null}
      <Button
        label={t`Take in ${plural(good.length, { one: "# run", other: "# runs" })}`}
        disabled={good.length === 0}
        once
        onPress={take}
      />
    </>
  );
}

function detailOf({ day, massG, oilMl, hydrosolMl, still }: PastTold, units: UnitSystem): string {
  return [
    showDay(noonOf(day)),
    still.name,
    massG === undefined ? t`not weighed` : words(showMass(massG, units)),
    oilMl === undefined ? undefined : t`${words(showOil(oilMl))} oil`,
    hydrosolMl === undefined ? undefined : t`${words(showVolume(hydrosolMl, units))} hydrosol`,
  ]
    .filter(Boolean)
    .join(" · ");
}

/* Preferences keep texts only. */
function asTexts({ columns, dayFirst }: PastMatch): Record<string, string> {
  return {
    ...Object.fromEntries(Object.entries(columns).filter(([, name]) => name && name.length <= 200)),
    dayFirst: String(dayFirst),
  };
}

function remembered(
  texts: Record<string, string> | undefined,
  { header }: ProbeTable,
): PastMatch | undefined {
  if (!texts) return undefined;
  const columns = Object.fromEntries(
    pastColumns.flatMap((column: PastColumn) =>
      header.includes(texts[column] ?? "") ? [[column, texts[column]!]] : [],
    ),
  );
  return { columns, dayFirst: texts.dayFirst !== "false" };
}
