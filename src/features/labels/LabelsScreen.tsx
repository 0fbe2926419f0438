import { useLocalSearchParams } from "expo-router";
import { useCallback, useMemo, useState } from "react";
import { isoDay } from "@/core/units/dates";
import { download } from "@/exchange/download";
import { labelDesigns, type LabelDesign } from "@/exchange/labels/labelItems";
import { labelPdf } from "@/exchange/labels/labelPdf";
import { labelSvg } from "@/exchange/labels/labelSvg";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { LabelPreview } from "./LabelPreview";
import { LabelWords, noMaker } from "./LabelWords";
import { usualSheet } from "./sheetChoice";
import { SheetFields } from "./SheetFields";
import { svgToPng } from "./svgToPng";
import { useLabelFonts, useLabels } from "./useLabels";
import { WantedBottles } from "./WantedBottles";

const designWords: Record<LabelDesign, string> = {
  press: t`Pressed`,
  sprig: t`Sprig`,
  band: t`Band`,
  ledger: t`Ledger`,
};

/* More than this at once is a catalogue. */
const mostListed = 60;

/** Labels for bottles: drawn live as they are edited, saved one by one or as sheets to print. */
export function LabelsScreen() {
  const { lot: lotId } = useLocalSearchParams<{ lot?: string }>();
  const { units, maker = noMaker } = useAppSelector(selectPreferences);
  const items = useShelved(new Date());
  const { fonts, unread } = useLabelFonts();
  const [unsaved, setUnsaved] = useState<string>();
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
  const want = useCallback(
    (id: string, on: boolean) =>
      say(({ without: now }) => {
        const others = now.split(" ").filter((each) => each !== id);
        return { without: (on ? others : [...others, id]).join(" ") };
      }),
    [say],
  );

  const chosen = useMemo(
    () => listed.filter(({ bottle }) => !unwanted.has(bottle.id)),
    [listed, unwanted],
  );
  const design = labelDesigns.find((each) => each === choice.design) ?? "press";
  const { proposed, sheet, layouts, first, leftOut } = useLabels(
    chosen,
    fonts,
    { name, madeOf, design, units, ...(choice.forSale ? { maker } : {}) },
    choice,
  );
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
  const failed = unsaved ?? unread;
  const saying = (task: Promise<void>) => {
    setUnsaved(undefined);
    task.catch((error: unknown) =>
      setUnsaved(error instanceof Error ? error.message : String(error)),
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
          <SheetFields
            units={units}
            choice={choice}
            proposed={proposed}
            problems={sheet.problems}
            onChange={change}
          />
          <LabelWords
            name={name}
            madeOf={madeOf}
            forSale={choice.forSale}
            maker={maker}
            onSay={say}
            onForSale={(forSale) => change({ forSale })}
          />
          <WantedBottles listed={listed} unwanted={unwanted} onChange={want} />
          {!lotId && items.length > mostListed ? (
            <Txt variant="small">{t`The first ${mostListed} of ${items.length}. Open a lot for its own.`}</Txt>
          ) : null}
        </>
      }
    >
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
      <Choice
        label={t`Design`}
        shown
        options={labelDesigns.map((value) => ({ value, label: designWords[value] }))}
        value={design}
        onChange={(next) => change({ design: next })}
      />
    </Screen>
  );
}
