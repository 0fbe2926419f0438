import { guessedChance, oddOf, preferredChance, rightNeeded } from "@/core/learn/triangle";
import type { Sniff, SniffRound } from "@/records/sniff";

/** Where a blind sniff stands. */
export interface SniffSoFar {
  /** Rounds that were answered, and right. */
  answered: number;
  right: number;
  /** How likely so many right are guessed. */
  guessed: number;
  /** The fewest right that would be more than guessing; null while there are too few rounds. */
  needed: number | null;
  /** In rounds that were right: how often each was liked more, and how likely that is chance. */
  liked: { a: number; b: number; chance: number };
  /** The round under way. */
  open?: SniffRound;
}

/** Counts a blind sniff's rounds. What is liked counts only where the two were told apart. */
export function sniffSoFar({ rounds }: Pick<Sniff, "rounds">): SniffSoFar {
  const answered = rounds.filter(({ said }) => said !== undefined);
  const right = answered.filter(({ said, strips }) => oddOf(strips)?.code === said);
  const liked = { a: 0, b: 0 };
  for (const { strips, liked: which } of right) {
    const odd = oddOf(strips)!.of;
    const alike = odd === "a" ? "b" : "a";
    if (which === "odd") liked[odd] += 1;
    if (which === "alike") liked[alike] += 1;
  }
  const open = rounds.find(({ said }) => said === undefined);
  return {
    answered: answered.length,
    right: right.length,
    guessed: guessedChance(right.length, answered.length),
    needed: rightNeeded(answered.length),
    liked: { ...liked, chance: preferredChance(liked.a, liked.b) },
    ...(open ? { open } : {}),
  };
}
