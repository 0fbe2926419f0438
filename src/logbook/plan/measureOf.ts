import type { Measure } from "@/records/measure";
import type { PlanDraft } from "@/records/planDraft";

/** The measures that are for a plant: weighed with it, or with no plant in particular. */
export function measuresFor(measures: readonly Measure[], plantId: string): Measure[] {
  return measures.filter((measure) => !measure.plantId || measure.plantId === plantId);
}

/** The measure a plan is counted in; undefined where it is weighed, or no measure is for its plant. */
export function measureOf(
  { massBy, measureId, harvestId }: PlanDraft,
  measures: readonly Measure[],
  plantId: string,
): Measure | undefined {
  if (massBy !== "measure" || harvestId) return undefined;
  const fit = measuresFor(measures, plantId);
  return fit.find(({ id }) => id === measureId) ?? fit[0];
}

/** The measure that a word means: by its name, or by one of its words, in the plural or not; a plant's own first. */
export function measureCalled(
  word: string,
  measures: readonly Measure[],
  plantId: string,
): Measure | undefined {
  const wanted = singular(word);
  const fit = measuresFor(measures, plantId).sort(
    (a, b) => Number(Boolean(b.plantId)) - Number(Boolean(a.plantId)),
  );
  return (
    fit.find(({ name }) => singular(name) === wanted) ??
    fit.find(({ name }) => name.split(/\s+/).some((part) => singular(part) === wanted))
  );
}

/** A word as a measure is named for one piece: "lemons" as "lemon", "bunches" as "bunch". */
export function singular(word: string): string {
  const [head = "", ...rest] = word
    .trim()
    .toLowerCase()
    .split(/\s+of\s+/);
  if (rest.length > 0) return [singular(head), ...rest].join(" of ");
  const bare = head;
  if (/(ch|sh|x|ss)es$/.test(bare)) return bare.slice(0, -2);
  if (/[^aeiou]ies$/.test(bare)) return `${bare.slice(0, -3)}y`;
  return /[^s]s$/.test(bare) ? bare.slice(0, -1) : bare;
}
