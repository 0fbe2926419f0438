import { useDeferredValue, useEffect, useMemo, useState } from "react";
import type { UnitSystem } from "@/core/units/units";
import { deviceLanguage } from "@/core/units/language";
import { bottleLabel } from "@/exchange/labels/bottleLabel";
import type { LabelFonts } from "@/exchange/labels/labelFonts";
import type { LabelDesign } from "@/exchange/labels/labelItems";
import type { Shelved } from "@/logbook/shelf/shelf";
import { oilParts } from "@/logbook/shelf/oilParts";
import { namesOnLabel } from "@/logbook/shelf/ownersOf";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectRuns } from "@/store/selectors";
import { selectTraceable } from "@/store/stock";
import type { noMaker } from "./LabelWords";
import { labelFonts } from "./labelFontFiles";
import { readSheet, smallest, type SheetChoice } from "./sheetChoice";
import { nothingLeftOut, useLeftOut } from "./useLeftOut";
import { useProposedSheet } from "./useProposedSheet";

/** Letter in the United States and Canada, A4 elsewhere. */
function paperOf(language: string): "a4" | "letter" {
  return /[-_](US|CA|MX|PH)\b/i.test(language) ? "letter" : "a4";
}

/** The letters that labels are set in, once they are read; or why they cannot be. */
export function useLabelFonts(): { fonts?: LabelFonts; unread?: string } {
  const [fonts, setFonts] = useState<LabelFonts>();
  const [unread, setUnread] = useState<string>();
  useEffect(() => {
    let current = true;
    labelFonts().then(
      (ready) => current && setFonts(ready),
      (error: unknown) => current && setUnread(String(error)),
    );
    return () => {
      current = false;
    };
  }, []);
  return { ...(fonts ? { fonts } : {}), ...(unread === undefined ? {} : { unread }) };
}

/**
 * The labels of the chosen bottles: the sheet that they go on, how each is set on it, the first one drawn, and what
 * found no room. `inSize` follows a tick when the page has a moment.
 */
export function useLabels(
  chosen: readonly Shelved[],
  fonts: LabelFonts | undefined,
  words: {
    name: string;
    madeOf: string;
    design: LabelDesign;
    units: UnitSystem;
    maker?: typeof noMaker;
  },
  choice: SheetChoice,
) {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const shelf = useAppSelector(selectTraceable);
  const { name, madeOf, design, units, maker } = words;
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
        ...(maker ? { maker } : {}),
      };
      return bottleLabel(what, { design, widthMm, heightMm }, fonts, units, own);
    });
  }, [fonts, name, madeOf, design, laid, book, units, runs, harvests, shelf, maker]);
  const { proposed, looking } = useProposedSheet(paperOf(deviceLanguage()), inSize);
  const largestMl = Math.max(0, ...laid.map(({ bottle }) => bottle.sizeMl));
  const sheet = readSheet(choice, largestMl, proposed);
  const [width, height] = [sheet.grid?.width, sheet.grid?.height];
  const layouts = useMemo(
    () =>
      width === undefined || height === undefined
        ? []
        : inSize.map((layout) => () => layout(width, height)),
    [inSize, width, height],
  );
  const first = useMemo(() => layouts[0]?.(), [layouts]);
  const found = useLeftOut(layouts);
  /* What a sheet leaves out that is about to be another one is nobody's concern. */
  const bySize = choice.sheet === smallest && !choice.own;
  const leftOut = looking && bySize ? nothingLeftOut : found;
  return { proposed, sheet, layouts, first, leftOut };
}
