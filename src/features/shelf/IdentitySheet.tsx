import { useState } from "react";
import type { Chromatogram } from "@/core/care/chromatogram";
import { judgeIdentity, type Measured } from "@/core/care/identity";
import { plainNumber } from "@/core/units/format";
import { readNumber, toInput, type NumberInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { chromatogramOf } from "@/exchange/chromatogramCsv";
import { t } from "@/language/t";
import { bookComposition } from "@/logbook/shelf/measuredOil";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { limits, type Limit } from "@/messages/limits";
import { newRecord } from "@/records/base";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { parseCsv } from "@/workers/csvClient";
import { couldBeWords, verdictOfIdentity } from "@/words/identityWords";

const figures = [
  { name: "densityGPerMl", label: t`Density, water is 1`, suffix: "", limit: limits.oilDensity },
  {
    name: "refractiveIndex",
    label: t`Refractive index`,
    suffix: "",
    limit: limits.refractiveIndex,
  },
  { name: "rotationDeg", label: t`Optical rotation`, suffix: "°", limit: limits.rotationDeg },
] as const satisfies readonly { name: string; label: string; suffix: string; limit: Limit }[];
const temperatures = [
  { name: "measuredAtC", label: t`Measured at`, limit: limits.roomC },
  { name: "freezingC", label: t`Freezing point`, limit: limits.freezingC },
] as const;
type Name = (typeof figures)[number]["name"] | (typeof temperatures)[number]["name"];
const rows: readonly { name: Name; label: string; limit: Limit }[] = [...figures, ...temperatures];
const smells = [
  { value: "same", label: t`The same` },
  { value: "weaker", label: t`Weaker` },
  { value: "other", label: t`Another` },
] as const;
const mostBytes = 2_000_000;

interface Props {
  lot: Lot;
  plant: KnownPlant;
  onClose: () => void;
}

/** What was measured of an oil, with what it comes to below at once. */
export function IdentitySheet({ lot, plant, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const [degrees = "C"] = unitsFor("temperature", units);
  const empty = toInput(undefined, "one");
  const [typed, change, forget] = useKept(`identity/${lot.id}`, {
    densityGPerMl: empty,
    refractiveIndex: empty,
    rotationDeg: empty,
    measuredAtC: toInput(undefined, degrees),
    freezingC: toInput(undefined, degrees),
    smell: "",
  });
  const [table, setTable] = useState<Chromatogram>();
  const [problem, setProblem] = useState<string>();
  const [tried, setTried] = useState(false);
  const read = rows.map((row) => ({ ...row, ...readTyped(typed[row.name], row) }));
  const problemOf = (name: Name) => read.find((each) => each.name === name)?.problem;
  const smell = smells.find(({ value }) => value === typed.smell)?.value;
  const told = Object.fromEntries(
    read.flatMap(({ name, value }) => (value === undefined ? [] : [[name, value]])),
  ) as Pick<Measured, Name>;
  const measured: Measured = { ...told, shares: table?.composition, smell };
  const nothing = Object.keys(told).every((name) => name === "measuredAtC") && !smell && !table;
  const identity = judgeIdentity(plant.like, bookComposition(plant), measured);

  async function choose(file: File) {
    setProblem(undefined);
    setTable(undefined);
    if (file.size > mostBytes) return setProblem(t`${file.name} is larger than 2 MB.`);
    try {
      setTable(chromatogramOf(await parseCsv(await file.text())));
    } catch (error) {
      setProblem(
        error instanceof RangeError
          ? t`${file.name} was not taken in. ${error.message}`
          : t`${file.name} was not taken in. It is no table of text.`,
      );
    }
  }

  function save() {
    setTried(true);
    if (nothing || read.some((each) => each.problem)) return;
    const now = new Date();
    const check: Check = {
      ...newRecord("check", now),
      lotId: lot.id,
      at: now.toISOString(),
      ...told,
      ...(smell ? { smellAgainst: smell } : {}),
      ...(table ? { shares: table.composition } : {}),
    };
    if (
      !dispatch(addNew([check], t`${lot.code} measured. ${verdictOfIdentity[identity.verdict]}`)).ok
    )
      return;
    forget();
    onClose();
  }

  return (
    <Sheet
      title={t`Measure it`}
      intro={t`${lot.code}: what you did not measure stays open.`}
      open
      onClose={onClose}
      onSubmit={save}
    >
      {figures.map(({ name, label, suffix }) => (
        <NumberField
          key={name}
          label={label}
          value={typed[name]}
          onChange={(next) => change({ [name]: next })}
          choices={[]}
          suffix={suffix}
          problem={problemOf(name)}
        />
      ))}
      {temperatures.map(({ name, label }) => (
        <NumberField
          key={name}
          label={label}
          value={typed[name]}
          onChange={(next) => change({ [name]: next })}
          choices={unitsFor("temperature", units)}
          problem={problemOf(name)}
        />
      ))}
      <Choice
        label={t`Smell beside an oil that is surely right`}
        shown
        options={[{ value: "", label: t`Not held beside one` }, ...smells]}
        value={smell ?? ""}
        onChange={(next) => change({ smell: next })}
      />
      <Txt variant="small">{t`A laboratory’s chromatogram as a table (CSV): one column of names, one of percent.`}</Txt>
      <FileChoice
        label={t`Chromatogram file`}
        button={table ? t`Another chromatogram` : t`Chromatogram from a file`}
        accept=".csv,text/csv,text/plain"
        size="small"
        onChoose={(file) => void choose(file)}
      />
      {problem ? <Notice answersPress severity="error" message={problem} /> : null}
      {table ? (
        <Txt role="status">
          {table.unmatched.length > 0
            ? t`${Object.keys(table.composition).length} compounds read; not known by name: ${table.unmatched.map(({ name, percent }) => `${name} (${plainNumber(percent)} %)`).join(", ")}.`
            : t`${Object.keys(table.composition).length} compounds read.`}
        </Txt>
      ) : null}
      {nothing ? (
        tried ? (
          <Notice severity="caution" message={t`Enter at least one figure, a smell or a file.`} />
        ) : null
      ) : (
        <Notice
          severity={identity.verdict === "out" ? "caution" : "note"}
          message={verdictOfIdentity[identity.verdict]}
          {...(identity.could.length > 0
            ? { remedy: identity.could.map((each) => couldBeWords(each, units)).join(" ") }
            : {})}
        />
      )}
      <Button label={t`Save what was measured`} onPress={save} />
    </Sheet>
  );
}

/* An empty field is no problem; a wrong one says which. */
function readTyped(
  input: NumberInput,
  { label, limit }: { label: string; limit: Limit },
): { value?: number; problem?: string } {
  if (input.text.trim() === "") return {};
  const read = readNumber(input, { name: label, ...limit });
  return read.ok ? { value: read.value } : { problem: read.problem };
}
