import { useLocalSearchParams } from "expo-router";
import {
  memo,
  startTransition,
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useOptimistic,
  useState,
} from "react";
import { View } from "react-native";
import { isoDay } from "@/core/units/dates";
import { deviceLanguage } from "@/core/units/language";
import { download } from "@/exchange/download";
import { bottleLabel } from "@/exchange/labels/bottleLabel";
import type { LabelFonts } from "@/exchange/labels/labelFonts";
import { labelDesigns, type LabelDesign } from "@/exchange/labels/labelItems";
import { labelPdf } from "@/exchange/labels/labelPdf";
import { labelSvg } from "@/exchange/labels/labelSvg";
import { t } from "@/language/t";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { selectTraceable, useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { oilParts } from "@/logbook/shelf/oilParts";
import { namesOnLabel } from "@/logbook/shelf/ownersOf";
import { lotWords } from "@/words/lotWords";
import { labelFonts } from "./labelFontFiles";
import { LabelPreview } from "./LabelPreview";
import { readSheet, usualSheet } from "./sheetChoice";
import { SheetFields } from "./SheetFields";
import { svgToPng } from "./svgToPng";
import { useLeftOut } from "./useLeftOut";
import { useProposedSheet } from "./useProposedSheet";

const designWords: Record<LabelDesign, string> = {
  press: t`Pressed`,
  sprig: t`Sprig`,
  band: t`Band`,
  ledger: t`Ledger`,
};

/** Letter in the United States and Canada, A4 elsewhere. */
function paperOf(language: string): "a4" | "letter" {
  return /[-_](US|CA|MX|PH)\b/i.test(language) ? "letter" : "a4";
}

/* A tick draws its own line with the tap; the sheet and its preview follow when the page has a moment. */
const Wanted = memo(function Wanted({
  id,
  label,
  checked,
  onChange,
}: {
  id: string;
  label: string;
  checked: boolean;
  onChange: (id: string, on: boolean) => void;
}) {
  const [shown, show] = useOptimistic(checked);
  return (
    <Check
      label={label}
      checked={shown}
      onChange={(on) =>
        startTransition(() => {
          show(on);
          onChange(id, on);
        })
      }
    />
  );
});

const noMaker = { name: "", address: "" };

/* More than this at once is a catalogue. */
const mostListed = 60;

/** Labels for bottles: drawn live as they are edited, saved one by one or as sheets to print. */
export function LabelsScreen() {
  const { lot: lotId } = useLocalSearchParams<{ lot?: string }>();
  const book = usePlantBook();
  const { units, maker = noMaker } = useAppSelector(selectPreferences);
  const dispatch = useAppDispatch();
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const items = useShelved(new Date());
  const [fonts, setFonts] = useState<LabelFonts>();
  const [failed, setFailed] = useState<string>();
  const [choice, change] = useKept("labels", {
    design: "press",
    forSale: false,
    ...usualSheet(units),
  });
  const [{ name, madeOf, without }, say] = useKept(`labels/${lotId ?? "all"}`, {
    name: "",
    madeOf: "",
    /* Bottles whose labels are not wanted, by id. */
    without: "",
  });
  const unwanted = useMemo(() => new Set(without.split(" ")), [without]);
  const listed = useMemo(
    () => (lotId ? items.filter(({ lot }) => lot.id === lotId) : items).slice(0, mostListed),
    [items, lotId],
  );
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

  const want = useCallback(
    (id: string, on: boolean) =>
      say(({ without: now }) => {
        const others = now.split(" ").filter((each) => each !== id);
        return { without: (on ? others : [...others, id]).join(" ") };
      }),
    [say],
  );

  const shelf = useAppSelector(selectTraceable);
  const { forSale } = choice;
  const design = labelDesigns.find((each) => each === choice.design) ?? "press";
  const chosen = useMemo(
    () => listed.filter(({ bottle }) => !unwanted.has(bottle.id)),
    [listed, unwanted],
  );
  /* A tick is answered at once; what is laid out anew follows. */
  const laid = useDeferredValue(chosen);
  const inSize = useMemo(() => {
    if (!fonts) return [];
    const own = {
      ...(name.trim() ? { name: name.trim() } : {}),
      ...(madeOf.trim() ? { madeOf: madeOf.trim() } : {}),
    };
    return laid.map(({ bottle, lot }) => (widthMm: number, heightMm: number) => {
      const ownerNames = namesOnLabel(lot, runs, harvests);
      const parts = oilParts(lot, shelf, book);
      const what = {
        ...{ bottle, lot, plant: book.byId(lot.plantId), ownerNames, parts },
        ...(forSale ? { maker } : {}),
      };
      return bottleLabel(what, { design, widthMm, heightMm }, fonts, units, own);
    });
  }, [fonts, name, madeOf, design, laid, book, units, runs, harvests, shelf, forSale, maker]);
  const proposed = useProposedSheet(paperOf(deviceLanguage()), inSize);
  const sheet = readSheet(
    choice,
    Math.max(0, ...laid.map(({ bottle }) => bottle.sizeMl)),
    proposed,
  );
  const [width, height] = [sheet.grid?.width, sheet.grid?.height];
  const layouts = useMemo(
    () =>
      width === undefined || height === undefined
        ? []
        : inSize.map((layout) => () => layout(width, height)),
    [inSize, width, height],
  );
  const first = useMemo(() => layouts[0]?.(), [layouts]);
  const leftOut = useLeftOut(layouts);
  const ready = first !== undefined && Object.keys(sheet.problems).length === 0;

  async function savePdf() {
    const { grid, start = 1, nudgeX = 0, nudgeY = 0 } = sheet;
    if (!fonts || !grid) return;
    const { cutMarks } = choice;
    const options = { start, nudgeX, nudgeY, cutMarks };
    const labels = layouts.map((layout) => layout());
    const pdf = await labelPdf(labels, grid, fonts, options);
    await download(`sereno-labels-${isoDay(new Date())}.pdf`, pdf, "application/pdf");
  }
  async function saveOne(as: "svg" | "png") {
    if (!fonts || !first) return;
    const svg = labelSvg(first, fonts);
    const file = `sereno-label-${first.code}.${as}`;
    if (as === "svg") return download(file, svg, "image/svg+xml");
    return download(file, await svgToPng(svg, first.widthMm, first.heightMm), "image/png");
  }
  const saying = (task: Promise<void>) => {
    setFailed(undefined);
    task.catch((error: unknown) =>
      setFailed(error instanceof Error ? error.message : String(error)),
    );
  };

  return (
    <Screen
      title={t`Labels`}
      back={
        lotId ? { href: `/shelf/${lotId}`, label: t`Lot` } : { href: "/shelf", label: t`Shelf` }
      }
      footer={
        <Button
          label={
            chosen.length === 1 ? t`Save one label as PDF` : t`Save ${chosen.length} labels as PDF`
          }
          disabled={!ready}
          onPress={() => saying(savePdf())}
        />
      }
      aside={
        <>
          {failed ? (
            <Notice severity="error" message={t`Not done: ${failed}.`} remedy={t`Try again.`} />
          ) : null}
          <LabelPreview
            fonts={fonts}
            opening={!fonts && !failed}
            label={first}
            chosen={chosen.length}
            leftOut={leftOut}
            onSave={(as) => saying(saveOne(as))}
          />
        </>
      }
    >
      <Choice
        label={t`Design`}
        shown
        options={labelDesigns.map((value) => ({ value, label: designWords[value] }))}
        value={design}
        onChange={(next) => change({ design: next })}
      />
      <SheetFields
        units={units}
        choice={choice}
        proposed={proposed}
        problems={sheet.problems}
        onChange={change}
      />
      <Card className="gap-3">
        <TextField
          label={t`Another name`}
          value={name}
          onChange={(next) => say({ name: next })}
          placeholder={t`as the lot is called`}
        />
        <TextField
          label={t`Another line of what it is made of`}
          value={madeOf}
          onChange={(next) => say({ madeOf: next })}
          placeholder={t`its part, distilled with water, nothing added`}
        />
        <Check
          label={t`For sale`}
          reason={t`Names allergens above their usual limits, and who made it.`}
          checked={forSale}
          onChange={(on) => change({ forSale: on })}
        />
        {forSale ? (
          <>
            {(["name", "address"] as const).map((part) => (
              <TextField
                key={part}
                label={part === "name" ? t`Maker` : t`Address`}
                value={maker[part]}
                maxLength={200}
                onChange={(next) =>
                  dispatch(
                    changePreferences(({ maker: now = noMaker }) => ({
                      maker: { ...now, [part]: next },
                    })),
                  )
                }
              />
            ))}
            <Txt variant="small">{t`A draft from usual limits. Marks and all that a buyer has to be told stand on the lot’s page, under “If you sell it”. Have both checked.`}</Txt>
          </>
        ) : null}
      </Card>
      <View>
        <Txt variant="heading">{t`Bottles`}</Txt>
        {listed.map(({ bottle, lot, name: called }) => (
          <Wanted
            key={bottle.id}
            id={bottle.id}
            label={`${called} ${lotWords(lot)}, ${bottle.code}`}
            checked={!unwanted.has(bottle.id)}
            onChange={want}
          />
        ))}
        {listed.length === 0 ? <Txt>{t`There is no bottle that is not empty.`}</Txt> : null}
        {!lotId && items.length > mostListed ? (
          <Txt variant="small">{t`The first ${mostListed} of ${items.length}. Open a lot for its own.`}</Txt>
        ) : null}
      </View>
    </Screen>
  );
}
