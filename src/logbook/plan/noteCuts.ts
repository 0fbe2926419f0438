import { usualCuts } from "@/core/plan/notes";
import type { PlanDraft } from "@/records/planDraft";

/* No jar is less than so much of the oil. */
const least = { atEnds: 0.02, between: 0.05 };

/** The two cuts of a draft's notes, shares of the oil: as it says where that can be read, else as usual. */
export function noteCutsOf({
  headsText,
  tailsText,
}: Pick<PlanDraft, "headsText" | "tailsText">): [number, number] {
  const [first, last] = [headsText, tailsText].map((text, i) => {
    const share = Number(text);
    return text.trim() && Number.isFinite(share) ? share : usualCuts[i]!;
  }) as [number, number];
  return withCut(withCut([first, last], 0, first), 1, last);
}

/** Two cuts with one of them moved: the other gives way only as far as it must. */
export function withCut(
  [first, last]: readonly [number, number],
  which: number,
  share: number,
): [number, number] {
  const { atEnds, between } = least;
  if (which === 0) {
    const moved = Math.min(1 - atEnds - between, Math.max(atEnds, share));
    return [moved, Math.max(last, moved + between)];
  }
  const moved = Math.min(1 - atEnds, Math.max(atEnds + between, share));
  return [Math.min(first, moved - between), moved];
}
