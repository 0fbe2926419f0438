import type { PartOfMix } from "@/core/plant/mixPlants";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { type AmountProblems, type AmountTyped, readAmount } from "@/logbook/plant/readAmount";

/** A mixed charge as read: each plant with its mass as its share, g; or what is wrong, part by part. */
export function readMix(
  typed: readonly AmountTyped[],
  book: PlantBook,
): { ok: true; parts: PartOfMix[] } | { ok: false; problems: AmountProblems[] } {
  const read = typed.map((part) => readAmount(part, book));
  const problems = read.map((part, at): AmountProblems => {
    if (!part.ok) return part.problems;
    const first = read.findIndex(
      (each) => each.ok && each.plant.id === part.plant.id && each.state === part.state,
    );
    return first < at ? { plant: t`This plant is here twice. Put both weights on one line.` } : {};
  });
  if (read.length < 2 || problems.some(({ plant, mass }) => plant ?? mass))
    return { ok: false, problems };
  return {
    ok: true,
    parts: read.flatMap((part) =>
      part.ok ? [{ plant: part.plant, state: part.state, share: part.massG }] : [],
    ),
  };
}
