import { useLocalSearchParams } from "expo-router";
import { useEffect, useMemo, useState } from "react";
import { View } from "react-native";
import { isoDay, readNumber, toInput } from "@/core";
import { download } from "@/exchange/download";
import { bottleLabel } from "@/exchange/labels/bottleLabel";
import type { LabelFonts } from "@/exchange/labels/labelFonts";
import { labelPdf } from "@/exchange/labels/labelPdf";
import { labelSvg } from "@/exchange/labels/labelSvg";
import { labelDesigns, type Goes, type LabelDesign } from "@/exchange/labels/layoutLabel";
import { fittedSheet, sheetNames, sheets, type SheetName } from "@/exchange/labels/sheets";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { LabelDrawing } from "./LabelDrawing";
import { labelFonts } from "./labelFontFiles";
import { gridFields, readGrid, typedGrid } from "./sheetForm";
import { svgToPng } from "./svgToPng";

const designWords: Record<LabelDesign, string> = {
  press: "Pressed",
  sprig: "Sprig",
  band: "Band",
  ledger: "Ledger",
};
const partWords: Record<Goes, string> = {
  mark: "the mark",
  madeOf: "what it is made of",
  botanical: "the botanical name",
  made: "the day it was made",
  volume: "the volume",
  longCautions: "the long words of caution",
  qr: "the code to scan",
  bestBy: "the best-by",
  cautions: "the cautions",
};

/* Cut out by hand, as large as the largest bottle chosen asks for. */
const fits = [
  { value: "fit-round-a4", shape: "round", paper: "a4", label: "A4: fitted to a round bottle" },
  { value: "fit-flat-a4", shape: "flat", paper: "a4", label: "A4: fitted to a flat bottle" },
  {
    value: "fit-round-letter",
    shape: "round",
    paper: "letter",
    label: "Letter: fitted to a round bottle",
  },
  {
    value: "fit-flat-letter",
    shape: "flat",
    paper: "letter",
    label: "Letter: fitted to a flat bottle",
  },
] as const;

/* More than this at once is a catalogue, and the preview would stand still. */
const mostListed = 60;

/** Labels for bottles: drawn live as they are edited, saved one by one or as sheets to print. */
export function LabelsScreen() {
  const { lot: lotId } = useLocalSearchParams<{ lot?: string }>();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const items = useShelved(new Date());
  const [fonts, setFonts] = useState<LabelFonts>();
  const [failed, setFailed] = useState<string>();
  const [choice, change] = useKept("labels", {
    design: "press",
    sheet: "a4-65",
    own: false,
    cutMarks: false,
    start: toInput(1, "one"),
    nudgeX: toInput(0, "one"),
    nudgeY: toInput(0, "one"),
    grid: typedGrid("a4-65"),
  });
  const listed = useMemo(
    () => (lotId ? items.filter(({ lot }) => lot.id === lotId) : items).slice(0, mostListed),
    [items, lotId],
  );
  const [unchecked, setUnchecked] = useState<ReadonlySet<string>>(new Set());
  const [name, setName] = useState("");
  const [madeOf, setMadeOf] = useState("");
  useEffect(() => {
    let current = true;
    labelFonts().then(
      (ready) => current && setFonts(ready),
      (error: unknown) => current && setFailed(String(error)),
    );
    return () => {
      current = false;
    };
  }, []);

  const design = labelDesigns.find((each) => each === choice.design) ?? "press";
  const sheetName = sheetNames.find((each) => each === choice.sheet) ?? "a4-65";
  const chosen = listed.filter(({ bottle }) => !unchecked.has(bottle.id));
  const fitted = fits.find(({ value }) => value === choice.sheet);
  const largestMl = Math.max(5, ...chosen.map(({ bottle }) => bottle.sizeMl));
  const grid = choice.own
    ? readGrid(choice.grid)
    : {
        ok: true as const,
        grid: fitted ? fittedSheet(largestMl, fitted.shape, fitted.paper) : sheets[sheetName],
      };
  const perSheet = grid.ok ? grid.grid.columns * grid.grid.rows : 1;
  const start = readNumber(choice.start, { name: "The first place", min: 1, max: perSheet });
  const nudge = (["nudgeX", "nudgeY"] as const).map((key) =>
    readNumber(choice[key], { name: "The nudge", min: -20, max: 20 }),
  );
  const own = {
    ...(name.trim() ? { name: name.trim() } : {}),
    ...(madeOf.trim() ? { madeOf: madeOf.trim() } : {}),
  };
  const labels =
    fonts && grid.ok
      ? chosen.map(({ bottle, lot }) =>
          bottleLabel(
            { bottle, lot, plant: book.byId(lot.plantId) },
            { design, widthMm: grid.grid.width, heightMm: grid.grid.height },
            fonts,
            units,
            own,
          ),
        )
      : [];
  const [first] = labels;
  const missing = [...new Set(labels.flatMap(({ leftOut }) => leftOut))];
  const ready = fonts && grid.ok && start.ok && nudge.every((each) => each.ok) && first;

  async function savePdf() {
    if (!fonts || !grid.ok || !start.ok) return;
    const [nudgeX = 0, nudgeY = 0] = nudge.map((each) => (each.ok ? each.value : 0));
    const pdf = await labelPdf(labels, grid.grid, fonts, {
      start: Math.round(start.value),
      nudgeX,
      nudgeY,
      cutMarks: choice.cutMarks,
    });
    await download(`sereno-labels-${isoDay(new Date())}.pdf`, pdf, "application/pdf");
  }
  async function saveOne(as: "svg" | "png") {
    if (!fonts || !first) return;
    const svg = labelSvg(first, fonts);
    const file = `sereno-label-${first.code}.${as}`;
    if (as === "svg") return download(file, svg, "image/svg+xml");
    const png = await svgToPng(svg, first.widthMm, first.heightMm);
    return download(file, png, "image/png");
  }
  const said = (task: () => Promise<void>) => {
    setFailed(undefined);
    task().catch((error: unknown) =>
      setFailed(error instanceof Error ? error.message : String(error)),
    );
  };

  return (
    <Screen
      title="Labels"
      back={lotId ? { href: `/shelf/${lotId}`, label: "Lot" } : { href: "/shelf", label: "Shelf" }}
      footer={
        <Button
          label={
            labels.length === 1 ? "Save one label as PDF" : `Save ${labels.length} labels as PDF`
          }
          disabled={!ready}
          onPress={() => said(savePdf)}
        />
      }
      aside={
        <>
          {failed ? (
            <Notice severity="error" message={`Not saved: ${failed}.`} remedy="Try again." />
          ) : null}
          {!fonts && !failed ? <Txt variant="small">Opening the type …</Txt> : null}
          {fonts && first ? (
            <Card className="gap-3 bg-line">
              <LabelDrawing
                label={first}
                fonts={fonts}
                inWords={`Label: ${first.items.flatMap((item) => (item.kind === "text" ? [item.text] : [])).join(" ")}${first.leftOut.includes("qr") ? "" : `, with a code to scan for ${first.code}`}`}
              />
            </Card>
          ) : null}
          {chosen.length === 0 ? (
            <Card>
              <Txt>Choose a bottle, and its label stands here.</Txt>
            </Card>
          ) : null}
          {missing.length > 0 ? (
            <Notice
              severity="note"
              message={`No room at a size that can be read: ${missing.map((part) => partWords[part]).join(", ")}.`}
              remedy="A larger label takes it."
            />
          ) : null}
          {labels.some(({ shortened }) => shortened) ? (
            <Notice
              severity="caution"
              message="The name is longer than this label: it is cut short."
              remedy="Give it a shorter name below, or a larger label."
            />
          ) : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              look="quiet"
              size="small"
              label="This one as SVG"
              disabled={!ready}
              onPress={() => said(() => saveOne("svg"))}
            />
            <Button
              look="quiet"
              size="small"
              label="This one as PNG"
              disabled={!ready}
              onPress={() => said(() => saveOne("png"))}
            />
          </View>
          <Txt variant="small">
            Print at 100 %, not fitted to the page. Sold or given to others, what has to stand on a
            label is regulated in most places: ask the office for trade standards where you live.
          </Txt>
        </>
      }
    >
      <Choice
        label="Design"
        shown
        options={labelDesigns.map((value) => ({ value, label: designWords[value] }))}
        value={design}
        onChange={(next) => change({ design: next })}
      />
      <Select
        label="Sheet"
        options={[
          ...sheetNames.map((value) => ({ value: value as string, label: sheetLabel(value) })),
          ...fits.map(({ value, label }) => ({ value: value as string, label })),
          { value: "own", label: "A grid of my own" },
        ]}
        value={choice.own ? "own" : (fitted?.value ?? sheetName)}
        onChange={(next) =>
          next === "own"
            ? change({ own: true, grid: typedGrid(sheetName) })
            : change({ own: false, sheet: next })
        }
      />
      {choice.own ? (
        <Card className="gap-3">
          <View className="flex-row flex-wrap gap-3">
            {gridFields.map(({ name: field, label, suffix }) => (
              <View key={field} className="min-w-[45%] flex-1">
                <NumberField
                  label={label}
                  value={choice.grid[field]}
                  choices={[]}
                  suffix={suffix}
                  onChange={(next) => change({ grid: { ...choice.grid, [field]: next } })}
                />
              </View>
            ))}
          </View>
          {grid.ok ? null : <Notice severity="caution" message={grid.problem} />}
        </Card>
      ) : null}
      <View className="flex-row gap-3">
        <NumberField
          label="First label goes to place"
          value={choice.start}
          choices={[]}
          onChange={(next) => change({ start: next })}
          problem={start.ok ? undefined : start.problem}
        />
        <NumberField
          label="Nudge right"
          value={choice.nudgeX}
          choices={[]}
          suffix="mm"
          onChange={(next) => change({ nudgeX: next })}
          problem={nudge[0]?.ok === false ? nudge[0].problem : undefined}
        />
        <NumberField
          label="Nudge down"
          value={choice.nudgeY}
          choices={[]}
          suffix="mm"
          onChange={(next) => change({ nudgeY: next })}
          problem={nudge[1]?.ok === false ? nudge[1].problem : undefined}
        />
      </View>
      <Check
        label="Cut marks at the corners"
        checked={choice.cutMarks}
        onChange={(cutMarks) => change({ cutMarks })}
      />
      <Card className="gap-3">
        <TextField
          label="Another name"
          value={name}
          onChange={setName}
          placeholder="as the lot is called"
        />
        <TextField
          label="Another line of what it is made of"
          value={madeOf}
          onChange={setMadeOf}
          placeholder="its part, distilled with water, nothing added"
        />
      </Card>
      <View>
        <Txt variant="heading">Bottles</Txt>
        {listed.map(({ bottle, lot, name: called }) => (
          <Check
            key={bottle.id}
            label={`${called} ${lotWords(lot)}, ${bottle.code}`}
            checked={!unchecked.has(bottle.id)}
            onChange={(on) =>
              setUnchecked((before) => {
                const next = new Set(before);
                if (on) next.delete(bottle.id);
                else next.add(bottle.id);
                return next;
              })
            }
          />
        ))}
        {listed.length === 0 ? <Txt>There is no bottle that is not empty.</Txt> : null}
        {!lotId && items.length > mostListed ? (
          <Txt variant="small">{`The first ${mostListed} of ${items.length}. Open a lot for its own.`}</Txt>
        ) : null}
      </View>
    </Screen>
  );
}

function sheetLabel(name: SheetName): string {
  const { width, height, columns, rows, pageHeight } = sheets[name];
  const paper = pageHeight === 297 ? "A4" : "Letter";
  const kind = name.endsWith("tags") ? "neck tags" : "labels";
  return `${paper}: ${columns * rows} ${kind}, ${width} × ${height} mm`;
}
