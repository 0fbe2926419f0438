import { isoDay } from "@/core/units/dates";
import { toCsv } from "./csv";
import { download } from "./download";

/** A drawing's figures as they are saved. */
export interface ChartFigures {
  name: string;
  columns: readonly string[];
  rows: readonly (readonly (string | number | undefined)[])[];
}

/** Saves a drawing as it stands on the screen: its colours and letters written into it. */
export function saveDrawing(svg: SVGElement, { name }: ChartFigures): Promise<void> {
  return download(fileName(name, "svg"), standAlone(svg), "image/svg+xml");
}

/** Saves what a drawing shows as a table. */
export function saveFigures({ name, columns, rows }: ChartFigures): Promise<void> {
  const named = rows.map((row) =>
    Object.fromEntries(columns.map((column, at) => [column, row[at]])),
  );
  return download(fileName(name, "csv"), toCsv(named, [...columns]), "text/csv");
}

const typeface: Readonly<Record<string, string>> = {
  Atkinson_400: "400",
  Atkinson_600: "600",
  Atkinson_700: "700",
};

function fileName(name: string, ending: string): string {
  return `sereno-${name.replaceAll(" ", "-")}-${isoDay(new Date())}.${ending}`;
}

/** A drawing that needs nothing of this page: the house's colours by value, its letters by their name. */
export function standAlone(svg: SVGElement): string {
  const style = getComputedStyle(svg);
  const copy = svg.cloneNode(true) as SVGElement;
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.removeAttribute("aria-hidden");
  copy.removeAttribute("style");
  for (const text of copy.querySelectorAll("[font-family]")) {
    const weight = typeface[text.getAttribute("font-family") ?? ""];
    if (!weight) continue;
    text.setAttribute("font-family", "'Atkinson Hyperlegible Next', sans-serif");
    text.setAttribute("font-weight", weight);
  }
  return copy.outerHTML.replaceAll(
    /var\((--[\w-]+)\)/g,
    (whole, name: string) => style.getPropertyValue(name).trim() || whole,
  );
}
