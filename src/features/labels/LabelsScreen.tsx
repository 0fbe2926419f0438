import { useLocalSearchParams } from "expo-router";
import { labelDesigns, type LabelDesign } from "@/exchange/labels/labelItems";
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
import { useLabelFiles } from "./useLabelFiles";
import { useLabelFonts, useLabels } from "./useLabels";
import { mostListed, useWanted } from "./useWanted";
import { WantedBottles } from "./WantedBottles";
import { useToday } from "@/ui/useToday";

const designWords: Record<LabelDesign, string> = {
  press: t`Pressed`,
  sprig: t`Sprig`,
  band: t`Band`,
  ledger: t`Ledger`,
};

/** Labels for bottles: drawn live as they are edited, saved one by one or as sheets to print. */
export function LabelsScreen() {
  const { lot: lotId } = useLocalSearchParams<{ lot?: string }>();
  const { units, maker = noMaker } = useAppSelector(selectPreferences);
  const items = useShelved(useToday());
  const { fonts, unread } = useLabelFonts();
  const [choice, change] = useKept("labels", {
    design: "press",
    forSale: false,
    ...usualSheet(units),
  });
  const { said, say, listed, chosen, unwanted, want } = useWanted(lotId, items);
  const { name, madeOf } = said;
  const design = labelDesigns.find((each) => each === choice.design) ?? "press";
  const { proposed, sheet, layouts, first, leftOut } = useLabels(
    chosen,
    fonts,
    { name, madeOf, design, units, ...(choice.forSale ? { maker } : {}) },
    choice,
  );
  const ready = first !== undefined && Object.keys(sheet.problems).length === 0;

  const saving = useLabelFiles({ fonts, sheet, layouts, first, cutMarks: choice.cutMarks });
  const failed = saving.problem ?? unread;

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
          onPress={saving.all}
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
        <Notice
          answersPress
          severity="error"
          message={t`Not done: ${failed}.`}
          remedy={t`Try again.`}
        />
      ) : null}
      <LabelPreview
        fonts={fonts}
        opening={!fonts && !failed}
        label={first}
        chosen={chosen.length}
        leftOut={leftOut}
        onSave={saving.one}
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
