import { useEffect, useState } from "react";
import type { Goes } from "@/exchange/labels/labelBlocks";
import type { LaidOut } from "@/exchange/labels/layoutLabel";
import { sheetNames, sheets, type SheetName } from "@/exchange/labels/sheets";

/* What no bottle goes without; a mark, a line of what it is made of and long words of caution are extra. */
const needed: readonly Goes[] = ["botanical", "volume", "made", "qr", "cautions"];

/** Sheets of one paper, the one with the smallest labels first; neck tags are for those who ask. */
function sheetsBySize(paper: "a4" | "letter"): SheetName[] {
  return sheetNames
    .filter((name) => name.startsWith(paper) && !name.endsWith("tags"))
    .sort((a, b) => areaOf(a) - areaOf(b));
}

const areaOf = (name: SheetName) => sheets[name].width * sheets[name].height;

/** Whether a label has all that no bottle goes without. */
function hasAllNeeded({ leftOut, shortened }: LaidOut): boolean {
  return !shortened && !leftOut.some((part) => needed.includes(part));
}

/**
 * The sheet with the smallest labels on which all that is needed fits, found between drawings; the largest where
 * none takes it all. While it is being looked for, the one that was proposed before stands.
 * @param layout a label's layout in a size, mm, for each of the bottles
 */
export function useProposedSheet(
  paper: "a4" | "letter",
  layout: readonly ((widthMm: number, heightMm: number) => LaidOut)[],
): { proposed: SheetName; looking: boolean } {
  const names = sheetsBySize(paper);
  const [found, setFound] = useState<{ name: SheetName; of?: typeof layout }>({
    name: names[1] ?? names[0]!,
  });
  useEffect(() => {
    const tried = sheetsBySize(paper);
    let at = 0;
    let label = 0;
    let timer: ReturnType<typeof setTimeout>;
    const step = () => {
      const name = tried[at]!;
      const make = layout[label];
      if (!make || at === tried.length - 1) return setFound({ name, of: layout });
      if (hasAllNeeded(make(sheets[name].width, sheets[name].height))) label += 1;
      else [at, label] = [at + 1, 0];
      timer = setTimeout(step, 0);
    };
    if (layout.length > 0) timer = setTimeout(step, 0);
    return () => clearTimeout(timer);
  }, [paper, layout]);
  return { proposed: found.name, looking: layout.length > 0 && found.of !== layout };
}
