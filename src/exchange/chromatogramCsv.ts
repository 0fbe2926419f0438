import { readChromatogram, type Chromatogram, type Peak } from "@/core/care/chromatogram";
import type { ProbeTable } from "@/messages/probeTable";

/**
 * A laboratory's table as an oil's make-up: the column of names is the one with most letters, that of shares the one
 * headed by a percent sign, else by "area" or "share", else the last that is all numbers.
 * @throws RangeError with what is wrong and what to do
 */
export function chromatogramOf({ header, rows }: ProbeTable): Chromatogram {
  const columns = header.map((_, i) => rows.map((row) => row[i] ?? ""));
  const nameAt = best(
    columns.map((cells) => cells.filter((cell) => /[a-z]{3}/i.test(cell)).length),
  );
  const numeric = columns.map(
    (cells) => cells.filter((cell) => numberIn(cell) !== undefined).length,
  );
  const headed = (words: RegExp) =>
    header.findIndex((title, i) => i !== nameAt && words.test(title) && (numeric[i] ?? 0) > 0);
  /* Beside "Area %" stands the bare area, counts of a detector. */
  const [percentAt = -1] = [
    headed(/%|percent/i),
    headed(/area|share/i),
    lastBest(numeric, nameAt),
  ].filter((at) => at >= 0);
  if (percentAt < 0 || percentAt === nameAt)
    throw new RangeError(
      "No column of shares was found: a table needs a column of names and one of percent.",
    );
  const peaks = rows.flatMap((row): Peak[] => {
    const percent = numberIn(row[percentAt] ?? "");
    const name = (row[nameAt] ?? "").trim();
    return percent === undefined || percent <= 0 || !name || /^(total|sum)\b/i.test(name)
      ? []
      : [{ name, percent }];
  });
  return readChromatogram(peaks);
}

/* "12.3", "12,3", "<0.1" is none. */
function numberIn(cell: string): number | undefined {
  const text = cell.trim().replace(",", ".").replace(/\s*%$/, "");
  return /^\d+(\.\d+)?$/.test(text) ? Number(text) : undefined;
}

function best(counts: readonly number[]): number {
  return counts.indexOf(Math.max(...counts));
}

function lastBest(counts: readonly number[], not: number): number {
  const others = counts.map((count, i) => (i === not ? 0 : count));
  const most = Math.max(...others);
  return most > 0 ? others.lastIndexOf(most) : -1;
}
